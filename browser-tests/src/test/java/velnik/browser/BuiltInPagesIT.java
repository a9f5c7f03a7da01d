package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** Search, the page index and the page for addresses that lead nowhere, as owners arrange them and visitors use them. */
public class BuiltInPagesIT extends UndoneTest {

    @Test
    public void notFound_hasMenusOfItsOwn_andLeadsOnBySearching() {
        mara.opensScreen("Zones");
        mara.page().getByLabel("Add an exception for").click();
        mara.types("not found").presses("Enter").clicks("Add Tides").isTold("The sidebar of Not found shows Tides.");
        mara.opensScreen("Pages")
                .chooses("Not found")
                .presses("Enter", "Control+a")
                .types("Out of the creek");
        mara.presses("Enter").isTold("Not found is now Out of the creek.");
        assertThat(mara.window().locator(".sidebar")).containsText("The lane floods at 5.4 metres.");
        assertThat(mara.window().getByRole(AriaRole.NOTE))
                .hasText("Visitors get this at every address where there is no page.");
        mara.publishes();

        Visitor visitor = new Visitor(velnik, wide()).doesNotFind("/nowhere/at/all");
        visitor.reads("Out of the creek");
        Page page = visitor.page();
        assertThat(page.locator(".sidebar")).containsText("The lane floods at 5.4 metres.");
        visitor.isAccessible("not found");
        page.getByLabel("Words to look for").focus();
        page.keyboard().type("Tide fàther");
        page.keyboard().press("Enter");
        visitor.reads("Search");
        assertThat(page.locator("main [role=status]")).hasText("No page with “Tide fàther”.");
        visitor.isAccessible("a search without results");
        page.getByText("All pages of the site").click();
        visitor.reads("Page index");
        assertThat(page.locator("main .page-index a", new Page.LocatorOptions().setHasText("Range calculator")))
                .isVisible();
        assertThat(page.locator("main")).not().containsText("Junior week");
        visitor.isAccessible("the page index");
        visitor.link("Search").click();
        page.getByLabel("Words to look for").fill("cafe");
        page.keyboard().press("Enter");
        assertThat(page.locator(".found a").first()).hasText("Slipway Café");
        visitor.isAccessible("a search");
        page.locator(".found a").first().click();
        visitor.reads("Slipway Café");
        mara.complainsOfNothing();
        visitor.complainsOfNothing();
    }

    @Test
    public void listingOfATopic_hasMenusOfItsOwn_andIsLedToByItsPages() {
        mara.opensScreen("Zones");
        mara.page().getByLabel("Add an exception for").click();
        mara.types("topic tide").presses("Enter").clicks("Add Tides");
        mara.isTold("The sidebar of the listing of the topic tide notes shows Tides.")
                .publishes();

        Visitor visitor = new Visitor(velnik, wide()).opens("/hire/safety-on-the-tide");
        visitor.page().locator("main .topics").getByText("tide notes").click();
        visitor.reads("Tide notes");
        assertThat(visitor.page().locator("main .subpages a"))
                .hasText(new String[] {"Spring tides in March", "Safety on the tide", "Reading the tide"});
        assertThat(visitor.page().locator(".sidebar")).containsText("The lane floods at 5.4 metres.");
        visitor.isAccessible("the listing of a topic");
        visitor.page().locator(".trail").getByText("Page index").click();
        visitor.reads("Page index");
        visitor.page().locator("main .topics").getByText("workshop").click();
        visitor.reads("Workshop");
        assertThat(visitor.page().locator(".sidebar")).hasCount(0);
        visitor.complainsOfNothing();
        mara.complainsOfNothing();
    }

    @Test
    public void listingOfATopic_inTheWindow_followsEdits_untilAnotherPageIsChosen() {
        mara.chooses("Varnish day");
        Locator heading = mara.window().locator("h1");
        assertThat(heading).hasText("Varnish day");
        mara.clicksAt(mara.window().locator(".topics a").first());
        assertThat(heading).hasText("News");
        mara.chooses("Varnish day")
                .presses("Enter", "Control+a")
                .types("Varnish week")
                .presses("Enter");
        mara.isTold("Varnish day is now Varnish week.");
        assertThat(mara.window().locator("main .subpages")).containsText("Varnish week");
        assertThat(heading).hasText("News");
        mara.chooses("Canoes");
        assertThat(heading).hasText("Canoes");
        mara.complainsOfNothing();
    }

    @Test
    public void search_worksWithoutScript() {
        Page page = context(1280, 800, false).newPage();
        page.navigate(velnik.url("/search"));
        page.getByLabel("Words to look for").fill("kayak");
        page.locator("main button").click();
        assertThat(page.locator(".found a")).hasText(new String[] {"Kayaks", "Hire", "Prices"});
    }

    @Test
    public void searchInTheWindow_answers_andFollowsEdits() {
        mara.chooses("Search");
        Locator field = mara.window().getByLabel("Words to look for");
        field.fill("kayak");
        field.press("Enter");
        Locator found = mara.window().locator(".found a");
        assertThat(found).hasText(new String[] {"Kayaks", "Hire", "Prices"});
        mara.chooses("Kayaks").presses("Enter", "Control+a").types("Sea kayaks").presses("Enter");
        mara.isTold("Kayaks is now Sea kayaks.");
        mara.chooses("Search");
        assertThat(found).hasText(new String[] {"Sea kayaks", "Hire", "Prices"});
        mara.complainsOfNothing();
    }

    @Test
    public void builtInPage_isPlacedByTyping_andStays() {
        mara.opensMenu("Short").presses("n").types("page ind").presses("Enter", "Escape");
        mara.isTold("Page index added to Short.");
        mara.opensScreen("Pages").chooses("Page index").presses("Delete");
        assertThat(mara.page().getByText("Page index is a built-in page, which every site has; it cannot be removed."))
                .isVisible();
        assertThat(mara.button("Remove")).hasAttribute("aria-disabled", "true");
        assertThat(mara.button("Add under")).hasAttribute("aria-disabled", "true");
        mara.chooses("Privacy").presses("Control+Shift+ArrowDown", "Control+Shift+ArrowRight");
        assertThat(mara.page().getByText("Nothing goes under Search, since it is a built-in page."))
                .isVisible();
        mara.forgives("422");
        mara.complainsOfNothing();
    }
}
