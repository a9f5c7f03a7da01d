package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/** The first minutes of a new owner. */
public class EmptySiteIT extends BrowserTest {
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
        page.getByLabel("Password, 10 characters or more").fill("slack-water");
        owner.clicks("Begin");
        assertThat(page.locator("main h2")).hasText("Your site has no pages yet");
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
        new Visitor(velnik, wide()).findsNothingYet("/hire");
        owner.publishes();
        Visitor visitor = new Visitor(velnik, wide());
        visitor.opens("/").reads("Brackwater Boatyard");
        visitor.across().getByText("Contact").click();
        visitor.reads("Contact");
        velnik = velnik.again();
        new Owner(velnik, wide()).signsIn().seesUnder("Hire", "Canoes", "Kayaks");
        owner.forgives("422");
        owner.forgives("ERR_CONNECTION_REFUSED"); // the server was away for a moment
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
        assertThat(owner.button("Publish")).isVisible();
        owner.forgives("422");
        owner.complainsOfNothing();
    }
}
