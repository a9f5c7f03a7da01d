package velnik.core.forwarding;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** What a release leaves behind: forwards are born here, and nowhere else. */
public final class Releasing {
    private Releasing() {}

    /**
     * The site after it was released: pages that were part of no release have that moment as their first, and every
     * address by which visitors knew a page, and know it no longer, leads to that page. An address that was never public is
     * not remembered. O(pages).
     *
     * @param live what visitors saw until then
     */
    public static Site released(Site live, Site site, Instant moment) {
        Map<PageId, Instant> published = new HashMap<>(site.published());
        site.pages().walk().forEach(row -> published.putIfAbsent(row.id(), moment));
        return site.withPast(new Past(published, addresses(live, site)));
    }

    private static Map<String, PageId> addresses(Site live, Site site) {
        Map<PageId, String> now = known(site);
        Map<String, PageId> left = new HashMap<>(site.past().addresses());
        known(live).forEach((page, address) -> {
            if (!address.equals(now.get(page))) {
                left.put(address, page);
            }
        });
        return left;
    }

    /** The addresses by which visitors know pages; the home page's own is no page's for good. */
    static Map<PageId, String> known(Site site) {
        Map<PageId, String> known = new HashMap<>();
        collect(site.pages().top(), "", site.home(), known);
        return known;
    }

    private static void collect(
            List<Branch<PageId, Page>> pages, String above, @Nullable PageId home, Map<PageId, String> known) {
        for (Branch<PageId, Page> page : pages) {
            if (page.value().reach() != Reach.HELD_BACK) {
                String path = above + "/" + page.value().slug();
                if (!page.id().equals(home)) {
                    known.put(page.id(), path);
                }
                collect(page.children(), path, home, known);
            }
        }
    }
}
