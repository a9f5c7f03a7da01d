package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import org.testng.annotations.Test;

/** Addresses that never die, seen by who moves pages and by who comes by an old letter. */
public class AddressesIT extends UndoneTest {

    private void leads(String old, String now) {
        Visitor visitor = new Visitor(velnik, wide());
        visitor.page().navigate(velnik.url(old));
        assertEquals(visitor.page().url(), velnik.url(now), old);
        visitor.complainsOfNothing();
    }

    @Test
    public void sectionIsRenamedAndMoved_andEveryOldAddressLeadsOn_toldBeforeAndAfter() {
        mara.chooses("Repairs")
                .presses("Enter", "Control+a")
                .types("The workshop")
                .presses("Enter");
        mara.isTold("Its address stays “repairs”, since it was public");
        mara.clicks("Use /the-workshop, the old address will forward");
        mara.isTold(
                "The workshop is now at /the-workshop. 13 addresses change when you publish; the old ones will forward.");
        mara.chooses("Engines").clicks("More").page().getByText("Move to…").click();
        mara.types("moorings").presses("Enter");
        mara.isTold("Engines moved under Moorings.");
        mara.opensScreen("What waits");
        Locator told = mara.page().locator(".addresses-that-change");
        assertThat(told).containsText("addresses that visitors know change. The old ones will forward.");
        told.locator("summary").click();
        assertThat(told).containsText("/repairs/engines → becomes /moorings/engines");
        mara.isAccessible("what waits, with addresses");
        mara.publishes();
        Map.of(
                        "/repairs/hulls/fibreglass", "/the-workshop/hulls/fibreglass",
                        "/repairs/engines/outboards", "/moorings/engines/outboards",
                        "/Repairs/Engines/", "/moorings/engines",
                        "/repairs", "/the-workshop")
                .forEach(this::leads);
        Visitor early = new Visitor(velnik, wide());
        early.opens("/repairs/hulls").reads("Hulls");
        mara.opensScreen("Addresses").isAccessible("all addresses");
        mara.page().getByLabel("Find an address").fill("/repairs/engines/out");
        assertThat(mara.page().locator("tbody tr")).hasCount(1);
        assertThat(mara.page().locator("tbody tr")).containsText("leads to Outboards");
        mara.opensScreen("Pages").chooses("Outboards");
        mara.page().locator(".card .address-changes summary").click();
        assertThat(mara.page().locator(".card .address-changes")).containsText("/repairs/engines/outboards");
        mara.complainsOfNothing();
        mara.undoesEverythingAndPublishes();
        leads("/the-workshop", "/repairs");
        early.opens("/repairs/hulls").reads("Hulls"); // a browser that has been led the other way goes in no circle
        assertEquals(early.page().url(), velnik.url("/repairs/hulls"));
        early.complainsOfNothing();
    }

    @Test
    public void removedPage_leadsToTheOneChosen_andAnOldAddressIsForwardedByHand_byKeyboard() {
        mara.chooses("Prices");
        Locator card = mara.page().locator(".card");
        card.getByLabel("Its address leads to").focus();
        mara.presses("Enter", "ArrowDown", "Enter");
        card.getByLabel("The page they lead to").focus();
        mara.types("Contact").presses("Enter");
        assertThat(card).containsText("1 address that visitors know leads to Contact once you publish.");
        mara.clicks("Remove this page");
        mara.opensScreen("Addresses");
        mara.page()
                .getByLabel("Forward", new Page.GetByLabelOptions().setExact(true))
                .focus();
        mara.types("/old-prices.html").presses("Tab", "Tab", "Tab", "ArrowRight", "ArrowRight");
        mara.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .press("Enter");
        mara.isTold("/old-prices.html says that the page is gone once you publish.");
        mara.page()
                .getByLabel("Forward", new Page.GetByLabelOptions().setExact(true))
                .fill("/hire");
        mara.page()
                .getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Add").setExact(true))
                .press("Enter");
        assertThat(mara.page().locator("form.forward [role=alert]"))
                .containsText("The page Hire is at /hire, and a page comes before a forward.");
        mara.publishes();
        leads("/hire/prices", "/contact");
        Visitor visitor = new Visitor(velnik, wide());
        visitor.findsGone("/old-prices.html").isAccessible("a page that is gone");
        visitor.complainsOfNothing();
        mara.forgives("422");
        mara.complainsOfNothing();
        mara.undoesEverythingAndPublishes();
    }

    @Test
    public void publishingIsTakenBack_withWhatWasRemoved_andWhatChangedSinceIsTold() {
        mara.chooses("Kayaks").presses("Delete").isTold("Kayaks is in the bin.");
        mara.publishes();
        mara.opensScreen("What waits");
        Locator before =
                mara.page().locator("li").filter(new Locator.FilterOptions().setHasText("As the season begins"));
        before.getByText("What changed since").click();
        assertThat(before).containsText("Kayaks is removed; its address leads to Hire.");
        mara.isAccessible("what changed since a release");
        before.getByText("Bring this release back").click();
        mara.isTold("The site is as it was in release 1. Visitors see it once you publish.");
        leads("/hire/kayaks", "/hire");
        mara.publishes();
        leads("/hire/kayaks", "/hire/kayaks");
        mara.opensScreen("Pages")
                .seesUnder(
                        "Hire", "Canoes", "Kayaks", "Rowing skiffs", "Prices", "Safety on the tide", "Group bookings");
        mara.complainsOfNothing();
    }
}
