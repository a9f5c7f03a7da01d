package velnik.core.menus;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.Brackwater;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining.From;
import velnik.core.site.Joining.Spot;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;

/** New pages that come into menus by themselves, once for each page and menu. */
public class JoinsTest {
    private static final String JOINED = "By itself: 1 item more in Footer.";

    private static SiteScript footerTakes(From from) {
        return brackwater().lets("Footer", from, Spot.AS_IN_TREE);
    }

    private static From section(String page) {
        return new From.Section(brackwater().page(page));
    }

    private static int times(SiteScript script, String menu, String page) {
        return (int) Whereabouts.of(script.site(), script.navigation()).of(script.page(page)).stream()
                .filter(place -> place.menu().equals(script.menu(menu)))
                .count();
    }

    /** A page with a period joins at once, and shows when it opens. */
    @Test
    public void datedPage_joinsAtOnce_andShowsWhenItOpens() {
        SiteScript script = footerTakes(new From.TopLevel()).on("2026-06-01");
        Change add = new Change.AddPages(List.of(
                Change.NewPage.open(new PageId("lights"), script.site().pages().endOf(null), "Winter lights")));
        Change period = new Change.SetPeriods(
                List.of(new PageId("lights")), List.of(Period.yearly(MonthDay.of(12, 1), MonthDay.of(1, 6))));
        script.does(add, period).notices(JOINED);
        assertFalse(script.sees("Home", Zone.FOOTER).contains("Winter lights"));
        assertEquals(script.whyNot(script.joined("Footer").getFirst()), "Its page is closed until 1 December 2026.");
        assertTrue(script.on("2026-12-24").sees("Home", Zone.FOOTER).contains("Winter lights"));
    }

    @DataProvider
    public Object[][] causes() {
        From top = new From.TopLevel();
        From all = new From.Everywhere();
        return new Object[][] {
            {top, null, Reach.OPEN, true},
            {top, "Hire", Reach.OPEN, false},
            {top, null, Reach.HELD_BACK, false},
            {top, null, Reach.BY_LINK_ONLY, false},
            {all, "Hire", Reach.OPEN, true},
            {all, "Engines", Reach.OPEN, true},
            {all, "Hire", Reach.HELD_BACK, false},
            {all, "Group bookings", Reach.OPEN, false}, // no list goes beneath a page by link only
            {all, "Summer regatta", Reach.OPEN, false}, // held back with the page above it
            {section("Repairs"), "Repairs", Reach.OPEN, true},
            {section("Repairs"), "Hulls", Reach.OPEN, true},
            {section("Repairs"), "Hire", Reach.OPEN, false},
            {section("Repairs"), null, Reach.OPEN, false},
            {section("Home"), "Home", Reach.OPEN, true},
            {section("Home"), "Hire", Reach.OPEN, false},
            {new From.Nowhere(), null, Reach.OPEN, false},
        };
    }

    @Test(dataProvider = "causes")
    public void pageThatIsMade_joinsWhereTheMenuTakesItIn(From from, String parent, Reach reach, boolean joins) {
        SiteScript script = footerTakes(from);
        Site before = script.site();
        script.adds("Paddleboards", parent, reach).notices(joins ? new String[] {JOINED} : new String[0]);
        assertEquals(times(script, "Footer", "Paddleboards"), joins ? 1 : 0);
        assertEquals(
                Undoing.undo(script.site(), Difference.between(before, script.site())),
                new Undoing.Result.Undone(before),
                "one undo step");
    }

    @Test
    public void pageThatIsOpened_joins_andWithItWhatComesIntoSight() {
        SiteScript script = footerTakes(new From.Everywhere()).lets("Short", new From.TopLevel(), Spot.AT_END);
        script.adds("Heats", "Summer regatta").notices();
        script.setsReach("Summer regatta", Reach.OPEN)
                .notices("By themselves: 2 items more in Footer and 1 item more in Short.");
        assertEquals(times(script, "Footer", "Summer regatta") + times(script, "Footer", "Heats"), 2);
        assertEquals(times(script, "Short", "Heats"), 0);
    }

