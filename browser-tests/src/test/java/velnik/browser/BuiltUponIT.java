package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import org.testng.annotations.Test;

/** Undo of an edit that somebody else built upon; on a demo of its own, since what is left as it is stays. */
public class BuiltUponIT extends DemoTest {
    @Test
    public void undoOfWhatTheOtherBuiltUpon_offersBoth_orToLeaveIt() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        Owner jo = new Owner(velnik, wide()).signsIn("jo", "neap-tide");
        Locator line = mara.page().locator(".foot-line");
        mara.chooses("Kayaks").presses("Control+Shift+ArrowDown").isTold("Kayaks moved after Rowing skiffs.");
        mara.chooses("Canoes").presses("n").types("Paddleboards").presses("Enter", "Escape");
        mara.isTold("Paddleboards added under Hire.");
        jo.chooses("Paddleboards").presses("Enter").types("Boards").presses("Enter");
        jo.isTold("Paddleboards is now Boards.");
        mara.isTold("Jo Lindqvist: Paddleboards is now Boards.").presses("Control+z");
        assertThat(line).containsText("Boards was changed again since, so this cannot be taken back alone.");
        assertThat(line).containsText("Built upon it: Rename Paddleboards to Boards.");
        mara.isAccessible("an undo that cannot be made alone");
        mara.clicks("Skip it, undo the one before");
        mara.isTold("Left as it is: Add Paddleboards under Hire.");
        mara.presses("Control+z").isTold("Undone: Move Kayaks after Rowing skiffs.");
        assertThat(mara.row("Boards")).isVisible();

        mara.chooses("Boards")
                .presses("n")
                .types("Sails")
                .presses("Enter", "Escape")
                .isTold("Sails added under Hire.");
        jo.chooses("Sails").presses("Enter").types("Oars").presses("Enter").isTold("Sails is now Oars.");
        mara.isTold("Jo Lindqvist: Sails is now Oars.").presses("Control+z");
        mara.clicks("Undo both").isTold("Undone: Rename Sails to Oars. Undone: Add Sails under Hire.");
        assertThat(mara.row("Oars")).hasCount(0);
        mara.presses("Control+Shift+z", "Control+Shift+z").isTold("Redone: Rename Sails to Oars.");
        assertThat(mara.row("Oars")).isVisible();
        mara.forgives("409");
        for (Owner one : List.of(mara, jo)) {
            one.forgives("404"); // what was asked about a page just when it was taken back
            one.complainsOfNothing();
        }
    }
}
