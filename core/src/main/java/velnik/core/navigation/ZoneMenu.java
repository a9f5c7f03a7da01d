package velnik.core.navigation;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;

/** A menu standing in a zone, resolved; shared by all pages it is the same for. */
public final class ZoneMenu {
    private final PlacedMenu placed;
    private final String name;
    private final Stand stand;
    private final List<NavigationRow> rows;
    /** For each page that rows lead to: the rows from the front of the menu down to each such row. */
    private final Map<PageId, List<List<NavigationRow>>> ways = new HashMap<>();

    ZoneMenu(PlacedMenu placed, String name, Stand stand, List<NavigationRow> rows) {
        this.placed = placed;
        this.name = name;
        this.stand = stand;
        this.rows = List.copyOf(rows);
        rows.forEach(row -> index(row, List.of()));
    }

    private void index(NavigationRow row, List<NavigationRow> above) {
        List<NavigationRow> way = new ArrayList<>(above);
        way.add(row);
        @Nullable PageId page = row.page();
        if (page != null) {
            ways.computeIfAbsent(page, any -> new ArrayList<>(1)).add(way);
        }
        row.rows().forEach(beneath -> index(beneath, way));
    }

    public MenuRowId menu() {
        return placed.menu();
    }

    public PlacedMenu placed() {
        return placed;
    }

    /** As the owner calls it; visitors never read it. */
    public String name() {
        return name;
    }

    public Stand stand() {
        return stand;
    }

    public List<NavigationRow> rows() {
        return rows;
    }

    /** The ways down to the rows that lead to a page; none where no row does. */
    List<List<NavigationRow>> waysTo(PageId page) {
        return ways.getOrDefault(page, List.of());
    }

    /** All pages that rows lead to. */
    public Iterable<PageId> pages() {
        return ways.keySet();
    }

    ZoneMenu withRows(List<NavigationRow> fewer) {
        return new ZoneMenu(placed, name, stand, fewer);
    }
}