    /** Rule 19: made, or made open, in whatever way; but what is restored brings its old items and joins nothing. */
    @Test
    public void pageThatComesToBeOpenInAnotherWay_joinsToo() {
        SiteScript moved = footerTakes(new From.Everywhere()).adds("Heats", "Summer regatta");
        moved.movesUnder("Hire", "Heats");
        assertTrue(moved.told().contains(JOINED), moved.told().toString());
        SiteScript movedUp = footerTakes(new From.Everywhere()).adds("Heats", "Summer regatta");
        movedUp.removes(Change.Subpages.MOVE_UP, "Summer regatta");
        assertTrue(movedUp.told().contains(JOINED), movedUp.told().toString());
        SiteScript madePage = brackwater();
        PageId moorings = madePage.page("Moorings");
        madePage.does(
                new Change.SetGroup(List.of(moorings), true),
                new MenuChange.AddMenu(new MenuRowId("fresh"), null, "Fresh"),
                new MenuChange.SetJoining(new MenuRowId("fresh"), new From.TopLevel(), Spot.AT_END));
        madePage.does(new Change.SetGroup(List.of(moorings), false)).notices("By itself: 1 item more in Fresh.");
        assertEquals(times(madePage, "Fresh", "Moorings"), 1);
        madePage.does(new Change.SetGroup(List.of(moorings), true));
        madePage.does(new Change.SetGroup(List.of(moorings), false)).notices();
        SiteScript back = footerTakes(new From.Everywhere()).removes("Kayaks").restores("gone-0");
        assertEquals(back.joined("Footer"), List.of());
    }

    @Test
    public void joinedItem_standsAsTheTreeHasIt_orAtTheEnd() {
        SiteScript script = footerTakes(new From.Everywhere()).lets("Elsewhere", new From.Everywhere(), Spot.AT_END);
        PageId boards = new PageId("boards");
        script.does(new Change.AddPages(List.of(
                Change.NewPage.open(boards, new Place<>(script.page("Hire"), script.page("Canoes")), "Paddleboards"))));
        assertEquals(
                script.site().menus().pathTo(script.joined("Footer").getFirst()).stream()
                        .map(row -> row.value() instanceof MenuRow.Item item ? item.label() : "Footer")
                        .toList(),
                List.of("Footer", "Afloat", ""));
        assertEquals(
                script.site()
                        .menus()
                        .childrenOf(script.menu("Elsewhere"))
                        .getLast()
                        .id(),
                script.joined("Elsewhere").getFirst());
    }

    @Test
    public void severalPagesMadeAtOnce_joinInTheOrderOfTheTree() {
        SiteScript script = brackwater().addsMenu("New").lets("New", new From.Everywhere(), Spot.AT_END);
        Place<PageId> first = Place.firstUnder(script.page("Hire"));
        script.does(new Change.AddPages(List.of(
                        Change.NewPage.open(new PageId("last"), first, "Last"),
                        Change.NewPage.open(new PageId("middle"), first, "Middle"),
                        Change.NewPage.open(new PageId("first"), first, "First"))))
                .notices("By themselves: 3 items more in New.");
        assertEquals(
                script.joined("New").stream()
                        .map(item -> ((ItemKind.ToPage) script.site().item(item).kind())
                                .page()
                                .value())
                        .toList(),
                List.of("first", "middle", "last"));
    }

    /** Removing a joined item by hand is remembered, however often the page closes and opens. */
    @Test
    public void itemTakenOutByHand_staysOut() {
        SiteScript script = footerTakes(new From.TopLevel()).adds("Paddleboards", null);
        script.removes(script.joined("Footer").getFirst());
        script.setsReach("Paddleboards", Reach.HELD_BACK)
                .setsReach("Paddleboards", Reach.OPEN)
                .notices();
        script.lets("Footer", new From.Nowhere(), Spot.AT_END)
                .lets("Footer", new From.Everywhere(), Spot.AT_END)
                .setsReach("Paddleboards", Reach.BY_LINK_ONLY)
                .setsReach("Paddleboards", Reach.OPEN)
                .notices();
        assertEquals(times(script, "Footer", "Paddleboards"), 0);
    }

