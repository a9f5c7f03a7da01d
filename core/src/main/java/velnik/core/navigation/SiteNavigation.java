package velnik.core.navigation;

import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.site.Assignment;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/**
 * All menus of a site for a moment, as one kind of visitor gets them or all together. Made once, in O(rows of the menus that stand somewhere); a menu is shared by all
 * pages it is the same for, and a page only adds its own marks.
 */
public final class SiteNavigation {
    private final Site site;
    private final Openings openings;
    private final Set<Visitor> visitors;
    private final Optional<Instant> validUntil;
    private final ZoneDecisions decisions;
    /** Menus that are the same for all pages they stand on. */
    private final Map<Shared, ZoneMenu> shared = new HashMap<>();
    /** Menus with a list that differs from page to page. */
    private final Set<MenuRowId> varying = new HashSet<>();

    private SiteNavigation(Site site, Openings openings, Set<Visitor> visitors) {
        this.site = site;
        this.openings = openings;
        this.visitors = visitors;
        this.validUntil = openings.nextChange(site);
        this.decisions = new ZoneDecisions(site);
        for (Branch<MenuRowId, MenuRow> menu : site.menus().top()) {
            if (followsVisited(menu.id(), new HashSet<>())) {
                varying.add(menu.id());
            }
        }
        Map<MenuRowId, List<NavigationRow>> read = new HashMap<>();
        for (Assignment assignment : site.assignments()) {
            List<PlacedMenu> menus = decisions.standing(assignment.menus());
            share(assignment.zone(), menus, read);
            if (assignment.zone() == Zone.HEADER) {
                share(Zone.PHONE_DRAWER, ZoneDecisions.folded(menus), read);
            }
        }
    }

    /** @param read menus that stand in another zone too */
    private void share(Zone zone, List<PlacedMenu> menus, Map<MenuRowId, List<NavigationRow>> read) {
        for (PlacedMenu placed : menus) {
            if (!varying.contains(placed.menu())) {
                List<NavigationRow> rows = read.computeIfAbsent(placed.menu(), this::rows);
                shared.computeIfAbsent(new Shared(zone, placed), menu -> resolve(menu, rows, true));
            }
        }
    }

    private record Shared(Zone zone, PlacedMenu placed) {}

    /** As a visitor gets them. */
    public static SiteNavigation of(Site site, Instant at, Visitor visitor) {
        return new SiteNavigation(site, Openings.at(site, at), Set.of(visitor));
    }

    /** With all that shows to somebody: what the owner asks about. */
    public static SiteNavigation of(Site site, Instant at) {
        return new SiteNavigation(site, Openings.at(site, at), Visitor.ANY);
    }

    /** Who looks; where all do together, one who is not a member. */
    public Visitor visitor() {
        return visitors.contains(Visitor.NON_MEMBER) ? Visitor.NON_MEMBER : Visitor.MEMBER;
    }

    /** Which periods run at its moment. */
    public Openings openings() {
        return openings;
    }

    /** When something on the site opens or closes by itself; empty when nothing does. */
    public Optional<Instant> validUntil() {
        return validUntil;
    }

    /** The rows of one menu, wherever it stands; lists of what is under the visited page have none. */
    public List<NavigationRow> rows(MenuRowId menu) {
        return rows(menu, null);
    }

    private List<NavigationRow> rows(MenuRowId menu, @Nullable PageId visited) {
        return MenuResolver.rows(MenuReading.of(site, openings, menu, visited), visitors);
    }

    /** What a page shows. For one that is not in the tree, such as the not-found page, give null: nothing is marked. */
    public Navigation forPage(@Nullable PageId page) {
        return standing(page, null);
    }

    /** What the listing of a topic shows, which stands beneath the page index. */
    public Navigation forTopic(String topic) {
        return standing(site.builtIn(PageKind.PAGE_INDEX).orElse(null), topic);
    }

    /**
     * What a page shows, without where it stands in it: its answer has no marks. Costs a fraction of {@link #forPage},
     * and pages under the same assignments share their menus, unless those hang on the page.
     */
    public Navigation unmarked(PageId page) {
        Map<Zone, List<ZoneMenu>> zones = zones(
                decisions.scopesOf(page),
                page,
                (zone, placed, menu) -> placed.placing().currentBranchOnly() ? menu.branches(marks(menu, page)) : menu);
        return new Navigation(zones, Map.of(), validUntil);
    }

    /** @param topic whose listing stands beneath the page; null for the page itself */
    private Navigation standing(@Nullable PageId page, @Nullable String topic) {
        Map<Navigation.Place, Marks> marks = new HashMap<>();
        Map<Zone, List<ZoneMenu>> zones =
                zones(decisions.scopesOf(page, topic), topic == null ? page : null, (zone, placed, menu) -> {
                    Map<Device, Marks> onDevices = marks(menu, page);
                    onDevices.forEach((device, there) -> marks.put(
                            new Navigation.Place(zone, placed.menu(), device),
                            topic == null ? there : there.asTrail()));
                    return placed.placing().currentBranchOnly() ? menu.branches(onDevices) : menu;
                });
        return new Navigation(zones, marks, validUntil);
    }

