package velnik.core.site;

import java.time.Instant;
import java.util.HashMap;
import java.util.Map;

/**
 * What releases left behind. Releases make it, no change does, so it is no part of a comparison.
 *
 * @param published when each page was first part of a release, those since removed too
 * @param addresses which page visitors knew last by each address that it has no longer, by the address in its one form
 * @param listings the same of the listings of topics
 */
public record Past(Map<PageId, Instant> published, Map<String, PageId> addresses, Map<String, String> listings) {
    public static final Past NONE = new Past(Map.of(), Map.of(), Map.of());

    public Past {
        published = Map.copyOf(published);
        addresses = Map.copyOf(addresses);
        listings = Map.copyOf(listings);
    }

    /** What a release left behind beyond what those before it did. */
    public Past since(Past before) {
        return new Past(
                added(published, before.published()),
                added(addresses, before.addresses()),
                added(listings, before.listings()));
    }

    private static <K, V> Map<K, V> added(Map<K, V> all, Map<K, V> before) {
        Map<K, V> added = new HashMap<>(all);
        before.forEach(added::remove);
        return added;
    }
}
