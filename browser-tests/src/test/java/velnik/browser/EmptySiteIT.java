package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The first minutes of a new owner. */
public class EmptySiteIT extends BrowserTest {
    private static final Page.GetByTextOptions EXACTLY = new Page.GetByTextOptions().setExact(true);

    private RunningVelnik velnik;

    @BeforeMethod
    public void start() {
        velnik = RunningVelnik.empty();
    }

    @AfterMethod(alwaysRun = true)
    public void stop() {
        velnik.close();
    }

    private Owner ownerOfANewSite() {
        Owner owner = new Owner(velnik, wide());
        Page page = owner.page();
        page.navigate(velnik.url("/-/manage/"));
        assertThat(page.getByText("A new site begins here.")).isVisible();
        owner.isAccessible("the first account");
        page.getByLabel("What the site is called").fill("Brackwater Boatyard");
        page.getByLabel("What you are called").fill("Mara Okafor");
        page.getByLabel("Name to sign in with").fill("mara");
        page.getByLabel("Password, 10 characters or more").fill("short");
        owner.clicks("Begin");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("10 to 200 characters");
        owner.beginsASite();
        owner.isAccessible("a site without pages");
        assertThat(owner.button("Publish")).hasCount(0);
        return owner;
    }

    @Test
    public void newOwner_pastesAnOutline_publishes_andIsStillThereAfterARestart() {
        Owner owner = ownerOfANewSite();
        owner.page().getByLabel("List of pages").fill("Home\nHire\n  Canoes\n  Kayaks\nContact");
        owner.clicks("Make these pages").isTold("3 pages added to the top level with 2 pages beneath them.");
        owner.seesUnder("Hire", "Canoes", "Kayaks");
        Visitor early = new Visitor(velnik, wide()).findsNothingYet("/hire");
        assertThat(early.page().locator(".site-name")).hasText("Brackwater Boatyard");
        owner.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/").reads("Brackwater Boatyard");
        visitor.across().getByText("Contact").click();
        visitor.reads("Contact");
        owner.forgives("422"); // the short password
        owner.leaves();
        velnik = velnik.again();
        new Owner(velnik, wide()).signsIn().seesUnder("Hire", "Canoes", "Kayaks");
    }

    @Test
    public void newOwner_beginsWithAStructure_andHasASiteToPublish() {
        Owner owner = ownerOfANewSite();
        Page page = owner.page();
        page.getByText("Files you have").click();
        assertThat(owner.link("Choose files")).isVisible();
        page.getByText("A starting structure").click();
        assertThat(page.locator(".structures .holds")).containsText("9 pages, in the look Weir");
        page.getByLabel("Café").check();
        assertThat(page.locator(".structures .holds li").getByText("Book a table"))
                .isVisible();
        owner.isAccessible("the starting structures");
        owner.clicks("Begin with Café");
        assertThat(owner.row("Home")).isVisible();
        owner.seesUnder("What we serve", "Breakfast", "Lunch", "Cakes");
        Locator remaining = page.locator(".remaining");
        assertThat(remaining).containsText("0 of 4 done");
        assertThat(remaining).containsText("9 pages still say what to write");
        owner.isAccessible("what remains to be done");
        owner.publishes();
        assertThat(remaining).containsText("1 of 4 done");
        owner.link("Say how you are reached").click();
        page.getByLabel("Phone").fill("01632 960 983");
        owner.presses("Tab").isTold("phone number");
        page.getByLabel("Web address").fill("https://brackwater.example");
        owner.presses("Tab").isTold("web address");
        owner.opensScreen("Pages");
        assertThat(remaining).containsText("3 of 4 done");
        owner.link("Write the texts").click();
        assertThat(page.locator(".writing .cm-content")).isVisible();
        owner.opensScreen("Pages").clicks("Do without this list");
        assertThat(remaining).hasCount(0);
        Visitor visitor = new Visitor(velnik, phone());
        visitor.opens("/book-a-table").reads("Book a table");
        assertThat(visitor.page().locator("form.enquiry")).isVisible();
        visitor.isAccessible("a page of a starting structure");
        visitor.page().locator("footer").getByText("Celebrations").click();
        visitor.reads("Celebrations");
        visitor.complainsOfNothing();
        owner.forgives("422"); // the first password was too short
        owner.complainsOfNothing();
    }

    @Test
    public void secondStartOnTheSameData_saysWhyItCannot() {
        assertEquals(
                velnik.startedAgainMeanwhile(),
                "Velnik does not start. The data in " + velnik.data()
                        + " is in use by another start of Velnik. Stop that one first, or set"
                        + " VELNIK_DATA to another folder.");
        new Visitor(velnik, wide()).findsNothingYet("/");
    }

    @Test
    public void newOwner_startsWithOnePage() {
        Owner owner = ownerOfANewSite();
        owner.clicks("Start with one page, Home");
        owner.seesAddress("Home", "/");
        owner.opensScreen("Import and export")
                .page()
                .getByText("Export", EXACTLY)
                .click();
        Locator sitemap = owner.page().locator("tr").filter(new Locator.FilterOptions().setHasText("The sitemap"));
        assertThat(sitemap).containsText("Publish first");
        owner.publishes();
        assertThat(sitemap.getByRole(AriaRole.LINK)).hasText("Say the web address first");
        owner.forgives("422");
        owner.complainsOfNothing();
    }
}
