package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonParser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** Many rows at once, by mouse, key and finger, and what was removed coming back. */
public class OutlineIT extends UndoneTest {
    @Test
    public void severalPages_areDragged_toldBeforehand_andMoveTogether() {
        mara.gestures();
        mara.chooses("Canoes").choosesUpTo("Rowing skiffs");
        mara.drags(mara.row("Kayaks"), mara.row("Repairs"), 0.5);
        assertThat(mara.dragNote()).containsText("Canoes, Kayaks, Rowing skiffs");
        assertThat(mara.dragNote()).containsText("Under Repairs, at its end");
        assertThat(mara.dragNote()).containsText("3 addresses change when you publish; the old ones will forward.");
        assertThat(mara.dragNote()).containsText("The sidebar changes on 3 pages.");
        assertTrue(mara.gestures() <= 3, "three pages under another");
        mara.letsGo().isTold("Canoes and 2 more moved under Repairs.");
        mara.seesUnder("Hire", "Prices", "Safety on the tide", "Group bookings");
        mara.seesAddress("Kayaks", "/repairs/kayaks");
        assertThat(mara.page().locator(".outline-row.selected")).hasCount(3);
        mara.presses("Control+z").isTold("Undone: Move Canoes and 2 more under Repairs.");
        mara.seesUnder("Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");

        mara.chooses("Hire").drags(mara.row("Hire"), mara.row("Kayaks"), 0.5);
        assertThat(mara.dragNote()).containsText("Hire cannot go under itself.");
        mara.letsGo().chooses("Kayaks").drags(mara.row("Kayaks"), mara.row("Prices"), 0.95);
        assertThat(mara.dragNote()).containsText("Under Hire, after Prices");
        mara.presses("Escape");
        assertThat(mara.dragNote()).hasCount(0);
        mara.letsGo();
        mara.drags(mara.row("Kayaks"), mara.page().locator(".card"), 0.5);
        assertThat(mara.dragNote()).containsText("Nothing happens here.");
        mara.letsGo();
        mara.drags(mara.row("Kayaks"), mara.row("Prices"), 0.95);
        assertThat(mara.dragNote()).containsText("Under Hire, after Prices");
        mara.page().mouse().wheel(0, 320);
        assertThat(mara.dragNote()).not().containsText("Under Hire, after Prices");
        assertThat(mara.dragNote()).containsText("Kayaks");
        mara.presses("Escape").letsGo();
        assertThat(mara.page().getByText("Nothing waits").first()).isVisible();
        mara.complainsOfNothing();
    }

    @Test
    public void selectedRow_staysInSight_whenTheOutlineGetsLower_butNobodyIsScrolledBackToIt() {
        mara.chooses("Privacy");
        assertThat(mara.row("Privacy")).isInViewport();
        mara.page().setViewportSize(1280, 560);
        assertThat(mara.row("Privacy")).isInViewport();
        mara.page().setViewportSize(1280, 800);
        mara.row("Privacy").hover();
        mara.page().mouse().wheel(0, -4_000);
        assertThat(mara.row("Home")).isInViewport();
        mara.page().setViewportSize(1280, 560);
        mara.rests();
        assertThat(mara.row("Home")).isInViewport();
        mara.complainsOfNothing();
    }

    @Test
    public void severalPages_areChosenMovedAndSetByKey() {
        mara.chooses("Kayaks").presses("Shift+ArrowDown", "Control+ArrowDown", "Control+ArrowDown", "Control+ ");
        assertThat(mara.page().locator(".card h2")).hasText("3 pages");
        mara.isAccessible("three pages chosen");
        mara.presses("Control+Shift+ArrowUp").isTold("Kayaks and 2 more moved to the beginning of Hire.");
        mara.seesUnder("Hire", "Kayaks", "Rowing skiffs", "Safety on the tide", "Canoes", "Prices", "Group bookings");
        mara.presses("m").types("courses").presses("Enter").isTold("Kayaks and 2 more moved under Courses.");
        mara.reaches("By link only").isTold("Kayaks and 2 more can be reached by link only.");
        mara.chooses("Courses").choosesUpTo("First paddle");
        assertThat(mara.page().locator(".card")).containsText("Courses, First paddle");
        mara.presses("Control+z", "Control+z", "Control+z");
        mara.isTold("Undone: Move Kayaks and 2 more to the beginning of Hire.");
        mara.complainsOfNothing();
    }