    @Test
    public void pageThatJoins_comesBeforeTheBlocksThatEndTheMenu_andAfterThoseItBeginsWith() {
        SiteScript script = brackwater()
                .lets("Workshop", new From.TopLevel(), Spot.AT_END)
                .does(
                        new MenuChange.AddMenu(new MenuRowId("cards"), null, "Cards"),
                        new MenuChange.AddItems(List.of(new MenuChange.NewItem(
                                new MenuRowId("card"),
                                new Place<>(new MenuRowId("cards"), null),
                                null,
                                new ItemKind.Block.ContactCard(),
                                ""))))
                .lets("Cards", new From.TopLevel(), Spot.AT_END)
                .adds("Paddleboards", null);
        List<MenuRowId> workshop = childrenOf(script, "Workshop");
        assertEquals(workshop.size(), 3);
        assertEquals(workshop.get(1), script.joined("Workshop").getFirst());
        List<MenuRowId> cards = childrenOf(script, "Cards");
        assertEquals(
                cards, List.of(new MenuRowId("card"), script.joined("Cards").getFirst()));
    }

    private static List<MenuRowId> childrenOf(SiteScript script, String menu) {
        return script.site().menus().childrenOf(script.menu(menu)).stream()
                .map(Branch::id)
                .toList();
    }

    @Test
    public void itemThatStays_isTheOnlyOne_whenThePageClosesAndOpens() {
        SiteScript script = footerTakes(new From.TopLevel()).adds("Paddleboards", null);
        script.setsReach("Paddleboards", Reach.HELD_BACK)
                .setsReach("Paddleboards", Reach.OPEN)
                .notices();
        assertEquals(times(script, "Footer", "Paddleboards"), 1);
    }

    /** Restoring a page brings its old items back and joins nothing. */
    @Test
    public void pageFromTheBin_bringsItsItemsBack_andJoinsNothing() {
        SiteScript script = footerTakes(new From.Everywhere());
        script.does(new Change.SetLock(List.of(script.page("Safety on the tide")), false));
        script.removes("Hire").restores("gone-0").notices();
        assertEquals(times(script, "Footer", "Hire") + times(script, "Footer", "Canoes"), 1);
    }

    @Test
    public void pageThatStandsThereAlready_orIsPlacedInTheSameEdit_doesNotComeTwice() {
        SiteScript script = footerTakes(new From.TopLevel()).lets("Main", new From.Everywhere(), Spot.AT_END);
        PageId id = new PageId("boards");
        Outcome outcome = Changes.applyAll(
                script.site(),
                List.of(
                        new Change.AddPages(List.of(
                                Change.NewPage.open(id, script.site().pages().endOf(null), "Boards"))),
                        new MenuChange.PlacePages(List.of(
                                new MenuChange.NewPlace(script.menu("Footer"), new MenuRowId("by-hand"), id, "")))),
                Circumstances.NOBODY);
        Outcome.Applied applied = (Outcome.Applied) outcome;
        assertEquals(applied.notices(), List.of(), "Main lists it, and in Footer it was placed by hand");
        assertEquals(
                Whereabouts.of(applied.site(), SiteNavigation.of(applied.site(), Instant.EPOCH)).of(id).stream()
                        .map(Whereabouts.Place::menu)
                        .toList(),
                List.of(script.menu("Main"), script.menu("Footer")));
    }

    @Test
    public void menuThatIsSetAside_takesNobodyIn() {
        SiteScript script = brackwater().lets("Winter", new From.Everywhere(), Spot.AT_END);
        script.adds("Paddleboards", "Hire").notices();
        assertEquals(script.joined("Winter"), List.of());
    }

