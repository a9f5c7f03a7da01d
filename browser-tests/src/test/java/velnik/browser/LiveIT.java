package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.testng.annotations.Test;

/** What visitors get now, in the place of the working copy and beside it. */
public class LiveIT extends UndoneTest {
    @Test
    public void owner_comparesWhatIsLiveWithWhatWaits() {
        Page page = mara.page();
        mara.chooses("Prices").presses("Enter").types("What it costs").presses("Enter");
        Locator heading = mara.window().locator("h1");
        assertThat(heading).hasText("What it costs");
        mara.clicks("Live");
        assertThat(heading).hasText("Prices");
        assertThat(mara.window().locator(".band")).hasText("What visitors get now.");

        mara.clicks("The preview at full size");
        FrameLocator live = page.frameLocator("iframe[title='The live visitor site']");
        FrameLocator waiting = page.frameLocator("iframe[title='The visitor site']");
        assertThat(live.locator("h1")).hasText("Prices");
        assertThat(waiting.locator("h1")).hasText("What it costs");
        assertThat(waiting.locator(".band")).hasCount(0);
        double left = page.locator("iframe[title='The live visitor site']").boundingBox().x;
        double right = page.locator("iframe[title='The visitor site']").boundingBox().x;
        assertTrue(left < right, "beside each other");

        // A link that is followed in one is followed in the other.
        live.locator(".across a[href$=\"/repairs\"]").first().press("Enter");
        assertThat(live.locator("h1")).hasText("Repairs");
        assertThat(waiting.locator("h1")).hasText("Repairs");

        mara.clicks("Back to the desk");
        assertThat(page.locator("iframe")).hasCount(1);
        mara.chooses("What it costs").publishes();
        assertThat(heading).hasText("What it costs");
        assertThat(mara.window().locator(".band")).hasText("What visitors get now.");
        mara.complainsOfNothing();
    }
}
