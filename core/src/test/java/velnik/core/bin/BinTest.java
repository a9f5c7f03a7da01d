package velnik.core.bin;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;
import static velnik.core.change.Change.Subpages.MOVE_UP;

import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.compare.Difference;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.site.Assignment.Says;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.telling.Waiting;
import velnik.core.undo.Undoing;

public class BinTest {
    private static final MenuRowId LIST = new MenuRowId("main-list");

    @Test
    public void page_goesWithItsSubpages_andTellsWhatMissesThem() {
        SiteScript script = brackwater().publishes();
        String footer = script.sees("Home", Zone.FOOTER);
        script.assigns(Zone.SIDEBAR, new Scope.Section(script.page("About us")), "Short");
        Site before = script.site();
        script.removes("About us")
                .says("About us is in the bin.")
                .notices(
                        "3 subpages go with it.",
                        "4 addresses that visitors know say that the page is gone once you publish.",
                        "5 items in Main and Footer lead there and show to nobody until it is restored.",
                        "2 exceptions in the zones were for it and rest until it is restored.");
        assertEquals(script.site().pages().size(), before.pages().size() - 4);
        assertEquals(script.whyNot(item(script, "Find us")), "Its page is in the bin.");
        assertEquals(
                Waiting.between(before, script.site()).stream()
                        .map(Waiting.Entry::sentence)
                        .toList(),
                List.of(
                        "About us is removed; its address says that it is gone.",
                        "The crew is removed; its address says that it is gone.",
                        "A short history is removed; its address says that it is gone.",
                        "Find us is removed; its address says that it is gone."));
        script.restores("gone-0").says("About us is restored.").notices();
        assertEquals(script.site(), before);
        assertEquals(script.sees("Home", Zone.FOOTER), footer);
    }

    @Test
    public void subpages_moveUp_toWhereTheirParentStood() {
        SiteScript script = brackwater().removes(MOVE_UP, "Engines").says("Engines is in the bin.");
        script.notices("6 addresses change; none was public yet.");
        script.addressIs("Outboards", "/repairs/outboards")
                .addressIs("Batteries", "/repairs/electric-conversion/batteries");
        script.restores("gone-0").says("Engines is restored.").addressIs("Engines", "/repairs/engines");
        assertEquals(script.site().pages().branch(script.page("Engines")).children(), List.of());
        assertEquals(script.site().pages().placeOf(script.page("Engines")).after(), script.page("Hulls"));
    }

    @Test
    public void removal_comesBackToTheNearestPlaceThatIsLeft() {
        SiteScript script = brackwater()
                .removes("Kayaks")
                .removes("Canoes")
                .restores("gone-0")
                .notices();
        assertEquals(script.site().pages().placeOf(script.page("Kayaks")).after(), null);
        script = brackwater().removes("Batteries").removes("Electric conversion");
        script.restores("gone-0")
                .says("Batteries is restored.")
                .notices("Batteries was under something that is gone, so it is at the end of Engines now.")
                .addressIs("Batteries", "/repairs/engines/batteries");
        script = brackwater().removes("Canoes").adds("Canoes", "Hire").restores("gone-0");
        script.notices("Another page there has that address, so Canoes gets “canoes-2”.");
    }

    @Test
    public void itemsAndMenus_comeBackWithAllTheyHad() {
        SiteScript script = brackwater();
        Site before = script.site();
        script.removes(LIST, script.menu("Footer"));
        assertEquals(script.sees("Contact", Zone.FOOTER), "Pictures, Write to us, 01632 960 983, On the web");
        script.restores("gone-0").says("The list and 1 more are restored.");
        assertEquals(script.site(), before);
        script.removes(script.menu("Footer"));
        script.does(new MenuChange.AddMenu(new MenuRowId("another"), null, "Footer"));
        script.restores("gone-1").says("The menu Footer is restored.");
        assertEquals(script.site().menus().walk(script.menu("Footer 2")).size(), 16);
    }

