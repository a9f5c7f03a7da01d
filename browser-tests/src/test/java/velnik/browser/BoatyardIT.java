package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What the owner of the boatyard wants of her menus, made from nothing and looked at as visitors get it. */
public class BoatyardIT extends UndoneTest {

    @DataProvider
    public Object[][] hands() {
        return new Object[][] {{"mouse"}, {"keys"}};
    }

    @Test(dataProvider = "hands")
    public void menusOfTheBoatyard_areMadeFromNothing(String by) {
        Hand hand = by.equals("keys") ? new Hand.Keys(mara) : new Hand.Mouse(mara);
        hand.uses(mara.link("Menus"));
        assertThat(mara.page().locator("h2").first()).hasText("Menus");
        newMenuThatFollows(hand);
        dressesThreeRowsAndAddsTwo(hand);
        hidesABranchForTheWinterAndShowsItAgain(hand);
        hand.uses(mara.link("Zones"));
        standsInTheHeaderAlone(hand);
        sidebarOnlyInRepairs(hand);
        footerOfFindUsHasTidesAfterIt(hand);
        landingHasNoMenuButShort(hand);
        mara.tabsTo(mara.button("Publish")).presses("Enter");
        assertThat(mara.page().getByText("Nothing waits").first()).isVisible();
        visitorsGetIt();
        mara.complainsOfNothing();
    }

    private void newMenuThatFollows(Hand hand) {
        hand.uses(mara.button("New menu")).types("Leading").presses("Enter");
        mara.isTold("Leading is a new menu.");
        hand.uses(mara.button("Add list or block…"));
        hand.entry("The whole page tree").isTold("The list added to Leading.");
        assertThat(mara.row("Leading")).containsText("follows the page tree");
        hand.uses(mara.button("Fold"));
        hand.entry("To the first level");
        hand.row("Leading").presses("ArrowRight");
    }

    private void dressesThreeRowsAndAddsTwo(Hand hand) {
        String[][] dressed = {{"Canoes", "Open canoes"}, {"Prices", "What it costs"}, {"Slipway Café", "Café"}};
        for (String[] dress : dressed) {
            hand.row(dress[0]).presses("Enter").types(dress[1]).presses("Enter");
            mara.isTold(dress[0] + " reads " + dress[1] + " now.");
        }
        hand.row("News").presses("n").types("On the water").presses("Enter");
        mara.isTold("On the water added to Leading.");
        mara.types("https://tides.example/brack").presses("Tab", "Enter");
        mara.isTold("tides.example/brack added under On the water.").presses("Escape");
        for (String leftOut : List.of("About us", "Contact", "Terms of hire", "Privacy")) {
            hand.row(leftOut).presses("Delete").isTold(leftOut + " is left out of the list.");
        }
        hand.row("On the water").presses("n").types("find us").presses("Enter", "Escape");
        mara.isTold("Find us added to Leading.");
        hand.row("Leading");
        assertThat(mara.row("Leading")).containsText("follows the page tree");
    }

    private void hidesABranchForTheWinterAndShowsItAgain(Hand hand) {
        hand.row("Hire").presses("h").isTold("Hire is hidden.");
        assertThat(mara.row("Hire")).containsText("hidden");
        assertThat(mara.row("Kayaks")).containsText("Hire above it does not show.");
        mara.presses("h").isTold("Hire shows again.");
        hand.row("Leading");
        hand.uses(mara.button("Beside Main"));
        mara.isTold("The header of every page shows Main and Leading.");
    }

    private static final String[] ROWS = {
        "Home", "Hire", "Repairs", "Moorings", "Café", "Courses", "News", "On the water", "Find us"
    };

    private void standsInTheHeaderAlone(Hand hand) {
        hand.cell("Header", "every page");
        hand.uses(mara.button("Remove Main")).isTold("The header of every page shows Leading.");
    }

    private void sidebarOnlyInRepairs(Hand hand) {
        hand.cell("Sidebar", "Repairs and what is under it");
        hand.uses(mara.button("Remove Workshop"));
        mara.isTold("The sidebar of Repairs and what is under it shows no menu.");
        hand.uses(mara.button("Add Workshop")).isTold("The sidebar of Repairs and what is under it shows Workshop.");
    }

