package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** What pages are sorted by, and how new ones begin. */
public class SortingIT extends UndoneTest {
    private static final Page.GetByLabelOptions EXACTLY = new Page.GetByLabelOptions().setExact(true);

    @Test
    public void topicIsRenamedAndMerged_andItsOldListingLeadsOn() {
        mara.opensScreen("Topics and layouts").isAccessible("topics and layouts");
        Locator topics = mara.page().getByRole(AriaRole.TABLE, new Page.GetByRoleOptions().setName("Topics"));
        assertThat(topics.locator("tbody th")).hasText(new String[] {"café", "news", "tide notes", "workshop"});
        mara.clicks("Rename tide notes").types("The tide").presses("Enter");
        mara.isTold("The topic tide notes is now called The tide, on 3 pages.");
        mara.choosesFrom("Merge café into", "news");
        mara.isTold("1 page with the topic café now has the topic news.");
        mara.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/page-index/tide-notes").reads("The tide");
        assertEquals(visitor.page().url(), velnik.url("/page-index/the-tide"));
        visitor.opens("/page-index/cafe").reads("News");
        mara.opensScreen("Addresses").page().getByLabel("Find an address").fill("/page-index/tide-notes");
        assertThat(mara.page().locator("tbody tr")).containsText("leads to the listing of The tide");
        mara.undoesEverythingAndPublishes();
        visitor.opens("/page-index/tide-notes").reads("Tide notes");
        visitor.complainsOfNothing();
        mara.forgives("422"); // nothing was left to undo
        mara.complainsOfNothing();
    }

    @Test
    public void layoutOfMyOwn_isCopiedWithItsZones_givenToPages_andRemoved_byKeyboard() {
        mara.opensScreen("Topics and layouts");
        mara.button("Copy landing").focus();
        mara.presses("Enter").types("Winter offers").presses("Enter");
        mara.isTold("Winter offers is a new layout; it begins as landing.");
        mara.opensScreen("Pages").chooses("Canoes").choosesFrom("Layout", "Winter offers");
        mara.isTold("Canoes now has the layout Winter offers.");
        assertThat(mara.window().locator(".header .across")).not().containsText("Moorings"); // as landing pages have it
        mara.opensScreen("Zones");
        assertThat(mara.page().locator("th[scope=row]").getByText("Pages of the layout Winter offers"))
                .isVisible();
        mara.opensScreen("Topics and layouts");
        mara.button("Remove Winter offers").press("Enter");
        mara.choosesFrom("The layout that its pages get", "Wide");
        mara.isTold("The layout Winter offers is removed; its page now has the layout wide. "
                + "1 exception in the zones goes with it.");
        mara.complainsOfNothing();
    }

    @Test
    public void newPages_beginAsTheSiteSays_andOneKeyMakesTheOther() {
        mara.chooses("Hire").presses("n");
        assertThat(mara.page().locator(".new-pages")).containsText("New pages begin open.");
        mara.clicks("Change that").choosesFrom("New pages begin", "Held back");
        mara.isTold("New pages begin held back, standard; those there stay as they are.");
        mara.choosesFrom("What they are made from", "with the layout Wide").clicks("Done");
        assertThat(mara.page().locator(".new-pages")).containsText("New pages begin held back, with the layout wide.");
        mara.types("Winter storage").presses("Enter");
        assertThat(mara.row("Winter storage")).containsText("held back");
        mara.types("Spring fitting out").presses("Control+Enter");
        assertThat(mara.row("Spring fitting out")).not().containsText("held back");
        mara.isAccessible("how new pages begin");
        mara.pastesList("Summer camp (open)\nAutumn camp", "The list would add 2 pages.");
        assertThat(mara.row("Autumn camp")).containsText("held back");
        assertThat(mara.row("Summer camp")).not().containsText("held back");
        mara.complainsOfNothing();
    }

    @Test
    public void withheldPage_isOpenedWhereItIsAdded_andSubpagesMoveUp_whereTheirsIsHeldBack() {
        mara.chooses("Hire");
        Locator card = mara.page().locator(".card");
        assertThat(card).containsText("Held back: Its 6 subpages cannot be seen then either");
        new Hand.Mouse(mara).option("Held back");
        mara.isTold("Hire is held back.");
        mara.page().locator("footer").getByText("Move its subpages up").click();
        mara.isTold("Canoes and 5 more moved to the top level.");
        mara.seesAddress("Canoes", "/canoes");
        mara.opensMenu("Footer").presses("n");
        mara.types("Summer regatta").presses("Enter");
        Locator about = mara.page().locator(".forms");
        assertThat(about)
                .containsText("Summer regatta is held back, so the item shows to nobody until the page is open.");
        about.getByText("Open Summer regatta").click();
        mara.isTold("Summer regatta is open.");
        assertThat(mara.page().getByLabel("The new item", EXACTLY)).isFocused();
        mara.complainsOfNothing();
    }
}
