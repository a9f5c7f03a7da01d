package velnik.core.navigation;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** What menus yield: rules about items, lists, headings, devices and marks. */
public class SiteNavigationTest {
    private static final MenuRowId LIST = new MenuRowId("main-list");
    private static final ItemKind HEADING = new ItemKind.Heading();

    @Test
    public void followingMenu_showsThePagesThatAreOpen_dressed_withItemsAmongThem() {
        SiteScript script = brackwater().adds("Paddleboards", "Hire").setsReach("Kayaks", Reach.HELD_BACK);
        assertEquals(
                script.sees("Home", Zone.HEADER),
                "Home, Hire (Canoes, Rowing skiffs, What it costs, Safety on the tide, Paddleboards),"
                        + " Repairs (Hulls, Engines, Sails and rigging),"
                        + " Moorings (Swinging moorings, Pontoon berths, Winter storage, Waiting list),"
                        + " Café (Menu of the week, Cakes to order, Evening suppers),"
                        + " Courses (First paddle, Reading the tide, Knots in an evening),"
                        + " News (New pontoon open, Apprentice wanted, Spring tides in March, Varnish day),"
                        + " On the water (Tide tables, Weather at the bar, Safety on the tide, Reading the tide,"
                        + " Spring tides in March), Find us, Search");
    }

    @Test
    public void itemAmongRows_staysAfterTheNearestRowLeft_whenItsOwnGoes() {
        SiteScript script = brackwater();
        Anchor behindCourses = new Anchor(
                null, List.of(script.page("Courses"), script.page("Slipway Café"), script.page("Moorings")), null);
        script.puts(new ItemKind.Text(), "Ask Jo", LIST, behindCourses);
        assertTrue(
                script.sees("Home", Zone.HEADER).contains("evening), Ask Jo, News"), script.sees("Home", Zone.HEADER));
        script.setsReach("Courses", Reach.HELD_BACK);
        assertTrue(script.sees("Home", Zone.HEADER).contains("suppers), Ask Jo, News"));
        script.setsReach("Slipway Café", Reach.HELD_BACK).setsReach("Moorings", Reach.HELD_BACK);
        assertTrue(script.sees("Home", Zone.HEADER).startsWith("Ask Jo, Home"), "nothing it remembers is left");
    }

    @Test
    public void itemBetweenTwoRows_isCarriedAcrossTheOthers_byNoneOfThem() {
        SiteScript script = brackwater();
        Anchor betweenTwo = new Anchor(
                null,
                List.of(script.page("Slipway Café"), script.page("Moorings"), script.page("Repairs")),
                List.of(script.page("Courses"), script.page("News")));
        script.puts(new ItemKind.Text(), "Ask Jo", LIST, betweenTwo);
        assertEquals(around(script), "Café, Ask Jo, Courses");
        script.does(new Change.MovePages(List.of(script.page("Slipway Café")), new Place<>(null, script.page("News"))));
        assertEquals(around(script), "Moorings, Ask Jo, Courses", "the row before it moves away");
        script.does(new Change.MovePages(List.of(script.page("Courses")), Place.top()));
        assertEquals(around(script), "Moorings, Ask Jo, News", "the row after it moves away");
        script.movesUnder("About us", "Moorings");
        assertEquals(around(script), "Repairs, Ask Jo, News", "and comes under another");
    }

    @Test
    public void itemAtTheEndOfAList_letsNewRowsComeBeforeIt() {
        SiteScript script = brackwater();
        Anchor last = new Anchor(null, List.of(script.page("News")), List.of());
        script.puts(new ItemKind.Text(), "Ask Jo", LIST, last).adds("Weather", null);
        assertTrue(script.sees("Home", Zone.HEADER).contains("Weather, "), script.sees("Home", Zone.HEADER));
        assertTrue(
                script.sees("Home", Zone.HEADER).indexOf("Weather")
                        < script.sees("Home", Zone.HEADER).indexOf("Ask Jo"),
                script.sees("Home", Zone.HEADER));
    }

    /** The rows of the header beside the one between. */
    private static String around(SiteScript script) {
        List<String> rows = List.of(
                script.sees("Home", Zone.HEADER).replaceAll(" \\([^)]*\\)", "").split(", "));
        int at = rows.indexOf("Ask Jo");
        return String.join(", ", rows.subList(at - 1, at + 2));
    }

