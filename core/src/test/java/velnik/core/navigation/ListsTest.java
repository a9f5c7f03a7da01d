package velnik.core.navigation;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.sample.Brackwater;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** What lists yield, by their settings. */
public class ListsTest {
    private static final SiteScript BRACKWATER = brackwater();

    private static ItemKind.PageList list(
            ListSource source, int levels, ListOrder order, Optional<Integer> atMost, String... leftOut) {
        Set<PageId> out = Arrays.stream(leftOut).map(BRACKWATER::page).collect(Collectors.toSet());
        return new ItemKind.PageList(source, levels, order, atMost, out, Map.of());
    }

    private static ListSource under(String page) {
        return new ListSource.Under(BRACKWATER.page(page));
    }

    @DataProvider
    public Object[][] lists() {
        ListOrder tree = ListOrder.TREE;
        ListOrder title = ListOrder.TITLE;
        Optional<Integer> all = Optional.empty();
        return new Object[][] {
            {list(under("Hire"), 1, tree, all), "Canoes, Kayaks, Rowing skiffs, Prices, Safety on the tide"},
            {list(under("Hire"), 1, title, all), "Canoes, Kayaks, Prices, Rowing skiffs, Safety on the tide"},
            {list(under("Hire"), 1, tree, Optional.of(2)), "Canoes, Kayaks"},
            {list(under("Hire"), 1, title, Optional.of(3), "Kayaks"), "Canoes, Prices, Rowing skiffs"},
            {
                list(under("Repairs"), 2, tree, all),
                "Hulls (Wooden hulls, Fibreglass), Engines (Outboards, Inboards, Electric conversion),"
                        + " Sails and rigging"
            },
            {
                list(under("Repairs"), 2, title, all, "Electric conversion", "Hulls"),
                "Engines (Inboards, Outboards), Sails and rigging"
            },
            {list(under("Repairs"), 10, tree, Optional.of(1)), "Hulls (Wooden hulls, Fibreglass)"},
            {
                list(new ListSource.OfTopic("tide notes"), 1, tree, all),
                "Safety on the tide, Reading the tide, Spring tides in March"
            },
            {
                list(new ListSource.OfTopic("tide notes"), 5, title, all),
                "Reading the tide, Safety on the tide, Spring tides in March"
            },
            {list(new ListSource.OfTopic("workshop"), 1, ListOrder.NEWEST, all), "Apprentice wanted, Varnish day"},
            {
                list(new ListSource.OfTopic("tide notes"), 1, ListOrder.NEWEST, Optional.of(2)),
                "Spring tides in March, Safety on the tide"
            },
            {list(new ListSource.OfTopic("nobody's"), 1, tree, all), ""},
            {
                list(under("News"), 1, ListOrder.NEWEST, all),
                "New pontoon open, Apprentice wanted, Spring tides in March, Varnish day"
            },
            {list(under("Contact"), 3, tree, all), ""},
            {list(under("Group bookings"), 3, tree, all), ""},
            {list(under("Courses"), 1, tree, all), "First paddle, Reading the tide, Knots in an evening"},
            {list(new ListSource.WholeTree(), 1, title, Optional.of(4)), "About us, Contact, Courses, Hire"},
        };
    }

    @Test(dataProvider = "lists")
    public void list_yieldsBySettings(ItemKind.PageList list, String shown) {
        SiteScript script =
                brackwater().publishes(LocalDate.parse("2026-01-15")).addsMenu("Listed");
        script.puts(list, "", script.menu("Listed")).assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Listed");
        assertEquals(script.sees("Home", Zone.PHONE_DRAWER), shown);
    }

    /** By the page's date, else its latest opening, else its first release; a page that waits for its first is the newest of all. */
    @Test
    public void newest_goesByDateElseByFirstRelease() {
        SiteScript script = brackwater().publishes(LocalDate.parse("2026-03-10"));
        script.adds("Two new skiffs", "News").addsMenu("Listed");
        script.puts(
                        list(new ListSource.Newest(), 1, ListOrder.TITLE, Optional.of(5), "Hire"),
                        "",
                        script.menu("Listed"))
                .assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Listed");
        String waiting = "Two new skiffs, New pontoon open, Evening suppers, Apprentice wanted, Rowing skiffs";
        assertEquals(script.sees("Home", Zone.PHONE_DRAWER), waiting);
        script.publishes(LocalDate.parse("2026-04-01")).retitles("Two new skiffs", "New skiffs");
        assertEquals(
                script.sees("Home", Zone.PHONE_DRAWER),
                "New pontoon open, Evening suppers, Apprentice wanted, New skiffs, Rowing skiffs");
        script.removes("New skiffs").publishes(LocalDate.parse("2026-06-01")).restores("gone-0");
        assertEquals(
                script.sees("Home", Zone.PHONE_DRAWER),
                "New pontoon open, Evening suppers, Apprentice wanted, New skiffs, Rowing skiffs");
    }

