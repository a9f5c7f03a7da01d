package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** Which menus stand where, from the zone table to what visitors get. */
public class ZonesIT extends UndoneTest {

    @Test
    public void sidebarOfASection_isTwoClicks_andStandsThereAlone() {
        mara.chooses("Hire");
        mara.opensScreen("Zones").isAccessible("Zones");
        mara.clicksAt(mara.header().getByText("Hire", new Locator.GetByTextOptions().setExact(true)));
        Locator cell = mara.cell("Sidebar", "Hire, the page in the preview");
        mara.gestures();
        cell.click();
        mara.clicks("Add Short").isTold("The sidebar of Hire and what is under it shows Short.");
        assertTrue(mara.gestures() + 1 <= 4, "a sidebar for a section");
        assertThat(mara.window().locator(".sidebar")).containsText("Contact");
        assertThat(cell).containsText("Short");
        mara.isAccessible("a cell of the zones");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/kayaks");
        assertThat(visitor.page().locator(".sidebar")).containsText("Contact");
        visitor.isAccessible("a page with a sidebar");
        visitor.opens("/contact");
        assertThat(visitor.page().locator(".sidebar")).hasCount(0);
        visitor.opens("/repairs/hulls");
        assertThat(visitor.page().locator(".sidebar [aria-current=page]")).hasText("Hulls");
        visitor.opens("/about-us/find-us");
        assertThat(visitor.page().locator(".site-footer")).containsText("The lane floods at 5.4 metres.");
        visitor.isAccessible("three menus in the footer");
        visitor.opens("/hire/group-bookings");
        assertThat(visitor.across().locator("a")).hasText(new String[] {"Home", "Contact"});
        mara.complainsOfNothing();
        visitor.complainsOfNothing();
    }

    @Test
    public void byKeyboardAlone_aZoneIsChanged() {
        mara.tabsTo(mara.link("Zones")).presses("Enter");
        assertThat(mara.cell("Header", "every page")).isFocused();
        mara.presses("ArrowRight", "ArrowRight", "ArrowDown", "ArrowDown", "ArrowDown", "ArrowDown", "ArrowDown");
        assertThat(mara.cell("Sidebar", "Home, the page in the preview")).isFocused();
        mara.presses("Enter");
        assertThat(mara.page().locator(".card h2")).isFocused();
        assertThat(mara.page().locator(".card .why")).hasText("No menu is assigned to this zone.");
        mara.tabsTo(mara.button("Add Short")).presses("Enter");
        mara.isTold("The sidebar of Home shows Short.");
        assertThat(mara.window().locator(".sidebar")).containsText("Contact");
        mara.tabsTo(mara.button("Add Tides")).presses("Enter").isTold("The sidebar of Home shows Short and Tides.");
        mara.tabsTo(mara.button("Move Short down"))
                .presses("Enter")
                .isTold("The sidebar of Home shows Tides and Short.");
        assertThat(mara.button("Move Short down")).hasAttribute("aria-disabled", "true");
        assertThat(mara.button("Move Short down")).isFocused();
        mara.tabsTo(mara.page().getByLabel("Form").first()).presses("Enter", "ArrowDown", "Enter");
        mara.isTold("The sidebar of Home shows Tides and Short.");
        assertThat(mara.window().locator(".sidebar .menu").first()).hasClass(Pattern.compile("across"));
        mara.presses("Escape");
        assertThat(mara.cell("Sidebar", "Home, the page in the preview")).isFocused();
        assertThat(mara.cell("Sidebar", "Home, the page in the preview")).containsText("Tides");
        mara.presses("Control+z", "Control+z", "Control+z", "Control+z");
        mara.isTold("Undone: Change the sidebar of Home.");
        assertThat(mara.window().locator(".sidebar")).hasCount(0);
        mara.complainsOfNothing();
    }

