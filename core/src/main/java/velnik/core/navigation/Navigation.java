package velnik.core.navigation;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.Zone;

/**
 * What one page shows in its zones.
 *
 * @param zones the menus of each zone, in order; shared with all pages under the same assignments
 * @param current the rows that lead to the page
 * @param trail the rows above those; where no row leads to the page, the way to its nearest ancestor that has one
 * @param validUntil when something on the site opens or closes by itself; empty when nothing does
 */
public record Navigation(
        Map<Zone, List<ZoneMenu>> zones,
        Set<NavigationRow.Key> current,
        Set<NavigationRow.Key> trail,
        Optional<Instant> validUntil) {

    public Navigation {
        zones = Map.copyOf(zones);
        current = Set.copyOf(current);
        trail = Set.copyOf(trail);
    }

    public List<ZoneMenu> in(Zone zone) {
        return zones.getOrDefault(zone, List.of());
    }
}
