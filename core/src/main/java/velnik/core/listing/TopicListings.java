package velnik.core.listing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/**
 * For each topic the pages that have it, at an address beneath the page index: nothing else stands there. What a visitor
 * cannot get is in none of them, and where nothing is left there is no listing.
 */
public final class TopicListings {
    private final Map<String, Listing> byTopic = new LinkedHashMap<>();
    private final Map<String, Listing> byAddress = new LinkedHashMap<>();

    private TopicListings() {}

    /**
     * @param address from the root of the site
     * @param pages those with a date first, the newest of them foremost; then the others in the order of the tree
     */
    public record Listing(String topic, String address, List<PageId> pages) {
        public Listing {
            pages = List.copyOf(pages);
        }
    }

    /** As a visitor gets them; none where they cannot get the page index. Costs O(pages). */
    public static TopicListings of(Site site, Openings openings, Visitor visitor) {
        TopicListings listings = new TopicListings();
        Optional<PageId> index = site.builtIn(PageKind.PAGE_INDEX)
                .filter(page -> Access.of(site, page, openings).isGettableBy(visitor));
        if (index.isEmpty()) {
            return listings;
        }
        Map<String, List<Branch<PageId, Page>>> found = new LinkedHashMap<>();
        collect(site, openings, visitor, site.pages().top(), found);
        addresses(site).forEach((topic, address) -> {
            @Nullable List<Branch<PageId, Page>> pages = found.get(topic);
            if (pages != null) {
                listings.add(new Listing(topic, address, inOrder(pages)));
            }
        });
        return listings;
    }

    /**
     * Where the listing of each topic is for those who get one, in the order of the topics; none where there is no page
     * index. A topic that a visitor gets nothing of has its address too, so that the others' stay as they are. O(pages).
     */
    public static SequencedMap<String, String> addresses(Site site) {
        SequencedMap<String, String> addresses = new LinkedHashMap<>();
        site.builtIn(PageKind.PAGE_INDEX)
                .map(index -> Addresses.of(site, index))
                .ifPresent(above -> {
                    Set<String> taken = new HashSet<>();
                    for (String topic : site.topics()) {
                        String slug = Slugs.firstFree(Slugs.fromTitle(topic), taken::contains);
                        taken.add(slug);
                        addresses.put(topic, above + "/" + slug);
                    }
                });
        return addresses;
    }

    private void add(Listing listing) {
        byTopic.put(listing.topic(), listing);
        byAddress.put(listing.address(), listing);
    }

    private static void collect(
            Site site,
            Openings openings,
            Visitor visitor,
            List<Branch<PageId, Page>> rows,
            Map<String, List<Branch<PageId, Page>>> found) {
        for (Branch<PageId, Page> row : rows) {
            if (Access.isListed(site, row, openings, visitor)) {
                row.value()
                        .topics()
                        .forEach(topic -> found.computeIfAbsent(topic, any -> new ArrayList<>())
                                .add(row));
                collect(site, openings, visitor, row.children(), found);
            }
        }
    }

    private static List<PageId> inOrder(List<Branch<PageId, Page>> pages) {
        return pages.stream()
                .sorted(Comparator.comparing(
                        (Branch<PageId, Page> page) -> page.value().date(),
                        Comparator.nullsLast(Comparator.reverseOrder())))
                .map(Branch::id)
                .toList();
    }

    /** In the order of the topics. */
    public List<Listing> all() {
        return List.copyOf(byTopic.values());
    }

    public Optional<Listing> of(String topic) {
        return Optional.ofNullable(byTopic.get(topic));
    }

    /** The one at an address, without regard to case or a final slash. */
    public Optional<Listing> at(String address) {
        return Optional.ofNullable(byAddress.get(Addresses.canonical(address)));
    }
}
