package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.site.LayoutId;
import velnik.core.site.NewPages;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.undo.Undoing;

/** Layouts of the owner's own: named, copied with what zones show for them, and removed. */
public class LayoutsTest {
    private static final LayoutId OFFERS = new LayoutId("offers");

    private static SiteScript withOffers() {
        return brackwater().does(new SortingChange.AddLayout(OFFERS, "  Winter   offers ", LayoutId.LANDING));
    }

    @Test
    public void layoutCopied_looksAndShowsLikeTheOther_untilItIsChanged() {
        SiteScript script = withOffers().says("Winter offers is a new layout; it begins as landing.");
        String landing = script.sees("Group bookings", Zone.HEADER);
        script.does(new SortingChange.SetLayout(List.of(script.page("Canoes")), OFFERS))
                .says("Canoes now has the layout Winter offers.");
        assertEquals(script.sees("Canoes", Zone.HEADER), landing, "its zones are copied");
        assertEquals(script.site().frameOf(OFFERS), LayoutId.LANDING);
        script.assigns(Zone.HEADER, new Scope.OfLayout(OFFERS), "Footer");
        assertEquals(script.sees("Group bookings", Zone.HEADER), landing, "and apart from then on");
        script.does(new SortingChange.RenameLayout(OFFERS, "Spring offers"))
                .says("The layout Winter offers is now called Spring offers.");
    }

    @Test
    public void layoutRemoved_leavesItsPagesAnother_andTellsWhatGoes() {
        SiteScript script = withOffers();
        script.does(
                new SortingChange.SetLayout(List.of(script.page("Canoes"), script.page("Kayaks")), OFFERS),
                new Change.SetNewPages(new NewPages(Reach.OPEN, OFFERS, null)));
        Site before = script.site();
        script.removes("Kayaks").does(new SortingChange.RemoveLayout(OFFERS, LayoutId.WIDE));
        script.says("The layout Winter offers is removed; its page now has the layout wide.");
        script.notices("1 exception in the zones goes with it.");
        assertEquals(script.site().details().newPages().layout(), LayoutId.WIDE);
        script.restores("gone-0");
        assertEquals(script.site().pages().get(script.page("Kayaks")).layout(), LayoutId.STANDARD, "its own is gone");
        Difference added = Difference.between(brackwater().site(), withOffers().site());
        assertTrue(
                Undoing.undo(before, added) instanceof Undoing.Result.Blocked,
                "a layout that pages have since is not taken back alone");
    }

    @Test
    public void layoutThatCannotBe_isRefused_andNothingChanged() {
        SiteScript script = withOffers();
        script.refuses(
                new SortingChange.AddLayout(new LayoutId("x"), "WINTER offers", LayoutId.WIDE),
                Refusal.LayoutNamed.class,
                "There is a layout Winter offers already. Choose another name.");
        script.refuses(
                new SortingChange.AddLayout(new LayoutId("x"), "Wide", LayoutId.WIDE), Refusal.LayoutNamed.class);
        script.refuses(
                new SortingChange.AddLayout(new LayoutId("x"), " ", LayoutId.WIDE), Refusal.LayoutMalformed.class);
        script.refuses(
                new SortingChange.AddLayout(new LayoutId("x"), "x".repeat(201), LayoutId.WIDE),
                Refusal.LayoutMalformed.class);
        script.refuses(new SortingChange.AddLayout(OFFERS, "Again", LayoutId.WIDE), Refusal.LayoutTaken.class);
        script.refuses(new SortingChange.AddLayout(LayoutId.WIDE, "Again", LayoutId.WIDE), Refusal.LayoutTaken.class);
        script.refuses(
                new SortingChange.AddLayout(new LayoutId("x"), "X", new LayoutId("gone")), Refusal.LayoutUnknown.class);
        script.refuses(
                new SortingChange.RenameLayout(LayoutId.WIDE, "Broad"),
                Refusal.LayoutStays.class,
                "Every site has the layout wide, so it stays as it is. Copy it to make one of your own.");
        script.refuses(new SortingChange.RemoveLayout(OFFERS, OFFERS), Refusal.LayoutGoes.class);
        script.refuses(new SortingChange.RemoveLayout(LayoutId.WIDE, OFFERS), Refusal.LayoutStays.class);
        script.refuses(
                new SortingChange.SetLayout(List.of(script.page("Hire")), new LayoutId("gone")),
                Refusal.LayoutUnknown.class);
        IntStream.range(1, 50)
                .forEach(i -> script.does(new SortingChange.AddLayout(new LayoutId("n" + i), "N" + i, OFFERS)));
        script.refuses(new SortingChange.AddLayout(new LayoutId("x"), "X", OFFERS), Refusal.TooManyLayouts.class);
    }
}