    @Test
    public void itemUnderARow_showsThere_andSaysSoWhenTheRowIsGone() {
        SiteScript script = brackwater();
        Anchor underHire = new Anchor(script.page("Hire"), List.of(script.page("Kayaks")), null);
        script.puts(new ItemKind.WebLink("tides.example"), "Tides", LIST, underHire);
        assertTrue(script.sees("Home", Zone.HEADER).contains("Hire (Canoes, Kayaks, Tides, Rowing skiffs"));
        assertEquals(script.whyNot(script.latest()), "");
        script.setsReach("Hire", Reach.BY_LINK_ONLY);
        assertEquals(script.whyNot(script.latest()), "The row it was under is not in the list now.");
        assertTrue(!script.sees("Home", Zone.HEADER).contains("Tides,"));
    }

    @Test
    public void heading_showsOnceSomethingUnderItDoes() {
        SiteScript script = brackwater().addsMenu("Extra").assigns(Zone.ABOVE, new Scope.Everywhere(), "Extra");
        script.puts(HEADING, "Later", script.menu("Extra"));
        MenuRowId heading = script.latest();
        assertEquals(script.sees("Home", Zone.ABOVE), "");
        assertEquals(script.whyNot(heading), "A heading shows once something under it does.");
        script.does(new MenuChange.AssignMenus(
                Zone.BELOW,
                new Scope.Everywhere(),
                new velnik.core.site.Assignment.Says.Instead(script.placed("Extra"))));
        script.putsPage("Summer regatta", heading);
        assertEquals(script.whyNot(script.latest()), "Its page is held back.");
        assertEquals(script.whyNot(heading), "A heading shows once something under it does.");
        script.setsReach("Summer regatta", Reach.OPEN);
        assertEquals(script.whyNot(heading), "");
        assertEquals(script.sees("Home", Zone.ABOVE), "", "a zone of one level shows no heading without its items");
        assertEquals(brackwater().sees("Home", Zone.FOOTER).startsWith("The yard (About us, The crew"), true);
    }

    @Test
    public void item_saysWhyItShowsToNobody() {
        SiteScript script = brackwater().addsMenu("Extra");
        MenuRowId extra = script.menu("Extra");
        script.putsPage("Group bookings", extra)
                .notices("Group bookings is by link only: this item leads to it, lists and search do not show it.");
        assertEquals(script.whyNot(script.latest()), "", "what is placed by hand shows");
        script.putsPage("Junior week", extra);
        assertEquals(script.whyNot(script.latest()), "Its page is held back.");
        script.putsPage("Batteries", extra).setsReach("Engines", Reach.HELD_BACK);
        assertEquals(script.whyNot(script.latest()), "Its page is held back, because Engines above it is.");
        script.putsPage("Hire", extra).sets(script.latest(), ItemEdit.hidden(true));
        MenuRowId hidden = script.latest();
        assertEquals(script.whyNot(hidden), "Hidden by you.");
        script.putsPage("Canoes", hidden);
        assertEquals(script.whyNot(script.latest()), "Hire above it does not show.");
        script.puts(new ItemKind.OtherMenu(script.menu("Winter")), "", extra);
        assertEquals(script.whyNot(script.latest()), "Winter is set aside.");
        script.puts(ItemKind.PageList.of(new ListSource.Under(script.page("Contact")), 2), "", extra);
        assertEquals(script.whyNot(script.latest()), "The list comes out empty.");
        script.putsPage("Moorings", extra);
        for (String title : List.of("Swinging moorings", "Pontoon berths", "Winter storage", "Waiting list")) {
            script.setsReach(title, Reach.BY_LINK_ONLY);
        }
        assertEquals(script.whyNot(script.latest()), "Nothing under this group is open.");
    }

