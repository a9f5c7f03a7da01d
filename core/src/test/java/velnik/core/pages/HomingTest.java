package velnik.core.pages;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.LocalDate;
import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.compare.Difference;
import velnik.core.forwarding.Forwarding;
import velnik.core.site.Forward;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.telling.Waiting;
import velnik.core.undo.Undoing;

/** Rule 6, the home page; and rule 7, groups. */
public class HomingTest {

    @Test
    public void anotherPageIsHome_andOnlyTheTwoOwnAddressesChange() {
        SiteScript script = brackwater().publishes();
        Site before = script.site();
        script.does(new Change.SetHome(script.page("Hire"))).says("Hire is the home page now.");
        script.notices("2 addresses change when you publish; the old ones will forward.");
        script.addressIs("Hire", "/").addressIs("Canoes", "/hire/canoes").addressIs("Home", "/home");
        assertEquals(
                Waiting.between(before, script.site()).stream()
                        .map(Waiting.Entry::sentence)
                        .toList(),
                List.of("Hire becomes the home page."));
        script.publishes();
        assertEquals(
                Forwarding.of(script.site()).at("/hire").orElseThrow(), new Forward.Target.ToPage(script.page("Hire")));
        script.does(new Change.SetHome(script.page("Hire"))).notices();
    }

    @Test
    public void pageThatIsWithheld_orHasNoContent_isNoHome() {
        SiteScript script = brackwater();
        script.refuses(
                new Change.SetHome(script.page("Moorings")),
                Refusal.NoHome.class,
                "Moorings has no content of its own, so it cannot be the home page.");
        script.refuses(new Change.SetHome(Site.idOfBuiltIn(PageKind.SEARCH)), Refusal.NoHome.class);
        script.setsReach("Hire", Reach.HELD_BACK);
        script.refuses(
                new Change.SetHome(script.page("Hire")),
                Refusal.HomeWithheld.class,
                "Hire is not open to everyone at all times, as a home page is. Open it first.");
        script.refuses(
                new Change.SetHome(script.page("Canoes")),
                Refusal.HomeWithheld.class,
                "Canoes is under Hire, which is not open to everyone at all times. Move it or open that first.");
        script.setsReach("Hire", Reach.OPEN).opensFor("Canoes", Period.once(LocalDate.EPOCH, null));
        script.refuses(new Change.SetHome(script.page("Canoes")), Refusal.HomeWithheld.class);
        script.keepsForMembers("Kayaks");
        script.refuses(new Change.SetHome(script.page("Kayaks")), Refusal.HomeWithheld.class);
    }

    @Test
    public void homePageThatWentSince_isNotMadeHomeAgain_byUndo() {
        SiteScript script = brackwater();
        Site before = script.site();
        script.does(new Change.SetHome(script.page("Hire")));
        Difference made = Difference.between(before, script.site());
        script.removes("Home");
        assertTrue(Undoing.undo(script.site(), made) instanceof Undoing.Result.Blocked);
        Site with = script.site();
        script.adds("Landing", null).does(new Change.SetHome(script.page("Landing")));
        Difference added = Difference.between(with, script.adds("Other", null).site());
        assertTrue(Undoing.undo(script.site(), added) instanceof Undoing.Result.Undone);
        Site later = script.site();
        script.adds("Newest", null);
        Difference newest = Difference.between(later, script.site());
        script.does(new Change.SetHome(script.page("Newest")));
        assertTrue(Undoing.undo(script.site(), newest) instanceof Undoing.Result.Blocked);
    }

    @Test
    public void pageBecomesAGroup_andAPageAgain_withWhatItHad() {
        SiteScript script = brackwater();
        Site before = script.site();
        script.does(new Change.SetGroup(List.of(script.page("Hire")), true))
                .says("Hire is a group now: nothing of its own shows, what is under it does.");
        assertTrue(script.site().pages().get(script.page("Hire")).kind() == PageKind.GROUP);
        script.does(new Change.SetGroup(List.of(script.page("Hire")), false));
        assertEquals(script.site(), before);
        script.refuses(
                new Change.SetGroup(List.of(script.page("Home")), true),
                Refusal.HomeNoGroup.class,
                "Home is the home page, and a home page has content of its own.");
        script.refuses(
                new Change.SetGroup(List.of(Site.idOfBuiltIn(PageKind.SEARCH)), true), Refusal.BuiltInAlone.class);
    }
}
