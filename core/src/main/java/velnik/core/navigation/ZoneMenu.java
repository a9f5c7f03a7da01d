package velnik.core.navigation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Site;

/** A menu standing in a zone, resolved; shared by all pages it is the same for. */
public final class ZoneMenu {
    private final PlacedMenu placed;
    private final String name;
    private final Presentation presentation;
    private final List<NavigationRow> rows;
    private final int levels;
    private final boolean shared;
    /**
     * For each page that rows lead to: the rows from the front of the menu down to each such row, those too that are
     * deeper than the zone shows.
     */
    private final Map<PageId, List<List<NavigationRow>>> ways;

    private final Set<PageId> pages = new HashSet<>();

    /**
     * @param all its rows from the front on, however deep
     * @param levels how many of them show, from 1
     * @param shared whether all pages that it stands on get this very menu
     */
    ZoneMenu(
            PlacedMenu placed,
            String name,
            Presentation presentation,
            List<NavigationRow> all,
            int levels,
            boolean shared) {
        this.placed = placed;
        this.name = name;
        this.presentation = presentation;
        this.levels = levels;
        this.shared = shared;
        this.rows = MenuResolver.cut(all, levels);
        this.ways = new HashMap<>();
        all.forEach(row -> index(row, List.of()));
        ways.forEach((page, its) -> {
            if (its.stream().anyMatch(way -> way.size() <= levels)) {
                pages.add(page);
            }
        });
    }

    /** As another, but for the rows that show. */
    private ZoneMenu(ZoneMenu menu, List<NavigationRow> fewer) {
        this.placed = menu.placed;
        this.name = menu.name;
        this.presentation = menu.presentation;
        this.levels = menu.levels;
        this.shared = false;
        this.rows = List.copyOf(fewer);
        this.ways = menu.ways;
        this.pages.addAll(menu.pages);
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

    public Presentation presentation() {
        return presentation;
    }

    public List<NavigationRow> rows() {
        return rows;
    }

    /** Whether all pages that it stands on get this very menu, so that what is made of it serves them all. */
    public boolean isShared() {
        return shared;
    }

    /** Whether a row that shows leads to a page. */
    boolean leadsTo(PageId page) {
        return pages.contains(page);
    }

    /** All pages that rows lead to. */
    public Iterable<PageId> pages() {
        return pages;
    }

    /**
     * Marks the rows that lead to a page and those above them; where no row of the menu leads to it on the device, the
     * way to its nearest ancestor that has one. A row deeper than the zone shows marks those above it that do show.
     */
    Marks marks(Site site, @Nullable PageId page, Device device) {
        @Nullable PageId nearest = page;
        List<List<NavigationRow>> there = waysOn(page, device);
        while (nearest != null && there.isEmpty()) {
            nearest = site.pages().branch(nearest).parent();
            there = waysOn(nearest, device);
        }
        if (nearest == null) {
            return Marks.NONE;
        }
        Set<NavigationRow.Key> current = new HashSet<>();
        Set<NavigationRow.Key> trail = new HashSet<>();
        for (List<NavigationRow> way : there) {
            for (int i = 0; i < Math.min(levels, way.size()); i++) {
                boolean leads = i == way.size() - 1 && nearest.equals(page);
                (leads ? current : trail).add(way.get(i).key());
            }
        }
        return new Marks(current, trail);
    }

    private List<List<NavigationRow>> waysOn(@Nullable PageId page, Device device) {
        @Nullable List<List<NavigationRow>> all = ways.get(page);
        return all == null
                ? List.of()
                : all.stream().filter(way -> way.getLast().isOn(device)).toList();
    }

    /** Only what is under the marked rows of the first level, each on the devices that it is marked on. */
    ZoneMenu branches(Map<Device, Marks> marks) {
        List<NavigationRow> fewer = new ArrayList<>();
        for (NavigationRow row : rows) {
            Set<Device> on = EnumSet.noneOf(Device.class);
            marks.forEach((device, its) -> {
                if (its.contains(row)) {
                    on.add(device);
                }
            });
            row.rows().forEach(beneath -> beneath.restrictedTo(on).ifPresent(fewer::add));
        }
        return new ZoneMenu(this, fewer);
    }
}
