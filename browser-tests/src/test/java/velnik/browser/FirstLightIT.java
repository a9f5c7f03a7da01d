package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
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
        Owner mara = new Owner(velnik, wide()).signsIn();
        assertThat(mara.page().locator(".head")).containsText("49 pages · 2 held back");
        mara.isAccessible("Pages");

        mara.chooses("Hire").clicks("+ under").types("Paddleboards").presses("Enter", "Escape");
        mara.isTold("Paddleboards added under Hire.")
                .seesAddress("Paddleboards", "/hire/paddleboards")
                .seesSentence(
                        "Anyone can open it; Main shows it in the header and the phone drawer; search engines may list it.")
                .seesWaiting(1);

        mara.row("Paddleboards").dblclick();
        mara.presses("Control+a").types("SUP boards").presses("Enter");
        mara.isTold("Paddleboards is now SUP boards.").seesAddress("SUP boards", "/hire/sup-boards");

        mara.clicks("Move up").isTold("SUP boards moved after Safety on the tide.");
        mara.clicks("Move up").isTold("SUP boards moved after Prices.");
        mara.clicks("Move down").isTold("SUP boards moved after Safety on the tide.");
        mara.clicks("→ in")
                .isTold("SUP boards moved under Safety on the tide.")
                .seesAddress("SUP boards", "/hire/safety-on-the-tide/sup-boards");
        mara.clicks("← out").isTold("SUP boards moved under Hire.").seesAddress("SUP boards", "/hire/sup-boards");
        mara.clicks("Move to…");
        mara.page().getByRole(AriaRole.COMBOBOX).fill("cafe");
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
        assertThat(mara.window().locator("nav.across .pointed")).hasText("SUP boards");
        assertThat(mara.window().locator("nav.across .pointed")).isVisible();
        mara.page()
                .getByText("Phone", new Page.GetByTextOptions().setExact(true))
                .click();
        mara.window().locator("details.drawer > summary").click();
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

        mara.complainsOfNothing();
        visitor.complainsOfNothing();
        again.complainsOfNothing();
    }

    @Test
    public void byKeyboardAlone_thePageTreeIsArranged_andTheFocusNeverLeavesIt() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        assertThat(mara.outline()).isFocused();
        mara.presses("ArrowDown"); // Hire
        mara.presses("n").types("Tide clock").presses("Enter");
        mara.isTold("Tide clock added to the top level.");
        mara.types("Low water").presses("Tab", "Enter");
        mara.isTold("Low water added under Tide clock.");
        mara.types("High water").presses("Enter");
        mara.isTold("High water added under Tide clock.").presses("Escape");
        assertThat(mara.outline()).isFocused();

        mara.presses("Control+Shift+ArrowUp").isTold("High water moved to the beginning of Tide clock.");
        assertThat(mara.row("High water")).hasAttribute("aria-selected", "true");
        mara.seesUnder("Tide clock", "High water", "Low water");
        mara.presses("Control+Shift+ArrowDown").isTold("High water moved after Low water.");
        mara.presses("Control+Shift+ArrowRight").isTold("High water moved under Low water.");
        mara.presses("Control+Shift+ArrowLeft").isTold("High water moved under Tide clock.");
        mara.presses("Enter", "Control+a").types("Springs").presses("Enter");
        mara.isTold("High water is now Springs.");
        assertThat(mara.outline()).isFocused();
        mara.presses("Enter").types("given up").presses("Escape");
        assertThat(mara.row("Springs")).isVisible();
        mara.presses("m").types("about").presses("Enter");
        mara.isTold("Springs moved under About us.");
        assertThat(mara.outline()).isFocused();
        mara.presses("Control+z").isTold("Undone: Move Springs under About us.");
        mara.presses("Control+Shift+z").isTold("Redone: Move Springs under About us.");
        mara.presses("ArrowLeft");
        assertThat(mara.row("About us")).hasAttribute("aria-selected", "true");
        mara.presses("ArrowLeft");
        assertThat(mara.row("About us")).hasAttribute("aria-expanded", "false");
        mara.presses("ArrowRight");
        assertThat(mara.row("About us")).hasAttribute("aria-expanded", "true");
        mara.presses("w");
        assertThat(mara.outline()).isHidden();
        mara.page().keyboard().press("w");
        mara.clicks("Back to the desk");
        assertThat(mara.outline()).isFocused();
        mara.presses("?");
        assertThat(mara.page().getByRole(AriaRole.DIALOG)).containsText("move in, out");
        mara.presses("Escape");
        mara.complainsOfNothing();
    }

    @Test
    public void withoutScript_aVisitorReachesEveryPage() {
        Visitor visitor = new Visitor(velnik, context(1280, 800, false));
        visitor.opens("/");
        // Reached by Tab: the focus opens what is under a page.
        visitor.across()
                .getByText("Hire", new Locator.GetByTextOptions().setExact(true))
                .focus();
        visitor.page().keyboard().press("Tab");
        visitor.page().keyboard().press("Tab");
        assertThat(visitor.across().getByText("Canoes")).isFocused();
        visitor.page().keyboard().press("Enter");
        visitor.reads("Canoes");
        visitor.across().getByText("Courses").hover();
        visitor.across().getByText("Reading the tide").click();
        visitor.reads("Reading the tide");

        Visitor onPhone = new Visitor(velnik, context(390, 844, false));
        onPhone.opens("/");
        onPhone.drawer().locator("> summary").click();
        onPhone.drawer().getByText("Moorings").click();
        onPhone.drawer().getByText("Winter storage").click();
        onPhone.reads("Winter storage");
    }

    @Test
    public void onAPhone_theMenuFolds_andKnowsWhereOneIs() {
        Visitor visitor = new Visitor(velnik, phone());
        visitor.opens("/repairs/engines");
        assertThat(visitor.across()).isHidden();
        visitor.drawer().locator("> summary").click();
        assertThat(visitor.drawer().locator("[aria-current=page]")).hasText("Engines");
        assertThat(visitor.drawer().locator("[aria-current=page]")).isVisible();
        assertThat(visitor.drawer().getByText("Canoes")).isHidden();
        visitor.isAccessible("the drawer at 390 px");
        visitor.page().keyboard().press("Escape");
        assertThat(visitor.drawer()).not().hasAttribute("open", "");
        Object overflow = visitor.page().evaluate("document.documentElement.scrollWidth - innerWidth");
        assertEquals(overflow, 0, "the page is wider than the phone");
        visitor.complainsOfNothing();
    }

    @Test
    public void byKeyboard_aVisitorOpensAndClosesSubmenus() {
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/");
        Locator opener = visitor.across().getByLabel("Under Hire");
        opener.focus();
        visitor.page().keyboard().press("Enter");
        assertThat(opener).hasAttribute("aria-expanded", "true");
        assertThat(visitor.across().getByText("Canoes")).isVisible();
        visitor.isAccessible("an open submenu");
        visitor.page().keyboard().press("Tab");
        visitor.page().keyboard().press("Escape");
        assertThat(visitor.across().getByText("Canoes")).isHidden();
        assertThat(opener).isFocused();
        visitor.across().getByText("Moorings").focus();
        visitor.page().keyboard().press("Space");
        assertThat(visitor.across().getByText("Pontoon berths")).isVisible();
        visitor.complainsOfNothing();
    }

    @Test
    public void refusedEdits_sayWhyBesideTheRow_andChangeNothing() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.chooses("Canoes")
                .presses("Enter", "Control+a")
                .types("x".repeat(201))
                .presses("Enter");
        assertThat(mara.outline().getByRole(AriaRole.ALERT))
                .hasText("This title has 201 characters; the limit is 200.");
        mara.presses("Escape");
        assertThat(mara.row("Canoes")).isVisible();
        Locator slug = mara.page().getByLabel("Address", new Page.GetByLabelOptions().setExact(true));
        slug.fill("kayaks");
        slug.press("Enter");
        assertThat(mara.page().locator(".card").getByRole(AriaRole.ALERT))
                .hasText("The page Kayaks has the address “kayaks” already.");
        mara.seesAddress("Canoes", "/hire/canoes");
        mara.chooses("Repairs").clicks("+ under").types("<b>Bold</b>").presses("Enter", "Escape");
        assertThat(mara.row("<b>Bold</b>")).isVisible();
        assertThat(mara.window().locator("h1")).hasText("<b>Bold</b>");
        mara.chooses("Kayaks");
        mara.page().locator(".card").getByText("Held back").click();
        mara.seesSentence("Nobody can see it, because it is held back.");
        assertThat(mara.window().getByRole(AriaRole.NOTE)).hasText("Held back: visitors get “not found” here.");
        mara.page().getByText("What waits").click();
        assertThat(mara.page().locator(".entries").first()).containsText("Kayaks is held back.");
        mara.isAccessible("What waits");
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void lostConnection_isSaid_andTheEditIsSentWhenItIsBack() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.page().route("**/-/api/changes", route -> route.abort());
        mara.chooses("Canoes").presses("Control+Shift+ArrowDown");
        assertThat(mara.page().locator(".keeping"))
                .hasText(Pattern.compile("No connection\\. 1 edit waits to be sent\\."));
        mara.page().unroute("**/-/api/changes");
        mara.isTold("Canoes moved after Kayaks.");
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @Test
    public void editorAt390Pixels_isOneColumn_withTheWindowATapAway() {
        Owner mara = new Owner(velnik, phone()).signsIn();
        mara.chooses("Canoes");
        mara.isAccessible("Pages at 390 px");
        mara.clicks("Window and card");
        assertThat(mara.window().locator("h1")).hasText("Canoes");
        mara.isAccessible("the window at 390 px");
        mara.clicks("Back to the outline");
        assertThat(mara.row("Canoes")).isVisible();
        mara.complainsOfNothing();
    }
}
