package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.compare.Difference;
import velnik.core.outline.Place;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Undo where something else happened since. */
public class UndoingTest {

    @Test
    public void undo_leavesAloneWhatOthersChangedSince() {
        SiteScript script = brackwater();
        Difference retitled = difference(script, () -> script.retitles("Canoes", "Open canoes"));
        script.setsReach("Open canoes", Reach.BY_LINK_ONLY).adds("Paddleboards", "Hire");

        Site undone = ((Undoing.Result.Undone) Undoing.undo(script.site(), retitled)).site();

        Page canoes = undone.pages().get(script.page("Open canoes"));
        assertEquals(canoes.title(), "Canoes");
        assertEquals(canoes.slug(), "canoes");
        assertEquals(canoes.reach(), Reach.BY_LINK_ONLY);
        assertEquals(undone.pages().size(), 50);
    }

    @Test
    public void undo_ofWhatWasBuiltUpon_saysWhichPage() {
        SiteScript script = brackwater();
        Difference added = difference(script, () -> script.adds("Paddleboards", "Hire"));
        script.adds("Hard boards", "Paddleboards");
        assertBlocked(script, added, "Paddleboards was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_whoseSlugIsTakenNow_isBlocked() {
        SiteScript script = brackwater();
        Difference moved = difference(script, () -> script.movesUnder("Repairs", "Canoes"));
        script.adds("Canoes", "Hire");
        assertBlocked(script, moved, "Canoes was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_whoseMoveWouldNowMakeACircle_isBlocked() {
        SiteScript script = brackwater();
        Difference out = difference(script, () -> script.movesUnder(null, "Wooden hulls"));
        script.movesUnder("Wooden hulls", "Hulls");
        assertBlocked(script, out, "Wooden hulls was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_ofALabel_leavesWhatOthersDidToTheItem() {
        SiteScript script = brackwater();
        MenuRowId tables = new MenuRowId("tides-tide-tables");
        Difference labelled = difference(script, () -> script.sets(tables, ItemEdit.label("High water")));
        script.sets(tables, ItemEdit.hidden(true))
                .does(new MenuChange.MoveItems(List.of(tables), Place.firstUnder(script.menu("Short")), null));
        Site undone = ((Undoing.Result.Undone) Undoing.undo(script.site(), labelled)).site();
        assertEquals(undone.item(tables).label(), "Tide tables");
        assertTrue(undone.item(tables).appearance().hidden());
        assertEquals(undone.menuOf(tables), script.menu("Short"));
    }

    @Test
    public void undo_ofTwoRowsOfAList_isEachItsOwn() {
        SiteScript script = brackwater();
        MenuRowId list = new MenuRowId("main-list");
        Difference boats = difference(script, () -> script.dresses(list, "Hire", ItemEdit.label("Boats")));
        script.dresses(list, "News", ItemEdit.label("What is new"));
        Site undone = ((Undoing.Result.Undone) Undoing.undo(script.site(), boats)).site();
        ItemKind.PageList now = (ItemKind.PageList) undone.item(list).kind();
        assertEquals(now.dressOf(script.page("Hire")).label(), "");
        assertEquals(now.dressOf(script.page("News")).label(), "What is new");
        script.dresses(list, "Hire", ItemEdit.label("Vessels"));
        assertBlocked(script, boats, "the list was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_ofMenus_isBlockedWhereSomethingWasBuiltUponThem() {
        SiteScript script = brackwater();
        Difference added = difference(script, () -> script.addsMenu("Spring"));
        script.putsPage("Canoes", script.menu("Spring"));
        assertBlocked(script, added, "Spring was changed again since, so this cannot be taken back alone.");

        Difference renamed =
                difference(script, () -> script.does(new MenuChange.RenameMenu(script.menu("Short"), "Brief")));
        script.does(new MenuChange.AddMenu(new MenuRowId("another-short"), null, "Short"));
        assertBlocked(script, renamed, "Short was changed again since, so this cannot be taken back alone.");

        Scope hire = new Scope.Section(script.page("Hire"));
        Difference assigned = difference(script, () -> script.assigns(Zone.ABOVE, hire, "Brief"));
        script.assigns(Zone.ABOVE, hire, "Main");
        assertBlocked(
                script,
                assigned,
                "What stands in that zone was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_thatWouldCloseACircleOfMenus_isBlocked() {
        SiteScript script = brackwater().addsMenu("One").addsMenu("Two");
        script.puts(new ItemKind.OtherMenu(script.menu("Two")), "", script.menu("One"));
        MenuRowId two = script.latest();
        Difference removed = difference(script, () -> script.removes(two));
        script.does(new MenuChange.AddItems(List.of(new MenuChange.NewItem(
                new MenuRowId("back-to-one"),
                Place.firstUnder(script.menu("Two")),
                null,
                new ItemKind.OtherMenu(script.menu("One")),
                ""))));
        assertBlocked(script, removed, "The menu was changed again since, so this cannot be taken back alone.");
    }

    @Test
    public void undo_thatWouldNameAPageTwice_isBlocked() {
        SiteScript script = brackwater();
        Scope findUs = new Scope.Pages(Set.of(script.page("Find us")));
        Difference gone = difference(script, () -> script.does(new MenuChange.AssignMenus(Zone.FOOTER, findUs, null)));
        script.assigns(Zone.FOOTER, new Scope.Pages(Set.of(script.page("Find us"), script.page("Hire"))), "Short");
        assertBlocked(
                script, gone, "What stands in that zone was changed again since, so this cannot be taken back alone.");
    }

    private static void assertBlocked(SiteScript script, Difference done, String sentence) {
        Undoing.Result.Blocked blocked = (Undoing.Result.Blocked) Undoing.undo(script.site(), done);
        assertEquals(blocked.why().sentence(), sentence);
    }

    private static Difference difference(SiteScript script, Runnable edit) {
        Site before = script.site();
        edit.run();
        return Difference.between(before, script.site());
    }
}
