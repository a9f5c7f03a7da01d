package velnik.core.undo;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
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
        assertEquals(undone.pages().size(), 54);
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
                script, assigned, "What that zone shows was changed again since, so this cannot be taken back alone.");
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
                script, gone, "What that zone shows was changed again since, so this cannot be taken back alone.");
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

    /** As few as it takes: what has nothing to do with it stays. */
    @Test
    public void undoTogether_takesBackWhatWasBuiltUpon_andLeavesTheRest() {
        SiteScript script = brackwater();
        Difference added = difference(script, () -> script.adds("Paddleboards", "Hire"));
        Site without = brackwater().retitles("Kayaks", "Sea kayaks").site();
        Difference other = difference(script, () -> script.retitles("Kayaks", "Sea kayaks"));
        Difference under = difference(script, () -> script.adds("Hard boards", "Paddleboards"));
        Difference retitled = difference(script, () -> script.retitles("Paddleboards", "Boards"));
        Undoing.Together together = Undoing.undoTogether(script.site(), added, List.of(other, under, retitled))
                .orElseThrow();
        assertEquals(together.later(), List.of(1, 2));
        assertEquals(together.site(), without);
        assertEquals(
                Undoing.undoTogether(script.site(), retitled, List.of())
                        .orElseThrow()
                        .later(),
                List.of());
        List<Difference> tooMany = Collections.nCopies(Undoing.LOOKED_THROUGH + 1, other);
        assertTrue(Undoing.undoTogether(script.site(), added, tooMany).isEmpty());
    }

    /** Whatever was done since, taking back all of it that is in the way leaves a site from which it is gone. */
    @Test
    public void undoTogether_alwaysFindsAWay_andNeedsEachOfThem() {
        for (long seed = 0; seed < 80; seed++) {
            RandomEdits edits = new RandomEdits(seed);
            Site site = brackwater().site();
            List<Difference> made = new ArrayList<>();
            while (made.size() < 12) {
                if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied
                        && applied.site() != site) {
                    made.add(Difference.between(site, applied.site()));
                    site = applied.site();
                }
            }
            List<Difference> later = made.subList(1, made.size());
            Undoing.Together together =
                    Undoing.undoTogether(site, made.getFirst(), later).orElseThrow();
            Site now = site;
            for (int index : together.later().reversed()) {
                now = ((Undoing.Result.Undone) Undoing.undo(now, later.get(index))).site();
            }
            Undoing.Result alone = Undoing.undo(site, made.getFirst());
            assertEquals(
                    alone instanceof Undoing.Result.Undone, together.later().isEmpty(), "seed " + seed);
            assertEquals(((Undoing.Result.Undone) Undoing.undo(now, made.getFirst())).site(), together.site());
        }
    }
}