    /** Makes of a menu what of it shows on a page. */
    private interface Shown {
        ZoneMenu of(Zone zone, PlacedMenu placed, ZoneMenu menu);
    }

    private Map<Zone, List<ZoneMenu>> zones(ZoneDecisions.Scopes scopes, @Nullable PageId visited, Shown shown) {
        Map<Zone, List<ZoneMenu>> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            zones.put(
                    zone,
                    decisions.of(scopes, zone).menus().stream()
                            .map(placed -> shown.of(zone, placed, menu(zone, placed, visited)))
                            .filter(menu -> !menu.rows().isEmpty())
                            .toList());
        }
        return zones;
    }

    private Map<Device, Marks> marks(ZoneMenu menu, @Nullable PageId page) {
        Map<Device, Marks> marks = new EnumMap<>(Device.class);
        for (Device device : Device.values()) {
            marks.put(device, menu.marks(site, page, device));
        }
        return marks;
    }

    private ZoneMenu menu(Zone zone, PlacedMenu placed, @Nullable PageId page) {
        Shared wanted = new Shared(zone, placed);
        @Nullable ZoneMenu known = shared.get(wanted);
        return known == null ? resolve(wanted, rows(placed.menu(), page), false) : known;
    }

    private ZoneMenu resolve(Shared wanted, List<NavigationRow> rows, boolean forAll) {
        Presentation presentation =
                Presentation.of(wanted.zone(), wanted.placed().placing());
        // The branch of the visited page is taken off its first level, so one level more has to be there.
        int levels = presentation.levels() + (wanted.placed().placing().currentBranchOnly() ? 1 : 0);
        return new ZoneMenu(
                wanted.placed(),
                nameOf(wanted.placed().menu()),
                presentation,
                MenuResolver.from(rows, wanted.placed().placing().fromLevel()),
                levels,
                forAll);
    }

    private String nameOf(MenuRowId menu) {
        return ((MenuRow.Menu) site.menus().get(menu)).name();
    }

    /** Whether a list of the page being visited is in a menu, or in one it shows. */
    private boolean followsVisited(MenuRowId menu, Set<MenuRowId> asked) {
        if (!asked.add(menu) || !site.menus().contains(menu)) {
            return false;
        }
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk(menu)) {
            if (row.value() instanceof MenuRow.Item item) {
                boolean follows = item.kind() instanceof ItemKind.PageList list
                                && list.source() instanceof ListSource.UnderVisited
                        || item.kind() instanceof ItemKind.OtherMenu(MenuRowId other) && followsVisited(other, asked);
                if (follows) {
                    return true;
                }
            }
        }
        return false;
    }

    /** Why a zone of a page holds what it holds. */
    public ZoneDecision decision(Zone zone, @Nullable PageId page) {
        return decisions.of(zone, page);
    }

    /** Which menus show a page, and in which zones: first those that do on every page without an exception. */
    public List<Showing> showingsOf(PageId page) {
        SequencedSet<Showing> showings = new LinkedHashSet<>();
        for (Zone zone : Zone.values()) {
            for (PlacedMenu placed : decisions.of(zone, null).menus()) {
                if (menu(zone, placed, null).leadsTo(page)) {
                    showings.add(new Showing(nameOf(placed.menu()), zone, true));
                }
            }
        }
        for (Assignment assignment : site.assignments()) {
            for (PlacedMenu placed : decisions.standing(assignment.menus())) {
                Showing everywhere = new Showing(nameOf(placed.menu()), assignment.zone(), true);
                if (!showings.contains(everywhere)
                        && menu(assignment.zone(), placed, null).leadsTo(page)) {
                    showings.add(new Showing(everywhere.menuName(), everywhere.zone(), false));
                }
            }
        }
        return List.copyOf(showings);
    }

    /** The zones that each row shows in on some page, without what the phone drawer shows as the header does. */
    Map<NavigationRow.Key, Set<Zone>> zonesOfRows() {
        Map<NavigationRow.Key, Set<Zone>> zones = new HashMap<>();
        for (Assignment assignment : site.assignments()) {
            for (PlacedMenu placed : decisions.standing(assignment.menus())) {
                List<NavigationRow> rows = menu(assignment.zone(), placed, null).rows();
                if (placed.placing().currentBranchOnly()) {
                    rows.forEach(row -> collect(row.rows(), assignment.zone(), zones));
                } else {
                    collect(rows, assignment.zone(), zones);
                }
            }
        }
        return zones;
    }

    private static void collect(List<NavigationRow> rows, Zone zone, Map<NavigationRow.Key, Set<Zone>> zones) {
        for (NavigationRow row : rows) {
            zones.computeIfAbsent(row.key(), any -> EnumSet.noneOf(Zone.class)).add(zone);
            collect(row.rows(), zone, zones);
        }
    }
}