    @Test
    public void pages_areFoundWithTheirPath_andByWhatTheyHaveInCommon() {
        Locator find = mara.page().getByLabel("Find a page");
        Locator count = mara.page().locator(".head [role=status]");
        find.fill("café");
        assertThat(count).hasText("1 page found");
        find.fill("knot");
        assertThat(mara.page().locator(".outline-row .title")).hasText(new String[] {"Courses", "Knots in an evening"});
        mara.isAccessible("looking for a page");
        mara.presses("Enter");
        assertThat(mara.outline()).isFocused();
        assertThat(mara.row("Knots in an evening")).hasAttribute("aria-selected", "true");
        mara.presses("Control+Shift+ArrowLeft").isTold("Knots in an evening moved to the top level.");
        assertThat(mara.page().locator(".outline-row .title")).hasText("Knots in an evening");
        find.fill("");
        mara.choosesFrom("By reach", "Held back");
        assertThat(count).hasText("2 pages found");
        mara.choosesFrom("By reach", "By link only").clicks("Findings 3");
        assertThat(count).hasText("3 pages found");
        mara.chooses("Insurance work");
        assertThat(mara.page().locator(".card .findings"))
                .hasText("Hint Nothing on the site leads here; only who was given the address comes.");
        mara.isAccessible("a page with findings");
        mara.clicks("Changed 1");
        assertThat(count).hasText("0 pages found");
        mara.clicks("Show all pages");
        assertThat(count).isEmpty();
        mara.rests(); // the pointer is over another button now, whose hint may lie over this one
        mara.page().getByText("In no menu").click();
        assertThat(mara.row("Insurance work")).isVisible();
        assertThat(mara.row("Kayaks")).hasCount(0);
        mara.chooses("Insurance work").presses("n").types("Bent masts").presses("Enter", "Escape");
        assertThat(mara.row("Bent masts")).isVisible();
        assertThat(count).isEmpty();
        mara.complainsOfNothing();
    }

    @Test
    public void questions_combine_andAreFoundAgain_andWhatWasTypedIsNot() {
        Locator count = mara.page().locator(".head [role=status]");
        mara.choosesFrom("By topic", "tide notes");
        assertThat(count).hasText("3 pages found");
        assertThat(mara.row("Courses")).isVisible();
        mara.page().getByLabel("Find a page").fill("reading");
        assertThat(count).hasText("1 page found");
        mara.isAccessible("pages of a topic");
        mara.opensScreen("Menus");
        mara.page().getByLabel("Find an item").fill("crew");
        assertThat(count).hasText("1 item found");
        assertThat(mara.page().locator(".outline-row .title")).hasText(new String[] {"Footer", "The yard", "The crew"});
        mara.page().getByLabel("Find an item").fill("");
        mara.clicks("Own label 10");
        assertThat(mara.row("What it costs")).isVisible();
        assertThat(mara.row("Kayaks")).hasCount(0);
        mara.isAccessible("looking for items");
        mara.isRemembered("menus-asked", "[]", () -> mara.choosesFrom("Go to a menu", "Tides"));
        assertThat(mara.outline()).isFocused();
        assertThat(mara.row("Tides")).hasAttribute("aria-selected", "true");
        assertThat(count).isEmpty();
        mara.page().reload();
        assertThat(mara.row("Main")).isVisible();
        assertThat(count).isEmpty();
        mara.opensScreen("Pages");
        assertThat(count).hasText("3 pages found");
        mara.page().getByText("In no menu").click();
        assertThat(count).hasText("0 pages found");
        mara.clicks("Show all pages");
        assertThat(count).isEmpty();
        mara.complainsOfNothing();
    }

    @Test
    public void rowsOfMenus_areDraggedBetweenMenus_andPagesOutOfTheTree() {
        mara.opensMenu("Elsewhere").chooses("Short").presses("ArrowRight");
        mara.drags(mara.row("Pictures"), mara.row("Contact"), 0.9);
        assertThat(mara.dragNote()).containsText("Under Short, after Contact");
        mara.letsGo().isTold("Pictures moved to Short.");
        mara.seesUnder("Short", "Home", "Contact", "Pictures")
                .seesUnder("Elsewhere", "Write to us", "01632 960 983", "On the web");

        mara.chooses("Contact").presses("p");
        mara.page()
                .getByRole(AriaRole.OPTION)
                .filter(new Locator.FilterOptions().setHasText("Kayaks"))
                .click();
        Locator kayaks =
                mara.page().getByRole(AriaRole.OPTION).filter(new Locator.FilterOptions().setHasText("Kayaks"));
        mara.drags(kayaks, mara.row("Home"), 0.9);
        assertThat(mara.dragNote()).containsText("Under Short, after Home");
        mara.letsGo().isTold("Kayaks added to Short.");
        mara.seesUnder("Short", "Home", "Kayaks", "Contact", "Pictures");

        mara.chooses("Kayaks").choosesUpTo("Pictures");
        mara.page().locator(".card").getByText("Strong").click();
        mara.isTold("Kayaks and 2 more show another way.");
        mara.outline().focus();
        mara.presses("h").isTold("Kayaks and 2 more are hidden.");
        mara.presses("Delete").isTold("Kayaks and 2 more are in the bin.");
        mara.seesUnder("Short", "Home");
        mara.opensScreen("Bin").isAccessible("Bin");
        mara.clicks("Restore Kayaks (in Short)").isTold("Kayaks and 2 more are restored.");
        mara.opensMenu("Short").seesUnder("Short", "Home", "Kayaks", "Contact", "Pictures");
        mara.complainsOfNothing();
    }

