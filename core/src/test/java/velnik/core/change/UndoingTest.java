package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.compare.Difference;
import velnik.core.site.Page;
import velnik.core.site.Reach;
import velnik.core.site.Site;

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
