package velnik.core.content;

import java.util.List;
import java.util.Set;
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
}
