package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

/** A website on another origin shows the boatyard's menus. */
public class ElsewhereIT extends UndoneTest {
    private static final String NO_FORWARDS = "map $uri $leads_to { default ''; }";
    private static final String PAGE =
            "<!doctype html><html lang='en'><title>The shop</title><link rel='icon' href='data:,'>"
                    + "<style>[data-velnik-zone] a { color: rgb(10, 90, 60) }</style>%s<main><h1>The shop</h1><p>Paint</p></main>";

    @Test
    public void headerIsShownByAWebsiteElsewhere_onceItIsAllowed() throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("shop");
        Files.writeString(folder.resolve("forwards.nginx.conf"), NO_FORWARDS);
        try (WebServer shop = WebServer.nginx(folder)) {
            mara.sends("{'kind':'setDetails','address':'" + velnik.url("") + "'}")
                    .publishes();
            mara.opensScreen("Import and export")
                    .page()
                    .getByText("Export", new Page.GetByTextOptions().setExact(true))
                    .click();
            String lines = mara.page().getByLabel("The lines").inputValue();
            mara.page()
                    .evaluate(
                            "() => { navigator.clipboard.writeText = () => Promise.reject(); }"); // as over plain HTTP
            mara.clicks("Copy the lines");
            assertThat(mara.button("Copied")).isVisible();
            Files.writeString(folder.resolve("index.html"), PAGE.formatted(lines));
            WebServer.mayRead(folder);

            Watched visitor = new Watched(wide());
            Page page = visitor.page;
            page.navigate(shop.url("/"));
            page.waitForLoadState(LoadState.NETWORKIDLE);
            Locator menus = page.locator("[data-velnik-zone]");
            Locator link = menus.getByRole(AriaRole.LINK);
            assertThat(link).hasCount(1); // what the lines hold themselves
            assertThat(link).hasText("Brackwater Boatyard");
            Locator allowed = mara.page().getByLabel("Websites that may show your menus, a line each");
            allowed.fill("shop.example");
            mara.presses("Tab");
            assertThat(mara.page().locator(".elsewhere .problem")).containsText("“shop.example” is no address");
            allowed.fill(shop.url(""));
            mara.presses("Tab").isTold(shop.url("") + " may show the menus once you publish.");
            mara.isAccessible("menus on another website");
            mara.publishes();

            page.navigate(shop.url("/"));
            Locator hire = menus.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Hire"));
            assertThat(hire).hasAttribute("href", velnik.url("/hire"));
            assertThat(hire).hasCSS("color", "rgb(10, 90, 60)"); // as the page around says
            assertThat(hire).hasCSS("text-decoration-line", "none"); // as ours says, where the page says nothing
            Locator canoes = menus.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Canoes"));
            assertThat(canoes).isHidden();
            Locator opener = menus.locator("summary[aria-label='Hire']");
            opener.press("Enter");
            assertThat(canoes).isVisible();
            visitor.isAccessible("menus on a website elsewhere");
            page.keyboard().press("Escape");
            assertThat(canoes).isHidden();
            assertEquals(Editor.isFocused(opener), true, "the focus stays where it was");
            opener.click();
            assertThat(canoes).isVisible();
            page.getByText("Paint").click();
            assertThat(canoes).isHidden();
            visitor.forgives("CORS"); // before it was allowed
            visitor.forgives("ERR_FAILED");
            visitor.forgives("are not shown");
            visitor.complainsOfNothing();
            mara.forgives("422");
            mara.complainsOfNothing();
        }
    }
}