    @Test
    public void exceptionOfOnePage_isMadeForSeveral() {
        mara.opensScreen("Zones").cell("Footer", "Find us").click();
        mara.page()
                .getByLabel("Pages", new Page.GetByLabelOptions().setExact(true))
                .click();
        mara.types("conta").presses("Enter");
        mara.isTold("The footer of Contact and Find us shows Tides after its usual menus.");
        assertThat(mara.cell("Footer", "Contact and Find us")).containsText("Tides");
        mara.presses("Escape");
        assertThat(mara.page().locator(".ant-select-dropdown:visible")).hasCount(0);
        mara.isAccessible("an exception of several pages");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        for (String page : List.of("/contact", "/about-us/find-us")) {
            visitor.opens(page);
            assertThat(visitor.page().locator(".site-footer")).containsText("The lane floods at 5.4 metres.");
        }
        mara.complainsOfNothing();
    }

    @Test
    public void everySettingOfAPlacedMenu_isSeenAtOnce() {
        mara.opensScreen("Zones");
        mara.cell("Header", "every page").click();
        Locator header = mara.window().locator(".site-header");
        String[][] ofMain = {
            {"Form", "down"},
            {"Form", "folding"},
            {"Form", "in columns"},
            {"Form", "behind a button"},
            {"Form", "in a drawer"},
            {"Form", "across"},
            {"Text size", "large"},
            {"Text size", "small"},
            {"Gaps", "wide"},
            {"Gaps", "tight"},
            {"Margins", "wide"},
            {"Width", "narrow"},
            {"Width", "as wide as the zone"},
            {"How many levels", "Levels: 1"},
            {"From level", "From level 2"},
        };
        for (String[] setting : ofMain) {
            mara.seesAnotherPicture(header, () -> mara.picks(setting[0], setting[1]));
        }
        Locator branch = mara.page().getByLabel("Only the branch of the visited page");
        mara.seesAnotherPicture(header, branch::click);
        // Nothing of it stands at the far end, which would leave a row no room to stand elsewhere.
        mara.clicks("Add Short").clicks("Remove Main").isTold("The header of every page shows Short.");
        assertThat(mara.page().getByLabel("Remove Main")).hasCount(0);
        for (String place : List.of("at the start", "in the middle", "spread")) {
            mara.seesAnotherPicture(header, () -> mara.picks("Aligned", place));
        }
        mara.complainsOfNothing();
    }

    /** In either direction of reading's own side, by mouse and by key; on a phone it unfolds where it stands. */
    @Test
    public void menuAtTheSide_fliesOut() {
        mara.opensScreen("Zones");
        mara.cell("Sidebar", "Repairs and what is under it").click();
        mara.choosesFrom("Form", "flying out");
        assertThat(mara.window().locator(".sidebar .menu")).hasClass(Pattern.compile("flying-out"));
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/repairs/hulls");
        Locator workshop =
                visitor.page().locator(".sidebar .flying-out > ul > li").first();
        Locator button = workshop.locator("> .opener");
        Locator beneath = workshop.locator("> ul");
        assertThat(beneath).isHidden();
        button.hover();
        assertThat(beneath).isVisible();
        assertTrue(beneath.boundingBox().x >= workshop.boundingBox().x + workshop.boundingBox().width - 1, "beside it");
        visitor.page().mouse().move(900, 700);
        assertThat(beneath).isHidden();
        button.focus();
        visitor.page().keyboard().press("Enter");
        assertThat(beneath).isVisible();
        visitor.isAccessible("a menu that flies out");
        visitor.page().keyboard().press("Escape");
        assertThat(beneath).isHidden();

        visitor.page().setViewportSize(390, 844);
        button.click();
        assertThat(beneath).isVisible();
        assertTrue(beneath.boundingBox().y >= button.boundingBox().y + 20, "under it");
        assertEquals(visitor.page().evaluate("document.documentElement.scrollWidth <= window.innerWidth"), true);
        visitor.isAccessible("a menu that unfolds on a phone");
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }
}
