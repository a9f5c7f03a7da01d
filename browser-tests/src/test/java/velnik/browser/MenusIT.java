package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From a menu that an owner has in mind to what visitors get of it, on the boatyard's site. */
public class MenusIT extends UndoneTest {
    @Test
    public void menuByHand_isBuiltInTheAddLine_andStandsInTheHeader() {
        mara.opensScreen("Menus").isAccessible("Menus");
        mara.gestures();
        mara.clicks("New menu").types("Season").presses("Enter");
        mara.isTold("Season is a new menu.");
        mara.pastesList(
                "Home\nHire\nRepairs\nMoorings\n[Café](/slipway-cafe)\nCourses\nNews\nOn the water\n"
                        + "  [Tide tables](https://tides.example/brack)\nFind us",
                "10 items: 8 pages");
        mara.isTold("9 items added to Season with 1 item beneath.");
        assertTrue(mara.gestures() <= 14, "nine top items from nothing");

        mara.gestures();
        mara.opensMenu("Season").presses("n").types("Boat talk").presses("ArrowDown", "ArrowDown", "Enter");
        mara.presses("Escape");
        mara.isTold("Boat talk added to the top level. Boat talk added to Season.");
        mara.chooses("Boat talk").presses("Delete").isTold("Boat talk is in the bin.");
        mara.chooses("On the water").presses("n");
        mara.types("javascript:alert(1)").presses("Enter");
        assertThat(mara.objection()).containsText("can harm those who follow them");
        mara.presses("Control+a").types("yard@brackwater.example").presses("Enter", "Escape");
        mara.isTold("yard@brackwater.example added to Season.");

        mara.chooses("Season").clicks("Beside Main");
        mara.isTold("The header of every page shows Main and Season.");
        assertThat(mara.header().last().getByText("Tide tables")).isHidden();
        mara.chooses("Tide tables");
        assertThat(mara.header().last().getByText("Tide tables")).isVisible();
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/contact");
        assertThat(visitor.across().last().getByText("yard@brackwater.example")).isVisible();
        assertThat(visitor.across().last().locator("a").first()).hasText("Home");
        visitor.isAccessible("two menus in the header");
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void followingMenu_isDressedHiddenAndAddedTo_andGoesOnFollowing() {
        mara.opensMenu("Main");
        mara.chooses("Hire").presses("Enter").types("Boats").presses("Enter");
        mara.isTold("Hire reads Boats now.");
        assertThat(mara.row("Boats")).containsText("for Hire");
        mara.chooses("Repairs").presses("h").isTold("Repairs is hidden.");
        assertThat(mara.header().getByText("Repairs")).hasCount(0);
        assertThat(mara.row("Repairs")).containsText("hidden");
        mara.presses("h").isTold("Repairs shows again.");
        assertThat(mara.header().getByText("Repairs")).isVisible();
        mara.chooses("Courses").presses("n").types("High water today").presses("Enter", "Escape");
        mara.isTold("High water today added to Main.");
        mara.chooses("Moorings").presses("Control+Shift+ArrowUp");
        mara.isTold("Moorings moved after Hire.");
        assertThat(mara.header().locator("> ul > li > *:first-child"))
                .containsText(new String[] {"Home", "Boats", "Moorings", "Repairs"});
        mara.opensScreen("Pages").chooses("Hire");
        mara.row("Canoes").dblclick();
        mara.presses("Control+a").types("Open canoes").presses("Enter");
        mara.isTold("Canoes is now Open canoes.");
        assertThat(mara.page().locator(".foot-line")).containsText("The new title shows in Main.");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/");
        visitor.link("Boats").hover();
        visitor.across().getByText("Open canoes").click();
        visitor.reads("Open canoes");
        mara.complainsOfNothing();
    }

    @Test
    public void pointingInTheWindow_namesAnItem_andOpensItForEditing() {
        mara.chooses("Canoes").opensScreen("Menus");
        assertThat(mara.page().locator(".window-bar .path")).hasText("Hire › Canoes");
        assertThat(mara.window().locator(".menu.pointed").first()).isVisible();
        mara.pointsAt(mara.window().locator(".footer").getByText("The crew"));
        assertThat(mara.page().locator(".window-bar .path")).hasText("Footer › The crew");
        mara.clicksToEdit(mara.window().locator(".footer").getByText("The crew"));
        assertThat(mara.row("The crew")).hasAttribute("aria-selected", "true");
        assertThat(mara.outline()).isFocused();
        mara.presses("Enter").types("Who we are").presses("Enter");
        assertThat(mara.window().locator(".footer")).containsText("Who we are");
        mara.presses("Enter", "Control+a", "Delete", "Enter").isTold("Who we are follows what it leads to again.");
        assertThat(mara.window().locator(".footer")).containsText("The crew");
        mara.clicksAt(mara.window().locator(".footer").getByText("Pictures"));
        assertThat(mara.page().locator(".window-bar .path")).containsText("That link leaves the site");
        mara.complainsOfNothing();
    }

    @Test
    public void pageGoesIntoThreeMenus_fromItsCard() {
        mara.chooses("Canoes");
        assertThat(mara.page().locator(".standings")).containsText("Main › Hire › Canoes");
        mara.isRemembered(
                "card-groups",
                "\\\"page-where\\\":false",
                () -> mara.page().locator(".card summary").getByText("Shown in").click());
        mara.chooses("Kayaks").chooses("Canoes");
        assertThat(mara.button("Add to Footer")).isHidden();
        mara.presses("p");
        assertThat(mara.button("Add to Footer")).isFocused();
        mara.gestures();
        mara.clicks("Add to Footer").clicks("Add to Elsewhere").clicks("Add to Short");
        assertTrue(mara.gestures() <= 3, "a page into three menus");
        mara.isTold("Canoes is in Short now");
        assertThat(mara.page().locator(".standings li")).hasCount(4);
        assertThat(mara.row("Canoes")).containsText(Pattern.compile("Main, Footer, Elsewhere, Short"));
        mara.page().locator(".standings").getByText("Footer › Afloat › Canoes").click();
        assertThat(mara.page().locator("h2").first()).hasText("Menus");
        assertThat(mara.row("Canoes").and(mara.page().locator("[aria-selected=true]")))
                .isVisible();
        mara.complainsOfNothing();
    }

    @Test
    public void newPages_joinAMenuByThemselves_onceAndInTheSameUndo() {
        mara.opensMenu("Footer").picks("Join it", "From the whole site");
        mara.isTold("New open pages anywhere on the site join Footer by themselves, where the page tree has them.");
        mara.isAccessible("the card of a menu that takes pages in");
        mara.opensScreen("Pages")
                .chooses("Courses")
                .presses("n")
                .types("Night sailing")
                .presses("Enter", "Escape");
        mara.isTold("Night sailing added to the top level. By itself: 1 item more in Footer.");
        assertThat(mara.window().locator(".footer")).containsText("Night sailing");
        mara.chooses("Night sailing");
        mara.page()
                .locator(".standings")
                .getByText("Footer › Afloat › Night sailing")
                .click();
        assertThat(mara.page().locator("h2").first()).hasText("Menus");
        assertThat(mara.outline()).isFocused();
        mara.presses("Delete").isTold("Night sailing is in the bin.");
        mara.opensScreen("Pages").chooses("Night sailing");
        mara.reaches("Held back").isTold("Night sailing is held back.");
        mara.reaches("Open").isTold("Night sailing is open.");
        assertThat(mara.page().locator(".standings")).not().containsText("Footer");
        mara.complainsOfNothing();
    }

    @Test
    public void newItems_beginAsTheirMenuSays() {
        Locator card = mara.page().locator(".card");
        mara.opensMenu("Elsewhere");
        card.getByText("Button").click();
        mara.isTold("New items of Elsewhere begin another way; those there stay as they are.");
        mara.outline().focus();
        mara.presses("n").types("kayaks").presses("Enter", "Escape").isTold("Kayaks added to Elsewhere.");
        assertThat(mara.window().locator(".site-footer .button")).hasText("Kayaks");
        mara.complainsOfNothing();
    }

    @Test
    public void itemOfAWithheldPage_saysWhy_andItsCardOpensThePage() {
        mara.chooses("Kayaks").reaches("Held back");
        mara.isTold("Kayaks is held back.");
        mara.opensMenu("Short").presses("n").types("kayaks").presses("Enter", "Escape");
        mara.isTold("Kayaks added to Short. Kayaks is held back, so the item shows to nobody until the page is open.");
        mara.chooses("Kayaks");
        assertThat(mara.page().locator(".card .sentence")).containsText("held back");
        mara.isAccessible("an item of a withheld page");
        mara.clicks("Open the page Kayaks").isTold("Kayaks is open.");
        assertThat(mara.page().locator(".card .sentence")).hasText("Everyone sees it as a page.");
        assertThat(mara.button("Open the page Kayaks")).hasCount(0);
        mara.complainsOfNothing();
    }

    @Test
    public void keysFasterThanAnswers_goByWhatIsThereWhenTheirTurnComes() {
        mara.opensMenu("Footer").waitsFor("/menus", 600);
        mara.presses("n").types("kayaks").presses("Enter").types("canoes").presses("Enter", "Escape");
        mara.isTold("Canoes added to Footer.");
        mara.presses("Control+z").isTold("Undone: Add Canoes to Footer.");
        mara.presses("n").types("prices").presses("Enter").isTold("Prices added to Footer.");
        mara.pastesList("Home\nContact", "2 items: 2 pages").isTold("2 items added to Footer.");
        mara.presses("Control+z", "Control+z", "n").types("news").presses("Enter", "Escape");
        mara.isTold("News added to Footer.");
        mara.chooses("News").presses("Control+Shift+ArrowUp", "Control+Shift+ArrowUp");
        mara.presses("Control+Shift+ArrowRight", "Control+Shift+ArrowLeft", "Control+Shift+ArrowDown");
        mara.isTold("News moved after Small print.");
        mara.complainsOfNothing();
    }

    @Test
    public void byKeyboardAlone_aMenuIsArranged() {
        mara.opensMenu("Footer");
        assertThat(mara.outline()).isFocused();
        mara.gestures();
        mara.presses("n").pastesList("Inside\n  Kayaks\n  Prices\n  Canoes", "4 items");
        mara.isTold("Inside added to Footer with 3 items beneath.");
        assertTrue(mara.gestures() <= 5, "a heading with three pages under it");
        mara.presses("Control+z").isTold("Undone: Add Inside with 3 items beneath to Footer.");
        mara.presses("n").types("On the tide").presses("ArrowDown", "Enter");
        mara.isTold("On the tide added to Footer.");
        mara.types("kayaks")
                .presses("Tab", "Enter")
                .types("prices")
                .presses("Enter")
                .types("canoes")
                .presses("Enter");
        mara.isTold("Canoes added under On the tide.").presses("Escape");
        mara.seesUnder("On the tide", "Kayaks", "Prices", "Canoes");
        mara.chooses("On the tide")
                .presses("p")
                .types("ring")
                .presses("Enter")
                .presses("Control+a")
                .types("hull");
        mara.presses("Enter", "ArrowDown", "Enter");
        mara.isAccessible("choosing pages");
        mara.presses("Control+Enter").isTold("2 items added to Footer with 1 item beneath.");
        mara.seesUnder("Hulls", "Wooden hulls");
        mara.presses("Control+z").isTold("Undone: Add 2 items with 1 item beneath to Footer.");
        mara.chooses("Canoes").presses("Control+Shift+ArrowUp").isTold("Canoes moved after Kayaks.");
        mara.presses("Control+Shift+ArrowLeft").isTold("Canoes moved to Footer.");
        mara.presses("Control+Shift+ArrowRight").isTold("Canoes moved under On the tide.");
        mara.presses("Control+d").isTold("Canoes copied; the copy comes right after it.");
        mara.presses("Control+z").isTold("Undone: Copy Canoes.");
        mara.presses("g").types("On one tide").presses("Enter");
        mara.isTold("On one tide added under On the tide. Canoes moved under On one tide.");
        mara.seesUnder("On the tide", "Kayaks", "Prices", "On one tide").seesUnder("On one tide", "Canoes");
        assertThat(mara.row("On one tide")).hasAttribute("aria-selected", "true");
        mara.presses("Control+z", "ArrowUp").chooses("Canoes");
        mara.presses("m").types("elsew").isAccessible("choosing where an item goes");
        mara.presses("Enter").isTold("Canoes moved to Elsewhere.");
        assertThat(mara.outline()).isFocused();
        mara.presses("m", "Escape");
        assertThat(mara.outline()).isFocused();
        mara.presses("Control+z").chooses("Canoes");
        mara.presses("Delete").isTold("Canoes is in the bin.");
        mara.presses("Control+z").isTold("Undone: Remove Canoes.");
        mara.seesUnder("On the tide", "Kayaks", "Prices", "Canoes");
        mara.complainsOfNothing();
    }
}
