package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** Which page stands in which menu, all at once; and what each person arranges for themselves. */
public class SheetIT extends UndoneTest {
    private Locator grid;

    @BeforeMethod
    public void open() {
        mara.page().navigate(velnik.url("/-/manage/pages/sheet"));
        grid = mara.page().getByRole(AriaRole.GRID);
        assertThat(cell("Canoes", "Main")).containsText("by the list");
    }

    private Locator cell(String page, String menu) {
        return grid.locator("[aria-label^='" + page + " in " + menu + ":']");
    }

    private Locator line() {
        return mara.page().locator(".spot-line");
    }

    @Test
    public void byKeyboardAlone_pagesArePlacedLabelledAndTakenOut() {
        mara.tabsTo(grid).presses("ArrowDown", "ArrowDown", "ArrowRight");
        assertThat(cell("Canoes", "Footer")).hasAttribute("aria-selected", "true");
        assertThat(line()).containsText("If added: Canoes is in Footer now, under Afloat, after Hire.");
        mara.presses(" ").isTold("Canoes is in Footer now, under Afloat, after Hire.");
        assertThat(mara.page().locator(".sheet-grid")).isFocused();
        mara.presses("Enter").types("Open boats").presses("Enter").isTold("Canoes reads Open boats now.");
        assertThat(cell("Canoes", "Footer")).hasText("Open boats");
        assertThat(cell("Canoes", "Main")).hasText("by the list");
        mara.gestures();
        mara.presses("Shift+ArrowDown", "Shift+ArrowDown", "Shift+ArrowRight");
        assertThat(line()).containsText("6 cells");
        assertThat(line()).containsText("1 of them added");
        mara.presses(" ").isTold("Canoes and 4 more added.");
        assertTrue(mara.gestures() <= 4, "three pages into two menus");
        assertThat(cell("Rowing skiffs", "Workshop")).hasAttribute("aria-label", "Rowing skiffs in Workshop: added");
        mara.presses(" ").isTold("The label “Open boats” went with it.");
        assertThat(cell("Canoes", "Footer")).hasAttribute("aria-label", "Canoes in Footer: not there");
        mara.presses("Control+z").isTold("Undone: Remove Canoes and 5 more from Footer.");
        assertThat(cell("Canoes", "Footer")).hasText("Open boats");
        mara.rests();
        mara.isAccessible("the placing sheet");
        mara.complainsOfNothing();
    }

    @Test
    public void byMouse_aListLeavesAPageOut_andAnotherIsPutWhereItIsWanted() {
        cell("Rowing skiffs", "Main").dblclick();
        mara.isTold("Rowing skiffs is no longer in Main.");
        assertThat(cell("Rowing skiffs", "Main")).hasAttribute("aria-label", "Rowing skiffs in Main: not there");
        mara.clicks("Add it").isTold("Rowing skiffs is in Main now, by the list.");
        cell("Prices", "Short").click();
        mara.clicks("Choose where…").types("after contact").presses("Enter").isTold("Prices added to Short.");
        assertThat(line()).containsText("added");
        mara.page().getByText("Show it among the menus").click();
        assertThat(mara.row("Prices").last()).hasAttribute("aria-selected", "true");
        mara.seesUnder("Short", "Home", "Contact", "Prices");
        mara.complainsOfNothing();
    }

    @Test
    public void draggedOver_cellsAreTakenTogether_andAFingerPlacesToo() {
        mara.drags(cell("Canoes", "Footer"), cell("Kayaks", "Workshop"), 0.5);
        assertThat(line()).containsText("4 cells");
        mara.letsGo();
        mara.page().mouse().move(600, 300);
        assertThat(line()).containsText("4 cells");
        mara.presses(" ").isTold("Canoes and 3 more added.");
        mara.presses("Control+z").isTold("Undone: Add Canoes and 3 more to Footer.");

        Owner finger = new Owner(velnik, tablet()).signsIn();
        finger.page().navigate(velnik.url("/-/manage/pages/sheet"));
        finger.page().locator("[aria-label^='Prices in Footer:']").tap();
        assertThat(finger.page().locator(".spot-line")).containsText("If added: Prices is in Footer now");
        finger.button("Add it").tap();
        finger.isTold("Prices is in Footer now");
        finger.complainsOfNothing();
        mara.isTold("In another window: Prices is in Footer now");
        assertThat(cell("Prices", "Footer")).hasAttribute("aria-label", "Prices in Footer: added");
        mara.complainsOfNothing();
    }

