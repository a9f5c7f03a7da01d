package velnik.core.forwarding;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.listing.TopicListings;
import velnik.core.outline.Branch;
import velnik.core.site.Forward;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Past;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** What a release leaves behind: forwards are born here, and nowhere else. */
public final class Releasing {
    private Releasing() {}

    /**
     * The site after it was released: pages that were part of no release have that moment as their first, and every
     * address by which visitors knew a page or the listing of a topic, and know it no longer, leads to that. An address that
     * was never public is not remembered. O(pages).
     *
     * @param live what visitors saw until then
     */
    public static Site released(Site live, Site site, Instant moment) {
        Map<PageId, Instant> published = new HashMap<>(site.published());
        site.pages().walk().forEach(row -> published.putIfAbsent(row.id(), moment));
        Map<PageId, String> then = known(live);
        Map<PageId, String> now = known(site);
        Map<String, String> listings =
                left(site.past().listings(), knownListings(live, then), knownListings(site, now));
        Map<String, String> back = renamedBack(live, site);
        listings.replaceAll((address, topic) -> back.getOrDefault(topic, topic));
        return site.withPast(new Past(published, left(site.past().addresses(), then, now), listings));
    }

    /**
     * Topics that visitors knew by a name which was taken back since, undone or with a whole release: what they are called
     * again. A renaming the other way says so itself.
     */
    private static Map<String, String> renamedBack(Site live, Site site) {
        Map<String, String> back = new HashMap<>();
        for (Forward forward : live.forwards()) {
            if (forward.from() instanceof Forward.Source.OfTopic(String before)
                    && forward.to() instanceof Forward.Target.ToTopic(String name)
                    && site.findForward(forward.from()).isEmpty()
                    && site.findForward(new Forward.Source.OfTopic(name)).isEmpty()) {
                back.put(name, before);
            }
        }
        if (!back.isEmpty()) {
            Set<String> topics = site.topics();
            back.entrySet().removeIf(each -> topics.contains(each.getKey()) || !topics.contains(each.getValue()));
        }
        return back;
    }

    /** What is known by an address, and was: those it was known by that it is no longer. */
    private static <K> Map<String, K> left(Map<String, K> before, Map<K, String> then, Map<K, String> now) {
        Map<String, K> left = new HashMap<>(before);
        then.forEach((what, address) -> {
            if (!address.equals(now.get(what))) {
                left.put(address, what);
            }
        });
        return left;
    }

    /**
     * The addresses by which visitors know the listings of topics.
     *
     * @param pages those that they know
     */
    private static Map<String, String> knownListings(Site site, Map<PageId, String> pages) {
        Map<String, String> known = new HashMap<>();
        if (site.builtIn(PageKind.PAGE_INDEX).filter(pages::containsKey).isPresent()) {
            known.putAll(TopicListings.addresses(site));
            known.keySet()
                    .retainAll(pages.keySet().stream()
                            .flatMap(page -> site.pages().get(page).topics().stream())
                            .collect(Collectors.toSet()));
        }
        return known;
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