    @Test
    public void menuThatIsFull_saysSo_andThePageIsMadeAllTheSame() {
        SiteScript script = brackwater().addsMenu("Full").lets("Full", new From.TopLevel(), Spot.AS_IN_TREE);
        script.does(new MenuChange.AddItems(IntStream.range(0, Limits.ITEMS - 1)
                .mapToObj(n -> new MenuChange.NewItem(
                        new MenuRowId("text-" + n),
                        Place.firstUnder(script.menu("Full")),
                        null,
                        new ItemKind.Text(),
                        "Word"))
                .toList()));
        script.does(new Change.AddPages(List.of(
                        Change.NewPage.open(
                                new PageId("one"), script.site().pages().endOf(null), "One"),
                        Change.NewPage.open(
                                new PageId("two"), script.site().pages().endOf(null), "Two"))))
                .notices(
                        "1 page did not join Full, which holds 2,000 items at most.",
                        "By itself: 1 item more in Full.");
        assertEquals(times(script, "Full", "One") + times(script, "Full", "Two"), 1);
        assertTrue(script.site().pages().contains(script.page("Two")));
    }

    @Test
    public void setting_isTold_keptByACopy_andRefusedWhereItNamesNothing() {
        SiteScript script = brackwater()
                .lets("Short", section("Repairs"), Spot.AS_IN_TREE)
                .says("New open pages under Repairs join Short by themselves, where the page tree has them.")
                .does(new MenuChange.CopyMenuRow(brackwater().menu("Short"), "copy"))
                .lets("Short", new From.Nowhere(), Spot.AS_IN_TREE)
                .says("New pages no longer join Short by themselves.");
        script.adds("Keels", "Hulls").notices("By itself: 1 item more in Short 2.");
        script.refuses(
                        new MenuChange.SetJoining(
                                script.menu("Short"), new From.Section(new PageId("gone")), Spot.AT_END),
                        Refusal.PageUnknown.class,
                        "That page is no longer there.")
                .refuses(
                        new MenuChange.SetJoining(new MenuRowId("gone"), new From.TopLevel(), Spot.AT_END),
                        Refusal.MenuUnknown.class,
                        "That menu is no longer there.");
    }

    /** Whatever is done, no page ever gets a second item of a menu by joining it. */
    @Test
    public void randomEdits_letNoPageJoinAMenuTwice() {
        int joined = 0;
        for (long seed = 0; seed < 60; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            Site site = everyMenuTakes(Brackwater.site());
            Map<String, Integer> joins = new HashMap<>();
            for (int i = 0; i < 40; i++) {
                Outcome outcome = Changes.apply(site, edits.next(site), Circumstances.NOBODY);
                if (outcome instanceof Outcome.Applied applied) {
                    for (String join : joinsBetween(site, applied.site())) {
                        assertEquals(joins.merge(join, 1, Integer::sum), 1, "seed " + seed + ": " + join);
                    }
                    site = applied.site();
                }
            }
            joined += joins.size();
        }
        assertTrue(joined > 0, "something joined");
    }

    private static Site everyMenuTakes(Site site) {
        List<Change> takes = new ArrayList<>();
        site.menus()
                .top()
                .forEach(menu ->
                        takes.add(new MenuChange.SetJoining(menu.id(), new From.Everywhere(), Spot.AS_IN_TREE)));
        return ((Outcome.Applied) Changes.applyAll(site, takes, Circumstances.NOBODY)).site();
    }

    /** The items that came by joining, as page and menu. */
    private static List<String> joinsBetween(Site before, Site after) {
        return after.menus().walk().stream()
                .map(Branch::id)
                .filter(id ->
                        id.value().matches(".*-joined-\\d+") && !before.menus().contains(id))
                .filter(id -> before.findRemoved(id).isEmpty())
                .map(id -> after.item(id).kind() + " in " + after.menuOf(id))
                .toList();
    }
}
