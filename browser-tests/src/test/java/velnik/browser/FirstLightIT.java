package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** From a page that an owner has in mind to the menu that a visitor opens. */
public class FirstLightIT extends BrowserTest {
    private RunningVelnik velnik;

    @BeforeMethod
    public void start() {
        velnik = RunningVelnik.demo();
    }

    @AfterMethod(alwaysRun = true)
    public void stop() {
        velnik.close();
    }

    @Test
    public void byMouse_aPageIsAddedMovedAndPublished_andStaysAfterARestart() {
        Owner mara = new Owner(velnik, wide()).opensTheEditor();
        mara.isAccessible("signing in");
        mara.signsIn();
        assertThat(mara.page().locator(".head")).containsText("53 pages · 2 held back");
        mara.isAccessible("Pages");

        mara.chooses("Hire").clicks("Add under").types("Paddleboards").presses("Enter", "Escape");
        mara.isTold("Paddleboards added under Hire.")
                .seesAddress("Paddleboards", "/hire/paddleboards")
                .seesSentence(
                        "Anyone can open it; Main shows it in the header and the phone drawer; search engines may list it.")
                .seesWaiting(1);

        assertThat(mara.row("Paddleboards").locator(".kept")).hasText("Saved");

        mara.row("Paddleboards").dblclick();
        mara.presses("Control+a").types("SUP boards").presses("Enter");
        mara.isTold("Paddleboards is now SUP boards.").seesAddress("SUP boards", "/hire/sup-boards");

        mara.clicks("Move up").isTold("SUP boards moved after Safety on the tide.");
        mara.clicks("Move up").isTold("SUP boards moved after Prices.");
        mara.clicks("Move down").isTold("SUP boards moved after Safety on the tide.");
        mara.clicks("Move in")
                .isTold("SUP boards moved under Safety on the tide.")
                .seesAddress("SUP boards", "/hire/safety-on-the-tide/sup-boards");
        mara.clicks("Move out").isTold("SUP boards moved under Hire.").seesAddress("SUP boards", "/hire/sup-boards");
        mara.clicks("More").menuEntry("Move to…").click();
        mara.page().getByLabel("Find the page to move it to").fill("cafe");
        mara.clicks("Under Slipway Café").isTold("SUP boards moved under Slipway Café.");
        mara.clicks("Undo: Move SUP boards under Slipway Café").isTold("Undone: Move SUP boards under Slipway Café.");
        mara.clicks("Redo: Move SUP boards under Slipway Café").isTold("Redone: Move SUP boards under Slipway Café.");
        mara.presses("Control+z").isTold("Undone: Move SUP boards under Slipway Café.");
        mara.seesUnder(
                "Hire",
                "Canoes",
                "Kayaks",
                "Rowing skiffs",
                "Prices",
                "Safety on the tide",
                "SUP boards",
                "Group bookings");

        assertThat(mara.window().locator("h1")).hasText("SUP boards");
        assertThat(mara.window().locator(".header .across .pointed")).hasText("SUP boards");
        assertThat(mara.window().locator(".header .across .pointed")).isVisible();
        mara.looksOnAPhone().opensTheDrawer();
        assertThat(mara.window().locator("details.drawer .pointed > a")).isVisible();

        Visitor visitor = new Visitor(velnik, wide());
        visitor.doesNotFind("/hire/sup-boards");
        visitor.isAccessible("not found");
        mara.publishes().isTold("Release 2 is what visitors see now.");
        visitor.opens("/hire/sup-boards").reads("SUP boards");
        visitor.isAccessible("a page");
        assertThat(visitor.across().locator("[aria-current=page]")).hasText("SUP boards");
        assertThat(visitor.across().locator(".in-trail > a")).hasText("Hire");
        visitor.opens("/contact");
        visitor.across()
                .getByText("Hire", new Locator.GetByTextOptions().setExact(true))
                .hover();
        visitor.across().getByText("SUP boards").click();
        visitor.reads("SUP boards");
        mara.leaves();
        visitor.leaves();

        velnik = velnik.again();
        Owner again = new Owner(velnik, wide()).signsIn();
        again.seesUnder(
                "Hire",
                "Canoes",
                "Kayaks",
                "Rowing skiffs",
                "Prices",
                "Safety on the tide",
                "SUP boards",
                "Group bookings");
        new Visitor(velnik, wide()).opens("/hire/sup-boards").reads("SUP boards");
        again.complainsOfNothing();
    }
}
