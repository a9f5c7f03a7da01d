package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.time.MonthDay;
import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Period;
import velnik.core.site.Reach;

/** Rules 1, 4 and 5: what a notice tells of can be mended at once, by what is offered and nothing less. */
public class RemedyTest {

    private static Remedy open(SiteScript script, String... pages) {
        return new Remedy.Open(List.of(pages).stream().map(script::page).toList());
    }

    private static Remedy moveUp(SiteScript script, String page) {
        return new Remedy.MoveUp(List.of(script.page(page)));
    }

    @Test
    public void placedPageThatIsHeldBack_isOpenedWithWhatHoldsItBack() {
        SiteScript script = brackwater().adds("Heats", "Summer regatta", Reach.HELD_BACK);
        script.putsPage("Heats", script.menu("Footer")).offers(open(script, "Summer regatta", "Heats"));
        script.does(new Change.SetReach(List.of(script.page("Summer regatta"), script.page("Heats")), Reach.OPEN));
        assertEquals(script.whyNot(script.latest()), "");
        script.putsPage("Group bookings", script.menu("Footer")).offers(open(script, "Group bookings"));
        script.putsPage("Canoes", script.menu("Footer")).offers();
    }

    @Test
    public void periodOfAPageUnderOneThatIsHeldBack_offersToOpenThatOne() {
        SiteScript script = brackwater().adds("Heats", "Summer regatta");
        script.opensFor("Heats", Period.yearly(MonthDay.of(6, 1), MonthDay.of(6, 30)))
                .offers(open(script, "Summer regatta"));
    }

    @Test
    public void subpagesThatWouldBeWithheld_canMoveUp() {
        SiteScript script = brackwater();
        script.setsReach("Hire", Reach.HELD_BACK).offers(moveUp(script, "Hire"));
        script.setsReach("Repairs", Reach.BY_LINK_ONLY).offers(moveUp(script, "Repairs"));
        script.keepsForMembers("Moorings").offers(moveUp(script, "Moorings"));
        script.opensFor("Courses", Period.yearly(MonthDay.of(12, 1), MonthDay.of(12, 2)))
                .offers(moveUp(script, "Courses"));
        script.setsReach("Contact", Reach.HELD_BACK).offers();
    }
}
