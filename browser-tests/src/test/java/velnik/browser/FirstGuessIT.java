package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.testng.annotations.Test;

/** Errands done by the most natural first guess, counted, and what the screen says while something is not known. */
public class FirstGuessIT extends UndoneTest {
    @Test
    public void anotherMenu_becomesTheMainOne_inOneAct_andIsTakenOutThere() {
        mara.opensMenu("Short");
        mara.gestures();
        mara.clicks("Instead of Main").isTold("The header of every page shows Short.");
        assertTrue(mara.gestures() <= 2, "another menu becomes the main one");
        assertThat(mara.header().locator("a")).hasText(new String[] {"Home", "Contact"});
        mara.clicks("Remove from Header of every page").isTold("The header of every page shows no menu.");
        mara.complainsOfNothing();
    }

    @Test
    public void page_goesIntoHeaderAndFooter_whereTheTreeHasIt_andOutAgain() {
        mara.chooses("Group bookings");
        mara.gestures();
        mara.clicks("Add to Footer").isTold("Group bookings is in Footer now, under Afloat, after Hire.");
        mara.clicks("Add to Short");
        assertTrue(mara.gestures() <= 3, "a page into header and footer");
        mara.isTold("Group bookings is by link only: this item leads to it, lists and search do not show it.");
        assertThat(mara.window().locator(".site-footer")).containsText("Group bookings");
        mara.clicks("Remove from Footer").isTold("Group bookings is no longer in Footer.");
        mara.complainsOfNothing();
    }

    @Test
    public void barOfSevenItems_isTyped_asOneSpeaks() {
        mara.opensScreen("Menus");
        mara.gestures();
        mara.clicks("New menu").types("Season").presses("Enter");
        assertThat(mara.page().getByLabel("The new item")).isFocused();
        for (String line : List.of(
                "Home",
                "Boats = Hire",
                "Repairs",
                "Café /slipway-cafe",
                "Tide tables tides.example",
                "Call us 01632 960 983",
                "search")) {
            mara.types(line).presses("Enter");
        }
        assertTrue(mara.gestures() <= 30, "a bar of seven items typed");
        assertThat(mara.row("Search").last()).hasAttribute("aria-selected", "true");
        assertThat(mara.page().locator(".card h2")).hasText("Search");
        mara.presses("Escape");
        mara.seesUnder("Season", "Home", "Boats", "Repairs", "Café", "Tide tables", "Call us", "Search");
        mara.chooses("Season").presses("n").types("Find us").presses("Enter", "Escape");
        mara.seesUnder("Season", "Home", "Boats", "Repairs", "Café", "Tide tables", "Call us", "Find us", "Search");
        mara.chooses("Boats").presses("Delete").isTold("Boats is in the bin.");
        mara.complainsOfNothing();
    }

    @Test
    public void lastRowOfAMenuRemoved_theMenuStaysChosen_andAHeadingBecomesAPage() {
        mara.opensScreen("Menus").clicks("New menu").types("Season").presses("Enter");
        mara.types("Boat talk").presses("Enter", "Escape");
        assertThat(mara.page().locator(".card h2")).hasText("Boat talk");
        mara.choosesFrom("Make it a page", "Canoes .*").isTold("Boat talk leads elsewhere now.");
        assertThat(mara.row("Boat talk")).containsText("/hire/canoes");
        mara.presses("Control+z");
        mara.page().getByLabel("Make it a link").fill("tides.example");
        mara.presses("Enter");
        assertThat(mara.row("Boat talk")).containsText("https://tides.example");
        mara.chooses("Boat talk").presses("Delete").isTold("Boat talk is in the bin.");
        assertThat(mara.row("Season")).hasAttribute("aria-selected", "true");
        mara.complainsOfNothing();
    }

    @Test
    public void rowOfAMenuThatFollowsTheTree_isMoved_inThisMenuOnly() {
        mara.opensMenu("Main");
        mara.chooses("Repairs").presses("Control+Shift+ArrowUp").isTold("Repairs moved after Home.");
        mara.clicks("Only in this menu");
        mara.isTold("Repairs moved");
        assertThat(mara.header().locator("> ul > li").nth(1)).containsText("Repairs");
        mara.opensScreen("Pages").presses("Home");
        mara.hasTheRowsOfTheServer();
        assertThat(mara.outline().locator(".title").nth(1)).hasText("Hire");
        mara.complainsOfNothing();
    }

