package velnik.browser;

import static java.util.Objects.requireNonNull;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.AfterSuite;
import org.testng.annotations.BeforeClass;

/** What browser tests share: one browser, and a fresh context for each person in each test. */
abstract class BrowserTest {
    /** Milliseconds until something that does not come is given up; a busy machine is slow, not wrong. */
    static final double PATIENCE = 60_000;

    private record Launched(Playwright playwright, Browser browser) {}

    private static @Nullable Launched launched;
    private final List<BrowserContext> contexts = new ArrayList<>();

    @BeforeClass
    public void launch() {
        if (launched == null) {
            PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
            Playwright playwright = Browsers.playwright();
            launched = new Launched(playwright, Browsers.chromium(playwright));
        }
    }

    @AfterMethod(alwaysRun = true)
    public void closeContexts() {
        contexts.forEach(BrowserContext::close);
        contexts.clear();
    }

    @AfterSuite(alwaysRun = true)
    public void quit() {
        if (launched != null) {
            launched.playwright().close();
            launched = null;
        }
    }

    BrowserContext context(int width, int height, boolean script) {
        return opened(
                new Browser.NewContextOptions().setViewportSize(width, height).setJavaScriptEnabled(script));
    }

    BrowserContext opened(Browser.NewContextOptions options) {
        BrowserContext context = requireNonNull(launched)
                .browser()
                .newContext(options.setLocale("en-GB").setTimezoneId("Europe/London"));
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