    @Test
    public void devices_passDown_andAHeadingShowsWhereAnythingUnderItDoes() {
        SiteScript script = brackwater().addsMenu("Extra").assigns(Zone.FOOTER, new Scope.Everywhere(), "Extra");
        script.puts(HEADING, "Boats", script.menu("Extra"));
        MenuRowId heading = script.latest();
        script.putsPage("Canoes", heading)
                .sets(script.latest(), ItemEdit.of(edit -> edit.devices(Set.of(Device.PHONE))));
        NavigationRow row = row(script);
        assertEquals(row.devices(), Set.of(Device.PHONE));
        script.putsPage("Kayaks", heading);
        row = row(script);
        assertEquals(row.devices(), Set.of(Device.values()));
        assertTrue(row.opensOn(Device.WIDE));
        assertEquals(row.countOn(Device.PHONE), 2);
        assertEquals(row.countOn(Device.WIDE), 1, "a count considers only what shows there");
        script.putsPage("Junior week", heading);
        assertEquals(row(script).countOn(Device.PHONE), 2, "and nothing that does not show");
        script.sets(heading, ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        row = row(script);
        assertEquals(row.rows().stream().map(NavigationRow::label).collect(joining()), "Kayaks");
    }

    private static NavigationRow row(SiteScript script) {
        return script.navigation()
                .forPage(null)
                .in(Zone.FOOTER)
                .getFirst()
                .rows()
                .getFirst();
    }

    @Test
    public void group_opensItsSubpages_andIsALinkWhereTheyAreCutOff() {
        SiteScript script = brackwater();
        List<NavigationRow> rows = rows(script, Zone.HEADER);
        assertEquals(
                rows.stream()
                        .filter(row -> !row.isLinkOn(Device.WIDE))
                        .map(NavigationRow::label)
                        .collect(joining(", ")),
                "Moorings, Courses, On the water");
        script.assigns(Zone.ABOVE, new Scope.Everywhere(), "Main");
        assertEquals(
                rows(script, Zone.ABOVE).stream()
                        .filter(row -> row.isLinkOn(Device.WIDE))
                        .map(NavigationRow::label)
                        .collect(joining(", ")),
                "Home, Hire, Repairs, Moorings, Café, Courses, News, Find us, Search",
                "in a zone of one level a group is a link, and a heading goes");
    }

    @Test
    public void otherMenu_givesItsRows_splicedOrUnderALabel() {
        SiteScript script = brackwater().addsMenu("Extra").assigns(Zone.FOOTER, new Scope.Everywhere(), "Extra");
        script.puts(new ItemKind.OtherMenu(script.menu("Short")), "", script.menu("Extra"));
        assertEquals(script.sees("Home", Zone.FOOTER), "Home, Contact");
        script.sets(script.latest(), ItemEdit.label("Quick"));
        assertEquals(script.sees("Home", Zone.FOOTER), "Quick (Home, Contact)");
        script.does(new MenuChange.SetAside(List.of(script.menu("Short")), true));
        assertEquals(script.sees("Home", Zone.FOOTER), "");
    }

    @Test
    public void currentPage_isMarked_withTheRowsAboveIt() {
        Navigation navigation = navigation(brackwater(), "Canoes");
        assertEquals(pages(current(navigation)), "canoes");
        assertEquals(pages(trail(navigation)), "footer-afloat footer-afloat-hire hire");
    }

    @Test
    public void pageThatNoRowOfAMenuLeadsTo_marksItsNearestAncestorThere() {
        Navigation navigation = navigation(brackwater(), "Range calculator");
        assertEquals(pages(current(navigation)), "");
        assertEquals(
                pages(trail(navigation)),
                "electric-conversion engines engines footer-afloat footer-afloat-repairs repairs workshop-in-the-workshop");
    }

    @Test
    public void listOfTheVisitedPage_differsFromPageToPage() {
        SiteScript script = brackwater().addsMenu("Here").assigns(Zone.BELOW, new Scope.Everywhere(), "Here");
        script.puts(ItemKind.PageList.of(new ListSource.UnderVisited(), 1), "", script.menu("Here"));
        assertEquals(script.sees("Hulls", Zone.BELOW), "Wooden hulls, Fibreglass");
        assertEquals(script.sees("Courses", Zone.BELOW), "First paddle, Reading the tide, Knots in an evening");
        assertEquals(script.sees("Contact", Zone.BELOW), "");
    }

    @Test
    public void pages_shareWhatIsTheSameForThem_andAskingTwiceIsEqual() {
        SiteNavigation site = brackwater().navigation();
        Navigation one = site.forPage(brackwater().page("Hire"));
        Navigation other = site.forPage(null);
        assertSame(one.in(Zone.HEADER).getFirst(), other.in(Zone.HEADER).getFirst());
        assertEquals(current(other).size() + trail(other).size(), 0);
        assertEquals(site.forPage(brackwater().page("Hire")).in(Zone.HEADER), one.in(Zone.HEADER));
    }

    @Test
    public void movingARow_movesThePage_andTheMenuFollows() {
        SiteScript script = brackwater();
        script.does(new Change.MovePages(List.of(script.page("News")), new Place<>(null, script.page("Home"))));
        assertTrue(script.sees("Home", Zone.HEADER).startsWith("Home, News (New pontoon open"));
    }

    private static Set<NavigationRow.Key> current(Navigation navigation) {
        return all(navigation, Marks::current);
    }

    private static Set<NavigationRow.Key> trail(Navigation navigation) {
        return all(navigation, Marks::trail);
    }

    private static Set<NavigationRow.Key> all(Navigation navigation, Function<Marks, Set<NavigationRow.Key>> which) {
        return navigation.marks().values().stream()
                .flatMap(marks -> which.apply(marks).stream())
                .collect(toSet());
    }

    /** Where a page stands in the menu of a zone, on one device. */
    private static String marked(SiteScript script, String page, Zone zone, String menu, Device device) {
        Marks marks = navigation(script, page).marks(zone, script.menu(menu), device);
        return pages(marks.current()) + " | " + pages(marks.trail());
    }

    /** A row on wide screens alone leads to the page there; on phones the nearest page above it is marked instead. */
    @Test
    public void marks_areThoseOfTheDevice() {
        SiteScript script = brackwater().addsMenu("Marked").assigns(Zone.FOOTER, new Scope.Everywhere(), "Marked");
        script.putsPage("Hire", script.menu("Marked")).putsPage("Canoes", script.menu("Marked"));
        MenuRowId canoes = script.latest();
        assertEquals(marked(script, "Canoes", Zone.FOOTER, "Marked", Device.PHONE), "i2 | ");
        script.sets(canoes, ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        assertEquals(marked(script, "Canoes", Zone.FOOTER, "Marked", Device.WIDE), "i2 | ");
        assertEquals(marked(script, "Canoes", Zone.FOOTER, "Marked", Device.PHONE), " | i1");
    }

    /** In a zone of one level an item beneath leads here all the same, so the row above it that shows is in the trail. */
    @Test
    public void marks_areThoseOfTheZone_alsoOfItemsDeeperThanItShows() {
        SiteScript script = brackwater().addsMenu("Marked");
        script.putsPage("Repairs", script.menu("Marked"));
        MenuRowId repairs = script.latest();
        script.putsPage("Contact", repairs);
        script.assigns(Zone.BELOW, new Scope.Everywhere(), "Marked");
        script.assigns(Zone.BESIDE, new Scope.Everywhere(), "Marked");
        assertEquals(marked(script, "Contact", Zone.BESIDE, "Marked", Device.WIDE), "i2 | i1");
        assertEquals(marked(script, "Contact", Zone.BELOW, "Marked", Device.WIDE), " | i1");
        assertEquals(marked(script, "Home", Zone.BELOW, "Marked", Device.WIDE), " | ");
    }

    @Test
    public void rowForADeviceThatTheRowAboveDoesNotShowOn_saysSo_andAHeadingOverItAlone() {
        SiteScript script = brackwater().addsMenu("Odd").assigns(Zone.FOOTER, new Scope.Everywhere(), "Odd");
        script.puts(new ItemKind.Heading(), "Wide", script.menu("Odd"));
        MenuRowId heading = script.latest();
        script.putsPage("Contact", heading);
        MenuRowId contact = script.latest();
        script.sets(heading, ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        script.sets(contact, ItemEdit.of(edit -> edit.devices(Set.of(Device.PHONE))));
        assertEquals(script.whyNot(contact), "It is for phones, and what is above it is for wide screens.");
        assertEquals(script.whyNot(heading), "A heading shows once something under it does.");
        assertEquals(script.sees("Home", Zone.FOOTER), "");
    }

    private static Navigation navigation(SiteScript script, String page) {
        return script.navigation().forPage(script.page(page));
    }

    private static List<NavigationRow> rows(SiteScript script, Zone zone) {
        return navigation(script, "Home").in(zone).getFirst().rows();
    }

    private static String pages(Collection<NavigationRow.Key> keys) {
        return keys.stream()
                .map(key -> Objects.requireNonNullElse(
                        key.page(), new PageId(key.item().value())))
                .map(PageId::value)
                .sorted()
                .collect(joining(" "));
    }
}
