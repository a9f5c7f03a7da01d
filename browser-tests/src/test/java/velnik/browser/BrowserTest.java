package velnik.browser;

import static java.util.Objects.requireNonNull;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;

/** What browser tests share: one browser, and a fresh context for each person in each test. */
abstract class BrowserTest {
    /** Milliseconds until something that does not come is given up; a busy machine is slow, not wrong. */
    static final double PATIENCE = 60_000;

    /** It ends with this process. */
    private static @Nullable Browser browser;

    private final List<BrowserContext> contexts = new ArrayList<>();

    @BeforeClass
    public void launch() {
        if (browser == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
            browser = Browsers.chromium(Browsers.playwright());
        }
    }

    @AfterMethod(alwaysRun = true)
    public void closeContexts() {
        contexts.forEach(BrowserContext::close);
        contexts.clear();
    }

    BrowserContext context(int width, int height, boolean script) {
        return opened(
                new Browser.NewContextOptions().setViewportSize(width, height).setJavaScriptEnabled(script));
    }

    BrowserContext opened(Browser.NewContextOptions options) {
        BrowserContext context =
                requireNonNull(browser).newContext(options.setLocale("en-GB").setTimezoneId("Europe/London"));
        contexts.add(context);
        return context;
    }

    BrowserContext wide() {
        return context(1280, 800, true);
    }

    /** A tablet, touched with fingers. */
    BrowserContext tablet() {
        return opened(new Browser.NewContextOptions().setViewportSize(1024, 768).setHasTouch(true));
    }

    BrowserContext phone() {
        return context(390, 844, true);
    }
}