    /** Of pages first published on one day the later release comes first, and publishing changes nothing of the order. */
    @Test
    public void newest_ofOneDay_goesByRelease_asItDidBeforePublishing() {
        SiteScript script = brackwater().on("2026-06-01").publishes(Instant.parse("2026-06-01T06:00:00Z"));
        script.adds("Morning", "News").publishes(Instant.parse("2026-06-01T08:00:00Z"));
        script.adds("Noon", "News").addsMenu("Listed");
        script.puts(ItemKind.PageList.newestOf(new ListSource.Newest(), 4), "", script.menu("Listed"))
                .assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Listed");
        String order = "Noon, Morning, Home, Hire";
        assertEquals(script.sees("Home", Zone.PHONE_DRAWER), order);
        script.publishes(Instant.parse("2026-06-01T11:00:00Z"));
        assertEquals(script.sees("Home", Zone.PHONE_DRAWER), order);
    }

    @Test
    public void newest_goesByTheLatestOpening() {
        SiteScript script =
                brackwater().publishes(LocalDate.parse("2025-01-15")).on("2026-06-01");
        script.opensFor("Contact", Period.once(LocalDate.parse("2024-05-30"), null));
        script.opensFor("Hire", Period.yearly(MonthDay.of(5, 31), MonthDay.of(12, 31)));
        script.addsMenu("Listed")
                .puts(ItemKind.PageList.newestOf(new ListSource.Newest(), 2), "", script.menu("Listed"))
                .assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Listed");
        assertEquals(script.sees("Home", Zone.PHONE_DRAWER).split(", ")[0], "Hire");
    }

