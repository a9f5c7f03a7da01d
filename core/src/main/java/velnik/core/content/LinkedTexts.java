package velnik.core.content;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import velnik.core.outline.Branch;
import velnik.core.site.FileId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.TextHash;

/** Knows where the texts of a site lead and where in them links can lead; they are kept outside of it. */
public interface LinkedTexts {
    /** Where there are no texts. */
    LinkedTexts NONE = in(text -> "");

    /** Looks through a text whenever it is asked for it. */
    static LinkedTexts in(Function<TextHash, String> texts) {
        return new LinkedTexts() {
            @Override
            public Set<String> linksOf(TextHash text) {
                return Markdown.links(texts.apply(text));
            }

            @Override
            public List<TextPlace> placesOf(TextHash text) {
                return Markdown.places(texts.apply(text));
            }
        };
    }

    /** The destinations of a text's links, as {@link Markdown#links} finds them. */
    Set<String> linksOf(TextHash text);

    /** The places in a text that links can lead to, in its order. */
    List<TextPlace> placesOf(TextHash text);

    /** The places on a page that links can lead to. A group shows no text. */
    default List<TextPlace> places(Page page) {
        return page.text() == null || page.kind() != PageKind.PAGE ? List.of() : placesOf(page.text());
    }

    private Set<String> links(Page page) {
        return page.text() == null || page.kind() != PageKind.PAGE ? Set.of() : linksOf(page.text());
    }

    /** What a page's text links to of the pages of the site, some of which may be gone; itself, for places on it. */
    default List<LinkedPage> linked(Site site, Branch<PageId, Page> page) {
        return links(page.value()).stream()
                .flatMap(link -> link.startsWith("#")
                        ? Stream.of(new LinkedPage(page.id(), link))
                        : LinkedPage.of(link, site).stream())
                .toList();
    }

    /** The pages that a page's text links to, some of which may be gone. */
    default List<PageId> pages(Site site, Page page) {
        return links(page).stream()
                .flatMap(link -> LinkedPage.of(link, site).stream())
                .map(LinkedPage::page)
                .distinct()
                .toList();
    }

    /** The files that a page's text names, as pictures or by links. */
    default List<FileId> files(Site site, Page page) {
        return links(page).stream()
                .flatMap(link -> LinkedFile.of(link, site).stream())
                .map(LinkedFile::file)
                .distinct()
                .toList();
    }

    /** Whether a page's text has a place for what stands in texts. */
    default boolean hasPlaceFor(Standing standing, Page page) {
        return links(page).contains(standing.destination());
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