    private void footerOfFindUsHasTidesAfterIt(Hand hand) {
        hand.cell("Footer", "Find us");
        hand.option("As usual").isTold("The footer of Find us has no exception now.");
        hand.option("Before or after");
        hand.uses(mara.button("Add Tides").last());
        mara.isTold("The footer of Find us shows Tides after its usual menus.");
    }

    private void landingHasNoMenuButShort(Hand hand) {
        hand.cell("Header", "pages of the layout landing");
        hand.option("As usual").isTold("The header of pages of the layout landing has no exception now.");
        hand.option("Instead of usual").isTold("The header of pages of the layout landing shows no menu.");
        hand.uses(mara.button("Add Short")).isTold("The header of pages of the layout landing shows Short.");
        hand.cell("Footer", "pages of the layout landing");
        hand.option("Instead of usual").isTold("The footer of pages of the layout landing shows no menu.");
    }

    private void visitorsGetIt() {
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/hire/canoes");
        assertThat(visitor.across().locator("> ul > li > *:first-child")).containsText(ROWS);
        assertThat(visitor.across().locator("[aria-current=page]")).hasText("Open canoes");
        assertThat(visitor.page().locator(".sidebar")).hasCount(0);
        visitor.opens("/repairs/hulls");
        assertThat(visitor.page().locator(".sidebar [aria-current=page]")).hasText("Hulls");
        visitor.opens("/about-us/find-us");
        assertThat(visitor.page().locator(".site-footer .menu").last()).containsText("The lane floods at 5.4 metres.");
        visitor.opens("/hire/group-bookings");
        assertThat(visitor.across().locator("a")).hasText(new String[] {"Home", "Contact"});
        assertThat(visitor.page().locator(".site-footer .menu, .sidebar")).hasCount(0);
        visitor.complainsOfNothing();
    }

    @Test
    public void menuThatIsPointedAt_saysWhyItStandsThere_andItsLabelIsCorrectedThere() {
        mara.opensScreen("Menus");
        Locator footer = mara.window().locator(".site-footer");
        Locator marked = mara.window().locator(".menu.pointed").first(); // which brings it into sight, before any click
        assertThat(marked).isVisible();
        mara.clicksAt(footer.getByText("Find us"));
        assertThat(mara.window().locator("h1")).hasText("Find us");
        assertThat(marked).isVisible();
        mara.clicksToEdit(footer.getByText("Tide tables"));
        assertThat(mara.row("Tide tables").and(mara.page().locator("[aria-selected=true]")))
                .isVisible();
        assertThat(mara.page().locator(".card .standings"))
                .hasText("Footer Every page shows Footer and Elsewhere. Find us shows Tides after its usual menus.");
        mara.presses("Enter", "Control+a").types("Tides today").presses("Enter");
        mara.isTold("Tide tables reads Tides today now.");
        assertThat(footer).containsText("Tides today");
        mara.isAccessible("an item and why its menu stands there");
        mara.complainsOfNothing();
    }

    @Test
    public void anotherMenu_showsAllItsItems_inTheirPlace() {
        Hand hand = new Hand.Mouse(mara);
        Locator footer = mara.window().locator(".site-footer .menu").first();
        mara.opensMenu("Footer").clicks("Add list or block…");
        hand.entry("Elsewhere").isTold("Elsewhere added to Footer.");
        assertThat(footer).containsText("Write to us");
        mara.picks("Contains", "All items of Tides").isTold("Elsewhere leads elsewhere now.");
        assertThat(footer).containsText("Before you set out");
        mara.isAccessible("an item that is another menu");
        mara.chooses("Footer").clicks("Add list or block…");
        hand.entry("Pages of the topic news").isTold("The list added to Footer.");
        assertThat(footer).containsText("Varnish day");
        mara.chooses("Tides").clicks("Add list or block…");
        hand.entry("Footer");
        assertThat(mara.objection()).hasText("Tides would show itself, through the menus in it, without end.");
        mara.forgives("422");
        mara.complainsOfNothing();
    }
}