    @Test
    public void whatOwnersAsk_isAnswered_andPointedAt() {
        mara.clicks("Help");
        assertThat(mara.page().getByPlaceholder("What would you like to do?")).isFocused();
        mara.types("header").isAccessible("help");
        mara.presses("Enter");
        assertThat(mara.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("How do I change")))
                .isVisible();
        mara.clicks("Show me");
        assertThat(mara.page().locator(".pointed-at")).containsText("Show it in");
        mara.complainsOfNothing();
    }

    @Test
    public void whateverThereIs_isFoundByTyping() {
        mara.presses("Control+k").isAccessible("finding anything");
        mara.types("canoes").presses("Enter");
        assertThat(mara.row("Canoes")).hasAttribute("aria-selected", "true");
        mara.presses("Control+k").types("tide tab").presses("Enter");
        assertThat(mara.page().locator(".card h2")).hasText("Tide tables");
        mara.presses("Control+k").types("zones").presses("Enter");
        assertThat(mara.page()).hasTitle("Zones · Brackwater Boatyard · Velnik");
        mara.presses("Control+k").types("nothing is called that").presses("Enter", "Escape");
        assertThat(mara.page().locator("h2").first()).hasText("Zones");
        mara.complainsOfNothing();
    }

    /**
     * Moves Canoes down; the edit is held, and the session ends, before it arrives: so it is always sent, however much
     * else of the screen is told that the session is over.
     */
    private List<Route> movesCanoesAsTheSessionEnds() {
        List<Route> held = new ArrayList<>();
        Page page = mara.page();
        page.route("**/-/api/changes", held::add);
        mara.chooses("Canoes");
        page.waitForRequest("**/-/api/changes", () -> mara.presses("Control+Shift+ArrowDown"));
        page.context().clearCookies(new BrowserContext.ClearCookiesOptions().setName("velnik"));
        return held;
    }

    /** Lets go what was held, and holds no more; sees the session refused. */
    private void isRefused(List<Route> held) {
        Response answer = mara.page().waitForResponse("**/-/api/changes", () -> {
            held.forEach(Route::resume);
            mara.page().unroute("**/-/api/changes");
        });
        assertEquals(answer.status(), 401);
    }

    private void theEditGoesOn() {
        mara.isTold("Canoes moved after Kayaks.");
        assertThat(mara.page().getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(mara.page().locator(".keeping")).hasText("Saved");
        mara.forgives("401");
        mara.forgives("403"); // what else was on its way may still carry the token of the session before
        mara.complainsOfNothing();
    }

    @Test
    public void sessionThatEnds_isAskedForOverTheScreen_andTheEditGoesOn() {
        isRefused(movesCanoesAsTheSessionEnds());
        assertThat(mara.page().getByRole(AriaRole.DIALOG)).containsText("Your session is over, Mara Okafor.");
        mara.isAccessible("a session that is over");
        mara.presses("Escape").types("not it").presses("Enter");
        assertThat(mara.page().getByRole(AriaRole.ALERT)).hasText("This name and password do not go together.");
        mara.presses("Control+a").types("slack-water").presses("Enter");
        theEditGoesOn();
    }

    /** The card is refused first; the edit is so only once the password is on its way. */
    @Test
    public void editThatIsRefusedWhileSomebodySignsInAgain_goesOnToo() {
        List<Route> edits = movesCanoesAsTheSessionEnds();
        Page page = mara.page();
        mara.presses("ArrowUp");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("Your session is over, Mara Okafor.");
        List<Route> signIns = new ArrayList<>();
        page.route("**/-/api/session", signIns::add);
        page.waitForRequest("**/-/api/session", () -> mara.types("slack-water").presses("Enter"));
        isRefused(edits);
        mara.framesPass();
        signIns.forEach(Route::resume);
        page.unroute("**/-/api/session");
        theEditGoesOn();
    }

    @Test
    public void reader_seesAllOfIt_andIsToldWhatMayNotBeDone() {
        Owner desk = new Owner(velnik, wide());
        desk.opensTheEditor();
        desk.isAccessible("signing in to the demo");
        desk.page().getByText("Visitor desk").click();
        desk.chooses("Canoes");
        assertThat(desk.page().locator(".top-line")).containsText("You can look at everything, but not change it.");
        assertThat(desk.page().locator(".actions")).hasCount(0);
        assertThat(desk.page().getByLabel("Address", new Page.GetByLabelOptions().setExact(true)))
                .isDisabled();
        desk.isAccessible("what a reader sees");
        desk.presses("Delete", "n", "Control+Shift+ArrowDown");
        desk.seesUnder("Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        desk.complainsOfNothing();
    }

    @Test
    public void answerThatDoesNotCome_isNeverTakenForGoodNews() {
        List<Route> held = new ArrayList<>();
        mara.page().route("**/card", held::add);
        mara.page().waitForRequest("**/group-bookings/card", () -> mara.chooses("Group bookings"));
        assertThat(mara.page().locator(".card")).containsText("Looking up who can reach it…");
        assertThat(mara.page().locator(".card")).not().containsText("No menu shows it");
        assertThat(mara.page().locator(".card")).not().containsText("Nothing else changes");
        held.forEach(Route::abort);
        assertThat(mara.page().locator(".card")).containsText("Could not look up who can reach it.");
        mara.isAccessible("answers that do not come");
        mara.page().unroute("**/card");
        mara.page().locator(".card").getByText("Try again").first().click();
        assertThat(mara.page().locator(".card")).containsText("No menu shows it");
        mara.forgives("ERR_FAILED");
        mara.complainsOfNothing();
    }

    @Test
    public void tenArrowKeys_askForTwoAnswersAtMost() {
        mara.chooses("Home").comesToRest();
        mara.page().waitForTimeout(3000); // what the screen asks for by itself has come
        List<String> asked = new CopyOnWriteArrayList<>();
        mara.page().onRequest(request -> {
            // What the window shows besides comes with its page.
            if (request.url().matches(".*/-/(api|window)/(?!files/).*")) {
                asked.add(request.url().replaceAll("^.*/-/", ""));
            }
        });
        // Within the page, so that they follow each other as fast as where nothing is slow.
        mara.outline().evaluate("""
                outline => {
                  for (let key = 0; key < 10; key++) {
                    document.activeElement.dispatchEvent(new KeyboardEvent("keydown", { key: "ArrowDown", bubbles: true }));
                  }
                }""");
        assertThat(mara.page().locator(".card .sentence")).not().isEmpty();
        mara.page().waitForTimeout(700);
        assertTrue(asked.size() <= 2, asked.toString());
        assertEquals(asked.stream().filter(url -> url.endsWith("/card")).count(), 1, asked.toString());
        mara.complainsOfNothing();
    }

    @Test
    public void preview_canBeRead_andUnfoldsOnlyWhereItIsSelected() {
        mara.opensMenu("Main").chooses("the whole page tree, 2 levels");
        assertThat(mara.window().locator(".pointed").first()).isVisible();
        assertThat(mara.window().locator(".held-open")).hasCount(0);
        mara.chooses("Menu of the week");
        assertThat(mara.window().locator(".held-open")).hasCount(1);
        assertThat(mara.window().locator(".held-open .pointed")).isInViewport();
        assertThat(mara.page().locator(".scale")).hasText("70 %");
        mara.clicks("70 %. Show the whole width");
        assertThat(mara.page().locator(".scale")).hasText("46 %");
        mara.opensScreen("Zones");
        assertThat(mara.page().locator(".scale")).hasText("46 %");
        mara.clicks("46 %. Show it at its true size").clicks("100 %. Show it large enough to read");
        mara.complainsOfNothing();
    }

    @Test
    public void card_showsWhatMattersMost_andKeepsWhatIsOpened_andRowsGoCloserTogether() {
        mara.arranges("card-groups", "{}");
        mara.page().reload();
        mara.chooses("Canoes");
        Locator reach = mara.page().locator(".card .ant-segmented-item").getByText("By link only");
        assertThat(reach).isInViewport();
        assertThat(mara.page().locator(".card details:not([open]) > summary")).hasText(new String[] {
            "When visitors can see it",
            "Enquiry form",
            "In search results and shared links",
            "Kind, layout, topics and date",
            "Remove"
        });
        mara.page()
                .locator(".card summary")
                .getByText("Kind, layout, topics and date")
                .click();
        mara.chooses("Kayaks");
        assertThat(mara.page().getByLabel("Topics")).isVisible();
        double roomy = mara.row("Kayaks").boundingBox().height;
        mara.clicks("MO, Mara Okafor")
                .page()
                .getByText("Put rows closer together")
                .click();
        assertThat(mara.row("Kayaks")).hasAttribute("aria-selected", "true");
        assertTrue(mara.row("Kayaks").boundingBox().height < roomy - 5, "rows are closer together");
        mara.complainsOfNothing();
    }

    @Test
    public void page_isHiddenFromMenus_whereItIs_byMouseAndByKey() {
        mara.chooses("Canoes")
                .clicks("More")
                .page()
                .getByText("Hide from menus")
                .click();
        mara.isTold("Canoes can be reached by link only.");
        assertThat(mara.window().locator("nav").getByText("Canoes")).hasCount(0);
        mara.chooses("Canoes").presses("h");
        mara.isTold("Canoes is open.");
        mara.complainsOfNothing();
    }
}