    @Test
    public void anItem_comesBackOnlyWhereItsMenuIs() {
        SiteScript script = brackwater().removes(LIST).removes(new MenuRowId("main"));
        script.refuses(
                new Change.Restore(new RemovalId("gone-0")),
                Refusal.MenuInBin.class,
                "The menu Main is not there. Restore it first.");
        script.restores("gone-1").restores("gone-0").says("The list is restored.");
    }

    @Test
    public void refusals_changeNothing() {
        SiteScript script = brackwater();
        PageId home = script.page("Home");
        RemovalId id = new RemovalId("gone");
        script.refuses(
                Change.RemovePages.of(id, List.of(home), MOVE_UP),
                Refusal.HomeStays.class,
                "Home is the home page, and a site keeps its home page.");
        script.refuses(Change.RemovePages.of(id, List.of(), MOVE_UP), Refusal.NothingNamed.class, "Nothing is chosen.");
        script.refuses(
                Change.RemovePages.of(id, List.of(new PageId("never")), MOVE_UP),
                Refusal.PageUnknown.class,
                "That page is no longer there.");
        script.refuses(new Change.Restore(id), Refusal.NotInBin.class, "That is no longer in the bin.");
        PageId canoes = script.page("Canoes");
        script.removes("Canoes");
        script.refuses(
                Change.RemovePages.of(new RemovalId("gone-0"), List.of(script.page("Kayaks")), MOVE_UP),
                Refusal.RemovedAlready.class,
                "That was removed already.");
        script.refuses(
                new Change.AddPages(List.of(
                        Change.NewPage.open(canoes, script.site().pages().endOf(null), "An id that the bin holds"))),
                Refusal.IdTaken.class,
                "That page was added already.");
    }

    @Test
    public void undo_takesARemovalOutOfTheBin_unlessItCameBackAlready() {
        SiteScript script = brackwater();
        Site before = script.site();
        script.removes("Canoes");
        Difference removed = Difference.between(before, script.site());
        assertEquals(Undoing.undo(script.site(), removed), new Undoing.Result.Undone(before));
        script.restores("gone-0");
        assertEquals(
                Undoing.undo(script.site(), removed),
                new Undoing.Result.Blocked(new Refusal.BuiltUpon("What lies in the bin")));
    }

    @Test
    public void words_nameWhatLiesInTheBin() {
        SiteScript script = brackwater().removes("Find us").removes(new MenuRowId("tides"));
        Removal tides = script.site().findRemoval(new RemovalId("gone-1")).orElseThrow();
        assertEquals(Labels.of(script.site(), tides), "the menu Tides");
        assertEquals(Labels.of(script.site(), item(script, "Find us")), "Find us (in the bin)");
    }

    @Test
    public void assignmentOfARemovedSection_restsAndIsNamed_untilItIsBack() {
        SiteScript script = brackwater();
        String before = script.sees("Hulls", Zone.SIDEBAR);
        Scope repairs = new Scope.Section(script.page("Repairs"));
        script.removes("Repairs");
        assertEquals(Words.scope(script.site(), repairs), "Repairs (in the bin) and what is under it");
        assertEquals(script.sees("Home", Zone.SIDEBAR), "");
        script.refuses(
                new MenuChange.AssignMenus(Zone.SIDEBAR, repairs, new Says.Instead(List.of())),
                Refusal.PageUnknown.class,
                "That page is no longer there.");
        script.restores("gone-0");
        assertEquals(script.sees("Hulls", Zone.SIDEBAR), before);
    }

    /** The item of Footer that leads to a page, wherever that page is. */
    private static MenuRowId item(SiteScript script, String title) {
        PageId page = brackwater().page(title);
        return script.site().menus().walk(script.menu("Footer")).stream()
                .filter(row ->
                        row.value() instanceof MenuRow.Item item && item.kind().equals(new ItemKind.ToPage(page, 0)))
                .findFirst()
                .orElseThrow()
                .id();
    }
}