    @Test
    public void removedBranch_isGoneForVisitors_andComesBackFromTheBin() {
        mara.chooses("Courses");
        assertThat(mara.page().locator(".card"))
                .containsText(
                        "4 subpages go with it. 5 addresses that visitors know say that the page is gone once you publish.");
        mara.presses("Delete").isTold("Courses is in the bin. 4 subpages go with it.");
        assertThat(mara.row("News")).hasAttribute("aria-selected", "true");
        assertThat(mara.header().getByText("Courses")).hasCount(0);
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.findsGone("/courses/first-paddle");
        mara.opensScreen("Bin").clicks("Restore Courses (/courses)").isTold("Courses is restored.");
        mara.publishes();
        visitor.opens("/courses/first-paddle").reads("First paddle");
        mara.opensScreen("Pages").chooses("Courses").clicks("Remove, subpages move up");
        mara.isTold("Courses is in the bin. 4 addresses change when you publish");
        assertThat(mara.row("First paddle")).hasAttribute("aria-selected", "true"); // the outline has gone there
        assertThat(mara.outline()).isFocused();
        mara.seesAddress("First paddle", "/first-paddle");
        mara.complainsOfNothing();
    }

    @Test
    public void lockedPages_stay_untilTheyAreUnlocked() {
        Locator card = mara.page().locator(".card");
        mara.chooses("Privacy").presses("Delete");
        assertThat(mara.objection()).hasText("Privacy is locked, so it stays. Unlock it before you remove it.");
        assertThat(card.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("Remove this page")))
                .isDisabled();
        mara.isAccessible("a locked page");
        card.getByText("May be removed").click();
        mara.isTold("Privacy is no longer locked.");
        mara.outline().focus();
        mara.presses("Delete").isTold("Privacy is in the bin.");
        mara.chooses("Canoes").choosesUpTo("Prices");
        card.getByText("Locked").click();
        mara.isTold("Canoes and 3 more are locked.");
        mara.chooses("Hire").presses("Delete");
        assertThat(mara.objection())
                .hasText("Canoes and 4 more are locked, so they stay. Unlock them before you remove them.");
        assertThat(mara.row("Hire")).isVisible();
        mara.forgives("/privacy/whereabouts"); // its card may still ask when the page has just gone
        mara.forgives("422");
        mara.complainsOfNothing();
    }

    @Test
    public void byFinger_pressAndHoldDrags_andASwipeDoesNot() {
        BrowserContext tablet = tablet();
        Owner finger = new Owner(velnik, tablet).signsIn();
        CDPSession touch = tablet.newCDPSession(finger.page());
        BoundingBox from = finger.row("Kayaks").boundingBox();
        double x = from.x + 90;
        double y = from.y + 16;
        BoundingBox to = finger.row("Prices").boundingBox();
        touches(touch, "touchStart", x, y);
        assertThat(finger.dragNote()).isVisible();
        touches(touch, "touchMove", x, y + 20);
        touches(touch, "touchMove", x, to.y + 30);
        assertThat(finger.dragNote()).containsText("Under Hire, after Prices");
        touches(touch, "touchEnd", x, to.y + 30);
        finger.isTold("Kayaks moved after Prices.");

        touches(touch, "touchStart", x, to.y);
        touches(touch, "touchMove", x, to.y - 60);
        touches(touch, "touchMove", x, y - 160);
        touches(touch, "touchEnd", x, y - 160);
        assertThat(finger.dragNote()).hasCount(0);
        assertThat(finger.page().locator(".foot-line [role=status]")).hasText("Kayaks moved after Prices.");
        finger.complainsOfNothing();
    }

    private static void touches(CDPSession touch, String type, double x, double y) {
        String points = type.equals("touchEnd") ? "" : "{\"x\":" + x + ",\"y\":" + y + "}";
        touch.send(
                "Input.dispatchTouchEvent",
                JsonParser.parseString("{\"type\":\"" + type + "\",\"touchPoints\":[" + points + "]}")
                        .getAsJsonObject());
    }

    @Test
    public void pastedList_isToldBeforehand_addedAsOneEdit_orGivenUp() {
        Locator pasted = mara.page().locator(".pasted");
        mara.chooses("Hire").presses("n").pastes("Sails\n  Jibs\n  Spinnakers\nOars");
        assertThat(pasted).containsText("The list would add 4 pages.");
        mara.presses("Escape");
        assertThat(pasted).hasCount(0);
        assertThat(mara.page().getByLabel("Title of the new page")).isFocused();
        assertThat(mara.page().getByText("Nothing waits").first()).isVisible();
        mara.pastes("Good\n" + "x".repeat(10_000));
        assertThat(pasted).containsText("Line 2 has 10,000 characters; a title has at most 200.");
        mara.presses("Enter").presses("Escape");
        mara.pastesList("Sails\n  Jibs\n  Spinnakers\nOars", "4 pages");
        mara.isTold("2 pages added to the top level with 2 pages beneath them.");
        mara.seesUnder("Sails", "Jibs", "Spinnakers");
        mara.presses("Control+z").isTold("Undone");
        assertThat(mara.row("Sails")).hasCount(0);
        mara.complainsOfNothing();
    }

    @Test
    public void pagesAreWrapped_inANewPage_asOneEdit() {
        mara.gestures();
        mara.chooses("Canoes").presses("Shift+ArrowDown", "g").types("Paddling").presses("Enter");
        assertTrue(mara.gestures() <= 5, "two pages under a new one");
        mara.isTold("Paddling added under Hire. Canoes and 1 more moved under Paddling.");
        mara.seesUnder("Paddling", "Canoes", "Kayaks").seesAddress("Kayaks", "/hire/paddling/kayaks");
        assertThat(mara.row("Paddling")).hasAttribute("aria-selected", "true");
        mara.presses("Control+z");
        mara.seesUnder("Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.complainsOfNothing();
    }

    @Test
    public void rowsGoToTheTopAndToTheEnd_andTheTreeFoldsToALevel() {
        mara.chooses("Rowing skiffs").presses("Control+Shift+Home");
        mara.isTold("Rowing skiffs moved to the beginning of Hire.");
        mara.clicks("Move to the end").isTold("Rowing skiffs moved after Group bookings.");
        mara.clicks("Fold").page().getByText("To the first level").click();
        assertThat(mara.row("Rowing skiffs")).hasCount(0);
        assertThat(mara.outline().locator("[aria-level='2']")).hasCount(0);
        mara.chooses("Hire").presses("ArrowRight");
        mara.seesUnder("Hire", "Canoes", "Kayaks", "Prices", "Safety on the tide", "Group bookings", "Rowing skiffs");
        mara.complainsOfNothing();
    }

    @Test
    public void copiesOfAPage_countOn_beforeAnyIsMade_byMouseAndByKey() {
        mara.chooses("Varnish day").presses("Control+d");
        mara.isAccessible("copying a page");
        mara.presses("Control+a").types("Varnish day 5 May");
        mara.clicks("Count on 6 more");
        assertThat(mara.page().getByLabel("Titles, one on each line"))
                .hasValue(Stream.of("5", "6", "7", "8", "9", "10", "11")
                        .map(day -> "Varnish day " + day + " May")
                        .collect(Collectors.joining("\n")));
        mara.clicks("Make 7 copies")
                .isTold("Varnish day is copied 7 times: 7 pages are new, held back until you open them.");
        assertThat(mara.row("Varnish day 5 May")).hasAttribute("aria-selected", "true");
        assertThat(mara.header().getByText("Varnish day 5 May")).hasCount(0);
        mara.presses("Control+z").isTold("Undone: Copy Varnish day.");
        mara.chooses("Repairs").clicks("More").page().getByText("Copy…").click();
        mara.page().getByText("With its subpages").click();
        mara.clicks("Make 1 copy").isTold("Repairs is copied: 1 page is new, held back until you open it.");
        mara.complainsOfNothing();
    }

    @Test
    public void anotherPageIsHome_andTheBinIsEmptied_onceThatIsMeant() {
        mara.chooses("Hire").clicks("Make it the home page").isTold("Hire is the home page now.");
        mara.seesAddress("Hire", "/").seesAddress("Canoes", "/hire/canoes");
        mara.opensScreen("Bin").clicks("Empty the bin…");
        mara.isAccessible("a question in the bin");
        mara.clicks("Cancel");
        assertThat(mara.page().getByText("Bait shop")).isVisible();
        mara.clicks("Remove for good… Bait shop (/bait-shop)").clicks("Remove for good");
        assertThat(mara.page().getByText("Bait shop")).hasCount(0);
        mara.complainsOfNothing();
    }
}