    @Test
    public void keysThatComeFasterThanAnswers_goByWhatTheOnesBeforeThemLeft() {
        mara.waitsFor("/changes", 800).tabsTo(grid).presses("ArrowRight", "ArrowDown", "ArrowDown");
        mara.presses(" ", "Enter").types("Boats").presses("Enter").isTold("Canoes reads Boats now.");
        assertThat(cell("Canoes", "Footer")).hasText("Boats");
        mara.presses(" ", " ").isTold("Canoes is in Footer now, under Afloat, after Hire.");
        assertThat(cell("Canoes", "Footer")).hasAttribute("aria-label", "Canoes in Footer: added");
        mara.complainsOfNothing();
    }

    @Test
    public void pageAndItsSubpages_areTakenOutOfAListAtOnce_andPlacedAgain() {
        mara.tabsTo(grid).presses("ArrowDown", "Shift+ArrowDown", "Shift+ArrowDown", " ");
        mara.isTold("Hire and 2 more removed.");
        assertThat(cell("Kayaks", "Main")).hasAttribute("aria-label", "Kayaks in Main: not there");
        assertThat(mara.page().locator(".sheet [role=alert]")).hasCount(0);
        mara.presses(" ").isTold("Hire and 2 more added.");
        assertThat(cell("Kayaks", "Main")).hasText("by the list");
        mara.complainsOfNothing();
    }

    @Test
    public void pagesAreFound_menusAreChosen_andFoldsAndColumnsAreRememberedWhereverOneSignsIn() {
        mara.page().getByLabel("Find a page").fill("hull");
        assertThat(grid.getByRole(AriaRole.ROWHEADER)).hasText(new String[] {"Repairs", "Hulls", "Wooden hulls"});
        mara.page().getByLabel("Find a page").fill("");
        mara.clicks("All menus").page().getByText("Tides").last().click();
        assertThat(grid.getByRole(AriaRole.COLUMNHEADER).filter(new Locator.FilterOptions().setHasText("Tides")))
                .hasCount(0);
        mara.presses("Escape")
                .clicks("Fold")
                .page()
                .getByText("To the first level")
                .click();
        assertThat(cell("Canoes", "Main")).hasCount(0);
        Page elsewhere = mara.page().context().newPage();
        elsewhere.navigate(velnik.url("/-/manage/pages"));
        elsewhere.getByText("Columns").click();
        elsewhere.waitForResponse(
                "**/preferences",
                () -> elsewhere.getByText("Clicks from home").last().click());
        assertThat(elsewhere.getByRole(AriaRole.COLUMNHEADER)).hasText(new String[] {"Title", "Address", "Shown in"});
        mara.page().reload();
        assertThat(cell("Home", "Main")).isVisible();
        assertThat(cell("Canoes", "Main")).hasCount(0);
        assertThat(mara.page().getByText("6 of 7 menus")).isVisible();
        elsewhere.reload();
        assertThat(elsewhere.getByRole(AriaRole.COLUMNHEADER)).hasText(new String[] {"Title", "Address", "Shown in"});
        elsewhere.getByText("Columns").click();
        elsewhere.waitForResponse(
                "**/preferences",
                () -> elsewhere.getByText("Clicks from home").last().click());
        elsewhere.close();
        mara.clicks("Fold").page().getByText("Unfold all").click();
        mara.clicks("6 of 7 menus").page().getByText("Tides").last().click();
        mara.complainsOfNothing();
    }

    @Test
    public void severalEditsAreTakenBackByOneChoice() {
        mara.tabsTo(grid).presses("ArrowRight", "ArrowDown");
        for (String page : List.of("Canoes", "Kayaks", "Rowing skiffs")) {
            mara.presses("ArrowDown", " ").isTold(page + " is in Footer now");
        }
        mara.clicks("Latest edits")
                .page()
                .getByText("Add Kayaks to Footer")
                .last()
                .click();
        mara.isTold("Undone: Add Kayaks to Footer.");
        assertThat(cell("Kayaks", "Footer")).hasAttribute("aria-label", "Kayaks in Footer: not there");
        assertThat(cell("Canoes", "Footer")).hasAttribute("aria-label", "Canoes in Footer: added");
        mara.complainsOfNothing();
    }
}
