package velnik.core.content;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import velnik.core.outline.Branch;
import velnik.core.site.FileId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.TextHash;

/** Knows where the texts of a site lead, which are kept outside of it. */
@FunctionalInterface
public interface LinkedTexts {
    /** Where there are no texts. */
    LinkedTexts NONE = text -> Set.of();

    /** The destinations of a text's links, as {@link Markdown#links} finds them. */
    Set<String> linksOf(TextHash text);

    /** The pages that a page's text links to, some of which may be gone. A group shows no text. */
    default List<PageId> pages(Site site, Page page) {
        return page.text() == null || page.kind() != PageKind.PAGE
                ? List.of()
                : linksOf(page.text()).stream()
                        .flatMap(link -> LinkedPage.of(link, site).stream())
                        .map(LinkedPage::page)
                        .distinct()
                        .toList();
    }

    /** The files that a page's text names, as pictures or by links. A group shows no text. */
    default List<FileId> files(Site site, Page page) {
        return page.text() == null || page.kind() != PageKind.PAGE
                ? List.of()
                : linksOf(page.text()).stream()
                        .flatMap(link -> LinkedFile.of(link, site).stream())
                        .map(LinkedFile::file)
                        .distinct()
                        .toList();
    }

    /** For each page that a text links to, the other pages whose texts do, in the order of the page tree. O(pages + links). */
    default Map<PageId, List<PageId>> linking(Site site) {
        Map<PageId, List<PageId>> linking = new HashMap<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            for (PageId page : pages(site, row.value())) {
                if (!page.equals(row.id())) {
                    linking.computeIfAbsent(page, none -> new ArrayList<>()).add(row.id());
                }
            }
        }
        return linking;
    }
}
