package velnik.core.navigation;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/**
 * All menus of a site, resolved for a moment. Made once, in O(rows that show); asked for a page, it only looks up that
 * page's marks.
 */
public final class SiteNavigation {
    private final Site site;
    private final Map<Zone, List<ZoneMenu>> zones;
    /** For each page that rows lead to: the keys from the top of the menu down to each such row. */
    private final Map<PageId, List<List<NavigationRow.Key>>> ways = new HashMap<>();

    private final Map<PageId, List<Standing>> standings = new HashMap<>();

    private SiteNavigation(Site site, Map<Zone, List<ZoneMenu>> zones) {
        this.site = site;
        this.zones = zones;
        zones.forEach((zone, menus) -> menus.forEach(menu -> index(zone, menu)));
    }

    /** @param at nothing opens or closes by itself yet, so any moment gives the same */
    public static SiteNavigation of(Site site, Instant at) {
        MenuResolver resolver = new MenuResolver(site);
        Map<MenuRowId, ZoneMenu> resolved = new HashMap<>();
        Map<Zone, List<ZoneMenu>> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            List<ZoneMenu> menus = menusIn(site, zone).stream()
                    .map(menu -> resolved.computeIfAbsent(menu, resolver::resolve))
                    .toList();
            zones.put(zone, menus);
        }
        return new SiteNavigation(site, zones);
    }

    private static List<MenuRowId> menusIn(Site site, Zone zone) {
        Optional<Assignment> assigned = site.findAssignment(zone, new Scope.Everywhere());
        return switch (zone) {
            case HEADER -> assigned.map(Assignment::menus).orElse(List.of());
            case PHONE_DRAWER -> assigned.map(Assignment::menus).orElseGet(() -> menusIn(site, Zone.HEADER));
        };
    }

    private void index(Zone zone, ZoneMenu menu) {
        Set<PageId> shown = new HashSet<>();
        menu.rows().forEach(row -> index(row, List.of(), shown));
        for (PageId page : shown) {
            standings.computeIfAbsent(page, any -> new ArrayList<>()).add(new Standing(menu.name(), zone));
        }
    }

    private void index(NavigationRow row, List<NavigationRow.Key> above, Set<PageId> shown) {
        List<NavigationRow.Key> way = new ArrayList<>(above);
        way.add(row.key());
        ways.computeIfAbsent(row.page(), any -> new ArrayList<>()).add(way);
        shown.add(row.page());
        row.rows().forEach(beneath -> index(beneath, way, shown));
    }

    /** What a page shows. For one that is not in the tree, such as the not-found page, give null: nothing is marked. */
    public Navigation forPage(@Nullable PageId page) {
        Set<NavigationRow.Key> current = new HashSet<>();
        Set<NavigationRow.Key> trail = new HashSet<>();
        @Nullable PageId nearest = page;
        while (nearest != null && !ways.containsKey(nearest)) {
            nearest = site.pages().parentOf(nearest).orElse(null);
        }
        if (nearest != null) {
            for (List<NavigationRow.Key> way : ways.getOrDefault(nearest, List.of())) {
                (nearest.equals(page) ? current : trail).add(way.getLast());
                trail.addAll(way.subList(0, way.size() - 1));
            }
        }
        return new Navigation(zones, current, trail, Optional.empty());
    }

    /** Which menus show a page, and in which zones. */
    public List<Standing> standingsOf(PageId page) {
        return List.copyOf(standings.getOrDefault(page, List.of()));
    }
}
