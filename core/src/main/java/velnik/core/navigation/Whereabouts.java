package velnik.core.navigation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** From pages to the items that lead to them. Made in O(rows of all menus). */
public final class Whereabouts {
    private final Map<PageId, List<Place>> places = new HashMap<>();
    private final Map<NavigationRow.Key, Set<Zone>> shown;

    /**
     * One row that leads to a page.
     *
     * @param path labels of the rows above it in its menu
     * @param zones where its menu stands for some page
     * @param shownIn in which of them the row shows on some page; fewer where it does not show, or is deeper than a zone
     *     shows
     * @param visitors whom it shows to, if it shows
     * @param absence why it shows to nobody; empty when it shows
     */
    public record Place(
            MenuRowId menu,
            String menuName,
            NavigationRow.Key row,
            String label,
            List<String> path,
            Set<Zone> zones,
            Set<Zone> shownIn,
            Set<Visitor> visitors,
            Optional<Absence> absence) {}

    private Whereabouts(Map<NavigationRow.Key, Set<Zone>> shown) {
        this.shown = shown;
    }

    /** @param navigation of the site, at the moment asked about */
    public static Whereabouts of(Site site, SiteNavigation navigation) {
        Whereabouts whereabouts = new Whereabouts(navigation.zonesOfRows());
        Map<MenuRowId, Set<Zone>> zones = zones(site);
        for (Branch<MenuRowId, MenuRow> menu : site.menus().top()) {
            if (menu.value() instanceof MenuRow.Menu named) {
                Set<Zone> standing = named.setAside() ? Set.of() : zones.getOrDefault(menu.id(), Set.of());
                MenuReading.of(site, navigation.openings(), menu.id(), null)
                        .forEach(entry -> whereabouts.collect(entry, menu.id(), named.name(), standing, List.of()));
            }
        }
        return whereabouts;
    }

    /** The zones each menu stands in, for some page. */
    public static Map<MenuRowId, Set<Zone>> zones(Site site) {
        Map<MenuRowId, Set<Zone>> zones = new HashMap<>();
        for (Assignment assignment : site.assignments()) {
            assignment
                    .menus()
                    .forEach(placed -> zones.computeIfAbsent(placed.menu(), menu -> EnumSet.noneOf(Zone.class))
                            .add(assignment.zone()));
        }
        return zones;
    }

    private void collect(MenuEntry entry, MenuRowId menu, String name, Set<Zone> zones, List<String> path) {
        if (entry.foreign()) {
            return; // told with the menu it belongs to
        }
        @Nullable PageId page = entry.page();
        if (page != null) {
            places.computeIfAbsent(page, any -> new ArrayList<>())
                    .add(new Place(
                            menu,
                            name,
                            entry.key(),
                            entry.label(),
                            path,
                            zones,
                            shown.getOrDefault(entry.key(), Set.of()),
                            entry.visitors(),
                            entry.absence()));
        }
        List<String> beneath = new ArrayList<>(path);
        if (!entry.splices()) {
            beneath.add(entry.label());
        }
        entry.rows().forEach(row -> collect(row, menu, name, zones, beneath));
    }

    /** The zones that an item of a menu shows in, for some page. */
    public Set<Zone> zonesOf(MenuRowId item) {
        return shown.getOrDefault(new NavigationRow.Key(item, null), Set.of());
    }

    public List<Place> of(PageId page) {
        return List.copyOf(places.getOrDefault(page, List.of()));
    }
}
