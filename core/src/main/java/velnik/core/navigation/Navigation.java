package velnik.core.navigation;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;
import velnik.core.site.Zone;

/**
 * What one page shows in its zones.
 *
 * @param zones the menus of each zone, in order; shared with all pages under the same assignments
 * @param marks where the page stands in them, as far as it does
 * @param validUntil when something on the site opens or closes by itself; empty when nothing does
 */
public record Navigation(Map<Zone, List<ZoneMenu>> zones, Map<Place, Marks> marks, Optional<Instant> validUntil) {

    /** A menu where it stands, as a device shows it. */
    public record Place(Zone zone, MenuRowId menu, Device device) {}

    public Navigation {
        zones = Map.copyOf(zones);
        marks = Map.copyOf(marks);
    }

    public List<ZoneMenu> in(Zone zone) {
        return zones.getOrDefault(zone, List.of());
    }

    /** Where the page stands in a menu. */
    public Marks marks(Zone zone, MenuRowId menu, Device device) {
        return marks.getOrDefault(new Place(zone, menu, device), Marks.NONE);
    }
}
