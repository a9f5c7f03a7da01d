package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertThrows;
import static velnik.core.SiteScript.brackwater;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;

/** Pages that every site has: what can be done with them, and what cannot. */
public class BuiltInPagesTest {
    private static final Change.AddBuiltInPages ADD = new Change.AddBuiltInPages();
    private static final PageId FIRST = new PageId("first");

    private static Site made(Site site, Change... changes) {
        return ((Outcome.Applied) Changes.applyAll(site, List.of(changes), Circumstances.NOBODY)).site();
    }

    private static List<String> addresses(Site site) {
        return site.pages().walk().stream()
                .map(Branch::id)
                .map(page -> Addresses.of(site, page))
                .toList();
    }

    @Test
    public void builtInPages_comeBeforeAnyOther_andTheFirstOtherIsHome() {
        Site begun = made(SiteGenerator.begun(), ADD);
        assertNull(begun.home());
        assertEquals(addresses(begun), List.of("/search", "/page-index", "/sign-in", "/not-found"));
        Change first = new Change.AddPages(List.of(Change.NewPage.open(FIRST, Place.top(), "Home")));
        Site site = made(begun, first);
        assertEquals(site.home(), FIRST);
        assertEquals(addresses(site), List.of("/", "/search", "/page-index", "/sign-in", "/not-found"));
        Undoing.Result undone = Undoing.undo(site, Difference.between(begun, site));
        assertEquals(((Undoing.Result.Undone) undone).site(), begun);
    }

    @Test
    public void builtInPages_areAddedOnce_andMakeWayForAddressesThatAreThere() {
        Site site = made(
                SiteGenerator.begun(),
                new Change.AddPages(List.of(Change.NewPage.open(FIRST, Place.top(), "Home"))),
                new Change.AddPages(
                        List.of(Change.NewPage.open(new PageId("own"), new Place<>(null, FIRST), "Search"))),
                ADD);
        assertEquals(addresses(site), List.of("/", "/search", "/search-2", "/page-index", "/sign-in", "/not-found"));
        assertEquals(made(site, ADD), site);
        assertThrows(
                IllegalArgumentException.class,
                () -> new Change.NewPage(
                        new PageId("x"), Place.top(), PageKind.SEARCH, "Search", null, Reach.OPEN, false, "", null));
    }

    @DataProvider
    public Object[][] refused() {
        SiteScript script = brackwater();
        PageId search = script.page("Search");
        String stays = "Search is a built-in page, which every site has; it cannot be removed.";
        String nothingUnder = "Nothing goes under Search, since it is a built-in page.";
        Change.NewPage under = Change.NewPage.open(new PageId("sub"), Place.firstUnder(search), "Sub");
        PageId notFound = script.page("Not found");
        String always = "Visitors get Not found wherever there is no page, so it is always there.";
        PageId signIn = script.page("Sign in");
        String open = "Members come in by Sign in, so it is always open.";
        return new Object[][] {
            {new Change.SetReach(List.of(notFound), Reach.HELD_BACK), Refusal.NotFoundStaysOpen.class, always},
            {
                new Change.SetPeriods(
                        List.of(script.page("Canoes"), notFound), List.of(Period.once(LocalDate.EPOCH, null))),
                Refusal.NotFoundStaysOpen.class,
                always
            },
            {new Change.SetReach(List.of(signIn), Reach.BY_LINK_ONLY), Refusal.SignInStaysOpen.class, open},
            {new Change.SetMembersOnly(List.of(search, signIn), true), Refusal.SignInStaysOpen.class, open},
            {new Change.SetMembersOnly(List.of(notFound), true), Refusal.NotFoundStaysOpen.class, always},
            {remove(Change.Subpages.GO_TOO, search), Refusal.BuiltInStays.class, stays},
            {remove(Change.Subpages.MOVE_UP, script.page("Canoes"), search), Refusal.BuiltInStays.class, stays},
            {new Change.AddPages(List.of(under)), Refusal.NothingUnderBuiltIn.class, nothingUnder},
            {
                new Change.MovePages(List.of(script.page("Canoes")), Place.firstUnder(search)),
                Refusal.NothingUnderBuiltIn.class,
                nothingUnder
            },
        };
    }

    private static Change remove(Change.Subpages subpages, PageId... pages) {
        return Change.RemovePages.of(new RemovalId("gone"), List.of(pages), subpages);
    }

    @Test(dataProvider = "refused")
    public void whatTheyCannotBe_isRefused(Change change, Class<? extends Refusal> why, String sentence) {
        brackwater().refuses(change, why, sentence);
    }

    @Test
    public void branchWithABuiltInPage_isNotRemoved_butMayMoveUp() {
        SiteScript script = brackwater().movesUnder("Courses", "Search");
        script.refuses(
                remove(Change.Subpages.GO_TOO, script.page("Courses")),
                Refusal.BuiltInStays.class,
                "Search is a built-in page, which every site has; it cannot be removed.");
        script.removes(Change.Subpages.MOVE_UP, "Courses").addressIs("Search", "/search");
    }

    /** Placed by hand they show; no list yields them, and they join no menu. */
    @Test
    public void menus_showThemOnlyWherePlacedByHand() {
        SiteScript script = brackwater().addsMenu("All").assigns(Zone.ABOVE, new Scope.Everywhere(), "All");
        script.puts(ItemKind.PageList.of(new ListSource.WholeTree(), 1), "", script.menu("All"));
        assertEquals(
                script.sees("Home", Zone.ABOVE),
                "Home, Hire, Repairs, Moorings, Slipway Café, Courses, News, About us, Contact, Terms of hire, Privacy");
        script.putsPage("Page index", script.menu("All"));
        assertEquals(
                script.sees("Home", Zone.ABOVE),
                "Home, Hire, Repairs, Moorings, Slipway Café, Courses, News, About us, Contact, Terms of hire, Privacy,"
                        + " Page index");
        script.lets("Short", new Joining.From.Everywhere(), Joining.Spot.AT_END);
        script.setsReach("Search", Reach.HELD_BACK).setsReach("Search", Reach.OPEN);
        assertEquals(script.sees("Group bookings", Zone.HEADER), "Home, Contact");
    }

    @Test
    public void group_leadsToNoBuiltInPage() {
        SiteScript script = brackwater().removes("First paddle", "Reading the tide", "Knots in an evening");
        script.movesUnder("Courses", "Search");
        assertEquals(
                script.reachOf("Courses"),
                "It has no content of its own, and as nothing under it is open, its address is not found;"
                        + " no menu shows it; search engines may list it.");
    }

    /** As any page: by itself, by its layout, by its section. */
    @Test
    public void zonesOfTheNotFoundPage_canBeItsOwn() {
        SiteScript script = brackwater();
        script.assigns(Zone.SIDEBAR, new Scope.Pages(Set.of(script.page("Not found"))), "Tides");
        assertEquals(script.sees("Not found", Zone.SIDEBAR), "Before you set out, Tide tables, Spring tides in March");
        assertEquals(script.sees("Search", Zone.SIDEBAR), "");
        script.does(new SortingChange.SetLayout(List.of(script.page("Not found")), LayoutId.LANDING));
        assertEquals(script.sees("Not found", Zone.HEADER), "Home, Contact");
        script.movesUnder("Repairs", "Page index");
        assertEquals(script.sees("Page index", Zone.SIDEBAR), script.sees("Repairs", Zone.SIDEBAR));
    }
}