    /** A row that is hidden, out of its period or for the other device takes nobody's place. */
    @Test
    public void atMost_countsTheRowsThatItsVisitorGets() {
        SiteScript script = brackwater().addsMenu("Listed");
        script.puts(list(under("Hire"), 1, ListOrder.TREE, Optional.of(2)), "", script.menu("Listed"))
                .assigns(Zone.FOOTER, new Scope.Everywhere(), "Listed");
        MenuRowId list = script.latest();
        script.dresses(list, "Canoes", ItemEdit.hidden(true));
        assertEquals(script.sees("Home", Zone.FOOTER), "Kayaks, Rowing skiffs");
        script.dresses(
                list,
                "Kayaks",
                ItemEdit.of(edit -> edit.periods(List.of(Period.once(LocalDate.parse("2030-01-01"), null)))));
        assertEquals(script.sees("Home", Zone.FOOTER), "Rowing skiffs, Prices");
        script.dresses(list, "Prices", ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        assertEquals(rowsOn(script, Device.WIDE), "Rowing skiffs, Prices");
        assertEquals(rowsOn(script, Device.PHONE), "Rowing skiffs, Safety on the tide");
    }

    /** What a row leaves free is asked for each kind of visitor on each device by itself. */
    @Test
    public void atMost_tellsVisitorsAndDevicesApartTogether() {
        SiteScript script = brackwater().addsMenu("Listed").keepsForMembers("Kayaks");
        script.puts(list(under("Hire"), 1, ListOrder.TREE, Optional.of(1)), "", script.menu("Listed"))
                .assigns(Zone.FOOTER, new Scope.Everywhere(), "Listed");
        MenuRowId list = script.latest();
        script.dresses(list, "Canoes", ItemEdit.hidden(true));
        script.dresses(list, "Kayaks", ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        assertEquals(rowsOn(script, Device.WIDE, Visitor.MEMBER), "Kayaks");
        assertEquals(rowsOn(script, Device.PHONE, Visitor.MEMBER), "Rowing skiffs");
        assertEquals(rowsOn(script, Device.WIDE, Visitor.NON_MEMBER), "Rowing skiffs");
        assertEquals(rowsOn(script, Device.PHONE, Visitor.NON_MEMBER), "Rowing skiffs");
    }

    private static String rowsOn(SiteScript script, Device device) {
        return rowsOn(script, device, Visitor.NON_MEMBER);
    }

    private static String rowsOn(SiteScript script, Device device, Visitor visitor) {
        return script.navigation(visitor).forPage(script.page("Home")).in(Zone.FOOTER).getFirst().rows().stream()
                .filter(row -> row.isOn(device))
                .map(NavigationRow::label)
                .collect(joining(", "));
    }

    @Test
    public void listUnderAPageThatCloses_comesOutEmpty_andComesBackWithIt() {
        SiteScript script = brackwater().addsMenu("Listed");
        script.puts(list(under("Hulls"), 1, ListOrder.TREE, Optional.empty()), "Hulls we mend", script.menu("Listed"))
                .assigns(Zone.FOOTER, new Scope.Everywhere(), "Listed");
        assertEquals(script.sees("Home", Zone.FOOTER), "Hulls we mend (Wooden hulls, Fibreglass)");
        script.setsReach("Repairs", Reach.HELD_BACK);
        assertEquals(script.sees("Home", Zone.FOOTER), "");
        assertEquals(script.whyNot(script.latest()), "The list comes out empty.");
        script.setsReach("Repairs", Reach.OPEN);
        assertEquals(script.sees("Home", Zone.FOOTER), "Hulls we mend (Wooden hulls, Fibreglass)");
    }

    @Test
    public void pageThatCarriesItsSubpages_showsThemAfterItsOwnItems() {
        SiteScript script = brackwater().addsMenu("Carried");
        script.puts(new ItemKind.ToPage(script.page("Hulls"), 1), "", script.menu("Carried"));
        script.puts(new ItemKind.Text(), "Ask first", script.latest())
                .assigns(Zone.FOOTER, new Scope.Everywhere(), "Carried");
        assertEquals(script.sees("Home", Zone.FOOTER), "Hulls (Ask first, Wooden hulls, Fibreglass)");
    }

    @Test
    public void settingAListAnotherWay_keepsWhatItsRowsWereGiven() {
        SiteScript script = brackwater().publishes(LocalDate.parse("2026-01-15"));
        script.does(new MenuChange.SetItemKind(
                new MenuRowId("main-list"), list(new ListSource.WholeTree(), 1, ListOrder.TREE, Optional.of(6))));
        assertEquals(
                script.sees("Home", Zone.HEADER),
                "Home, Hire, Repairs, Moorings, Café, Courses, On the water (Tide tables, Weather at the bar, Spring tides in March, Safety on the tide,"
                        + " Reading the tide), Find us, Search");
        assertEquals(List.of(script.whyNot(new MenuRowId("main-list-find-us"))), List.of(""));
    }

    /** Rows of lists that are read towards one page alone are those that the menus have of it. */
    @Test
    public void readTowardsAPage_listsSayOfIt_whatTheySayWhenReadWhole() {
        Random random = new Random(7);
        RandomEdits edits = new RandomEdits(7);
        Site site = Brackwater.site();
        int compared = 0;
        for (int edit = 0; edit < 300; edit++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
            List<Branch<PageId, Page>> pages = site.pages().walk();
            if (pages.isEmpty()) {
                continue;
            }
            PageId page = pages.get(random.nextInt(pages.size())).id();
            for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
                if (row.value() instanceof MenuRow.Item) {
                    NavigationRow.Key key = new NavigationRow.Key(row.id(), page);
                    List<MenuEntry> whole = MenuReading.of(site, Openings.ALWAYS, site.menuOf(row.id()), null);
                    List<String> labels = labels(key, whole);
                    assertEquals(labels(key, List.of(MenuReading.towards(site, row, page))), labels);
                    compared += labels.size();
                }
            }
        }
        assertTrue(compared > 100, compared + " rows");
    }

    private static List<String> labels(NavigationRow.Key key, List<MenuEntry> entries) {
        return entries.stream()
                .flatMap(entry -> Stream.concat(
                        entry.key().equals(key) ? Stream.of(entry.label() + " for " + entry.follows()) : Stream.empty(),
                        labels(key, entry.rows()).stream()))
                .toList();
    }
}
