package velnik.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;

/** What browser tests share: one browser, and a fresh context for each person in each test. */
abstract class BrowserTest {
    private Playwright playwright;
    private Browser browser;
    private final List<BrowserContext> contexts = new ArrayList<>();

    /** Milliseconds until something that does not come is given up; a busy machine is slow, not wrong. */
    private static final double PATIENCE = 20_000;

    @BeforeClass
    public void launch() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        playwright = Browsers.playwright();
        browser = Browsers.chromium(playwright);
    }

    @AfterMethod(alwaysRun = true)
    public void closeContexts() {
        contexts.forEach(BrowserContext::close);
        contexts.clear();
    }

    @AfterClass(alwaysRun = true)
    public void quit() {
        playwright.close();
    }

    BrowserContext context(int width, int height, boolean script) {
        return opened(
                new Browser.NewContextOptions().setViewportSize(width, height).setJavaScriptEnabled(script));
    }

    BrowserContext opened(Browser.NewContextOptions options) {
        BrowserContext context = browser.newContext(options.setLocale("en-GB").setTimezoneId("Europe/London"));
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
