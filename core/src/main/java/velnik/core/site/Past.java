package velnik.core.site;

import java.time.Instant;
import java.util.Map;

/**
 * What releases left behind. Releases make it, no change does, so it is no part of a comparison.
 *
 * @param published when each page was first part of a release, those since removed too
 * @param addresses which page visitors knew last by each address that it has no longer, by the address in its one form
 */
public record Past(Map<PageId, Instant> published, Map<String, PageId> addresses) {
    public static final Past NONE = new Past(Map.of(), Map.of());

    public Past {
        published = Map.copyOf(published);
        addresses = Map.copyOf(addresses);
    }
}
