package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ScreenshotAnimations;
import java.nio.file.Path;
import java.util.Objects;
import org.testng.annotations.Test;

/** Takes the pictures of the documentation, from the demo business. Runs only when asked for by name. */
public class Screenshots extends BrowserTest {
    private static final Path FOLDER = Path.of(Objects.requireNonNull(System.getProperty("velnik.screenshots")));

    @Test
    public void takeAll() {
        try (RunningVelnik velnik = RunningVelnik.demo()) {
            Owner mara = new Owner(velnik, wide()).signsIn();
            mara.chooses("Hire").clicks("Add under").types("Paddleboards").presses("Enter", "Escape");
            mara.isTold("Paddleboards added under Hire.");
            assertThat(mara.window().locator(".header .across .pointed")).isVisible();
            mara.rests();
            take(mara, "pages");
            mara.chooses("Rowing skiffs")
                    .clicks("As of…")
                    .menuEntry("Another day…")
                    .click();
            mara.page().getByLabel("As of").last().fill("2026-12-24");
            assertThat(mara.window().locator(".band")).containsText("As on 24 December 2026.");
            mara.page().getByText("By the clock of").scrollIntoViewIfNeeded();
            mara.rests();
            take(mara, "periods");
            mara.clicks("Today");
            mara.opensMenu("Main").chooses("What it costs");
            assertThat(mara.window().locator(".across .pointed")).isVisible();
            mara.rests();
            take(mara, "menus");
            mara.clicksAt(mara.window().locator(".footer").getByText("Find us"));
            assertThat(mara.window().locator("h1")).hasText("Find us");
            mara.link("Pages").click();
            mara.link("Placing sheet").click();
            mara.tabsTo(mara.page().getByRole(AriaRole.GRID))
                    .presses("ArrowDown", "ArrowDown", "ArrowDown", "ArrowRight");
            assertThat(mara.page().locator(".spot-line")).containsText("If added: Kayaks is in Footer now");
            take(mara, "sheet");
            mara.opensScreen("Import and export");
            mara.page().locator("input[type=file]").setInputFiles(OldSite.FILES);
            assertThat(mara.page().locator(".dry-run")).containsText("Canoes for two");
            take(mara, "import");
            mara.opensScreen("Pages").chooses("Find us").opensScreen("Zones");
            mara.page()
                    .locator(".computed button")
                    .filter(new Locator.FilterOptions().setHasText("Footer of"))
                    .click();
            assertThat(mara.window().locator("h1")).hasText("Find us");
            mara.rests();
            take(mara, "zones");
            mara.opensScreen("Members").page().getByLabel("Who it is").fill("Iris Vale");
            mara.page().getByLabel("Name to sign in with").fill("iris");
            mara.page().getByLabel("Password, to hand over").fill("three-blue-oars");
            take(mara, "members");
            mara.opensScreen("Pages")
                    .chooses("Courses")
                    .presses("Enter", "Control+a")
                    .types("Lessons")
                    .presses("Enter");
            mara.clicks("Use /lessons, the old address will forward").opensScreen("Addresses");
            mara.page()
                    .getByText("Change when you publish", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(mara.page().locator("tbody")).containsText("/courses/first-paddle");
            take(mara, "addresses");
            mara.page().getByText("What waits").click();
            mara.page().locator(".address-changes summary").click();
            assertThat(mara.page().getByText("Paddleboards is new, under Hire."))
                    .isVisible();
            assertThat(mara.page().getByText("what visitors see now")).isVisible();
            take(mara, "what-waits");
            mara.opensScreen("The business");
            mara.rests();
            take(mara, "business");
            mara.opensScreen("Files");
            mara.rests();
            take(mara, "files");
            Visitor writer = new Visitor(velnik, wide());
            writer.opens("/hire/group-bookings");
            writer.page().getByLabel("Your name").fill("Robin Ashby");
            writer.page().getByLabel("Mail address").fill("robin@shore-school.example");
            writer.page().getByLabel("How many of you").selectOption("More than sixteen");
            writer.page()
                    .getByLabel("What you would like to do")
                    .fill("A class of twenty-four, half of them afloat at a time.");
            writer.page().getByText("Send").last().click();
            writer.reads("Thank you");
            mara.opensScreen("Messages");
            assertThat(mara.page().locator(".message")).isVisible();
            mara.rests();
            take(mara, "messages");
            mara.opensScreen("Pages").chooses("Canoes").presses("t");
            assertThat(mara.page().locator(".writing .cm-content")).isFocused();
            mara.presses("Control+End").types("\n\nFor more of you there is [kay");
            assertThat(mara.page().getByRole(AriaRole.OPTION).first()).isVisible();
            mara.rests();
            take(mara, "writing");
            mara.presses("Escape");
            mara.opensScreen("Topics and layouts")
                    .clicks("Copy landing")
                    .types("Winter offers")
                    .presses("Enter")
                    .isTold("Winter offers is a new layout");
            take(mara, "topics");
            mara.opensScreen("Import and export");
            mara.page()
                    .getByText("Export", new Page.GetByTextOptions().setExact(true))
                    .click();
            mara.page().getByLabel("The lines").scrollIntoViewIfNeeded();
            mara.rests();
            take(mara, "export");
            mara.opensScreen("Looks");
            assertThat(mara.page().locator("iframe")).hasCount(8);
            for (int frame = 0; frame < 8; frame++) {
                assertThat(mara.page().frameLocator("iframe >> nth=" + frame).locator("h1"))
                        .isVisible();
            }
            mara.rests();
            take(mara, "looks");

            Visitor visitor = new Visitor(velnik, wide());
            visitor.opens("/hire");
            visitor.across().getByText("Repairs").hover();
            take(visitor, "visitor-wide");
            Visitor onPhone = new Visitor(velnik, phone());
            onPhone.opens("/repairs/engines");
            onPhone.drawer().locator("> summary").click();
            take(onPhone, "visitor-phone");
        }
        try (RunningVelnik velnik = RunningVelnik.empty()) {
            Owner owner = new Owner(velnik, wide()).beginsASite();
            owner.page().getByText("A starting structure").click();
            assertThat(owner.page().locator(".structures")).isVisible();
            owner.rests();
            take(owner, "start");
        }
    }

    private static void take(Watched who, String name) {
        who.page().waitForFunction("document.fonts.status === 'loaded'");
        who.page()
                .screenshot(new Page.ScreenshotOptions()
                        .setPath(FOLDER.resolve(name + ".png"))
                        .setAnimations(ScreenshotAnimations.DISABLED));
    }
}
