package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.AriaRole;

/** Somebody who looks at the published site. */
final class Visitor extends Watched {
    private final RunningVelnik velnik;

    Visitor(RunningVelnik velnik, BrowserContext context) {
        super(context);
        this.velnik = velnik;
    }

    Visitor opens(String path) {
        Response response = page.navigate(velnik.url(path));
        assertEquals(response.status(), 200, path);
        return this;
    }

    Visitor doesNotFind(String path) {
        Response response = page.navigate(velnik.url(path));
        assertEquals(response.status(), 404, path);
        forgives("404");
        assertThat(page.locator("main .summary")).containsText("There is no page at this address.");
        return this;
    }

    /** At an address that led to a page once. */
    Visitor findsGone(String path) {
        Response response = page.navigate(velnik.url(path));
        assertEquals(response.status(), 410, path);
        forgives("410");
        return reads("No longer here");
    }

    /** Before anything was published. */
    Visitor findsNothingYet(String path) {
        Response response = page.navigate(velnik.url(path));
        assertEquals(response.status(), 404, path);
        forgives("404");
        assertThat(page.locator("main .summary")).containsText("This website is being made.");
        return this;
    }

    Visitor reads(String heading) {
        assertThat(page.locator("h1")).hasText(heading);
        return this;
    }

    Locator across() {
        return page.locator(".header .across");
    }

    /** A link of the header. */
    Locator link(String label) {
        return across().getByRole(
                        AriaRole.LINK,
                        new Locator.GetByRoleOptions().setName(label).setExact(true));
    }

    Locator drawer() {
        return page.locator("details.drawer");
    }
}
