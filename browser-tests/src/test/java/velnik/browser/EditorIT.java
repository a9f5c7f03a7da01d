package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The editor by keyboard, on a phone, refused, and without a connection. */
public class EditorIT extends DemoTest {

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
        mara.presses("w");
        assertThat(mara.outline()).isFocused();
        mara.clicks("The preview at full size").clicks("Back to the desk");
        assertThat(mara.outline()).isFocused();
        mara.presses("?");
        assertThat(mara.page().getByRole(AriaRole.DIALOG)).containsText("move in, out");
        mara.isAccessible("the keys");
        mara.presses("Escape");
        mara.complainsOfNothing();
    }

    @Test
    public void refusedEdits_sayWhyBesideTheRow_andChangeNothing() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.chooses("Canoes")
                .presses("Enter", "Control+a")
                .types("x".repeat(201))
                .presses("Enter");
        assertThat(mara.objection()).hasText("This has 201 characters; a title or a label has at most 200.");
        mara.presses("Escape");
        assertThat(mara.row("Canoes")).isVisible();
        Locator slug = mara.page().getByLabel("Address", new Page.GetByLabelOptions().setExact(true));
        slug.fill("kayaks");
        slug.press("Enter");
        assertThat(mara.page().locator(".card").getByRole(AriaRole.ALERT))
                .hasText("The page Kayaks has the address “kayaks” already.");
        mara.seesAddress("Canoes", "/hire/canoes");
        mara.chooses("Repairs").clicks("Add under").types("<b>Bold</b>").presses("Enter", "Escape");
        assertThat(mara.row("<b>Bold</b>")).isVisible();
        assertThat(mara.window().locator("h1")).hasText("<b>Bold</b>");
        mara.chooses("Kayaks").reaches("Held back");
        mara.seesSentence("Nobody can see it, because it is held back.");
        assertThat(mara.window().getByRole(AriaRole.NOTE)).hasText("Held back: visitors get “not found” here.");
        mara.page().getByText("What waits").click();
        assertThat(mara.page().locator(".entries").first()).containsText(Pattern.compile("Kayaks [^.]*is held back"));
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
    public void leavingWhileAnEditWaits_isAskedAbout() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        List<String> asked = new ArrayList<>();
        mara.page().onDialog(dialog -> {
            asked.add(dialog.type());
            dialog.dismiss();
        });
        mara.page().route("**/-/api/changes", route -> route.abort());
        mara.chooses("Reading the tide").presses("Control+Shift+ArrowDown");
        assertThat(mara.page().locator(".keeping")).containsText("1 edit waits to be sent.");
        mara.page().close(new Page.CloseOptions().setRunBeforeUnload(true));
        mara.page().unroute("**/-/api/changes");
        mara.isTold("Reading the tide moved after Knots in an evening.");
        assertEquals(asked, List.of("beforeunload"));
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @Test
    public void screenThatCannotBeLoaded_saysSo_andTheOthersGoOn() {
        Owner mara = new Owner(velnik, wide());
        mara.page().route("**/ZonesScreen*.js", route -> route.abort()); // before it is fetched ahead
        mara.signsIn();
        mara.link("Zones").click();
        assertThat(mara.page().locator("h1").last()).hasText("Could not load this screen");
        mara.isAccessible("a screen that could not be loaded");
        mara.opensScreen("Pages").chooses("Canoes");
        mara.link("Zones").click();
        assertThat(mara.page().locator("h1").last()).hasText("Could not load this screen");
        mara.page().unroute("**/ZonesScreen*.js");
        mara.clicks("Try again");
        assertThat(mara.page().locator("h2").first()).hasText("Zones");
        mara.forgives("ERR_FAILED");
        mara.forgives("dynamically imported module");
        mara.complainsOfNothing();
    }

    @Test
    public void openingAScreen_asksForAllItNeedsAtOnce_compressed() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        Page page = mara.page();
        List<Route> held = new ArrayList<>();
        List<Response> answers = new CopyOnWriteArrayList<>();
        page.route("**/-/api/preferences", held::add);
        page.onResponse(answers::add);
        Response menus = page.waitForResponse(
                "**/-/api/menus",
                () -> page.waitForRequest(
                        Pattern.compile("MenusScreen.*js"), () -> page.navigate(velnik.url("/-/manage/menus"))));
        assertEquals(menus.headerValue("content-encoding"), "gzip");
        assertThat(page.locator("main[aria-busy]")).hasText("One moment…");
        held.forEach(Route::resume);
        assertThat(mara.row("Main")).isVisible();
        List<String> encodings = answers.stream()
                .filter(answer -> answer.url().matches(".*/MenusScreen.*js"))
                .map(answer -> answer.headerValue("content-encoding"))
                .toList();
        assertEquals(Set.copyOf(encodings), Set.of("br"));
        mara.complainsOfNothing();
    }

    @Test
    public void siteThatDoesNotCome_isSaid_andAskedForAgain() {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.page().route("**/-/api/working-copy", Route::abort);
        mara.page().reload();
        assertThat(mara.page().locator("h1")).hasText("Could not load your site");
        assertThat(mara.page().getByRole(AriaRole.ALERT)).hasText("Velnik does not answer just now. Nothing is lost.");
        mara.isAccessible("a site that could not be loaded");
        mara.page().unroute("**/-/api/working-copy");
        mara.clicks("Try again");
        assertThat(mara.row("Hire")).isVisible();
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @Test
    public void editorAt390Pixels_isOneColumn_withTheWindowATapAway() {
        Owner mara = new Owner(velnik, phone()).signsIn();
        mara.chooses("Canoes");
        mara.isAccessible("Pages at 390 px");
        mara.clicks("Preview and card");
        assertThat(mara.window().locator("h1")).hasText("Canoes");
        mara.isAccessible("the window at 390 px");
        mara.clicks("Back to the outline");
        assertThat(mara.row("Canoes")).isVisible();
        mara.complainsOfNothing();
    }
}
