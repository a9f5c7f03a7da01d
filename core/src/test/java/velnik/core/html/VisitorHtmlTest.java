package velnik.core.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.site.Reach;

public class VisitorHtmlTest {
    private static final Frame FRAME =
            new Frame(AddressWriter.fromRoot(), "en", "/look.css", List.of("/look.js"), null);

    @DataProvider
    public Object[][] golden() {
        return new Object[][] {{"Home"}, {"Canoes"}, {"Moorings"}};
    }

    /** The reviewed pages are in src/test/resources/golden; a page that came out otherwise is left in target/golden. */
    @Test(dataProvider = "golden")
    public void page_isAsReviewed(String title) throws IOException {
        String name = title.toLowerCase(Locale.ROOT) + ".html";
        String html = html(brackwater(), title, FRAME);
        Path made = Files.createDirectories(Path.of("target/golden")).resolve(name);
        Files.writeString(made, html);
        try (var reviewed = getClass().getResourceAsStream("/golden/" + name)) {
            assertTrue(reviewed != null, "no reviewed page golden/" + name);
            assertEquals(html, new String(reviewed.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    @Test
    public void markupInATitle_isShownAsItIsTyped() {
        SiteScript script = brackwater().adds("<img src=x onerror=alert(1)>\"'", "Hire");
        String html = html(script, "Home", FRAME);
        assertFalse(html.contains("<img"), html);
        assertTrue(html.contains("&lt;img src=x onerror=alert(1)&gt;"));
    }

    @Test
    public void everyAddress_goesThroughTheWriter() {
        Frame window = new Frame(AddressWriter.under("/-/window/t0k3n"), "en", "/look.css", List.of(), "Not open yet.");
        String html = html(brackwater(), "Canoes", window);
        assertTrue(html.contains("<p class=\"band\" role=\"note\">Not open yet.</p>"));
        assertTrue(html.contains("href=\"/-/window/t0k3n/hire/kayaks\""));
        assertFalse(html.contains("href=\"/hire"), "a link leads out of the window");
    }

    @Test
    public void heldBackPages_areNowhereInThePageSource() {
        SiteScript script = brackwater().setsReach("Hulls", Reach.HELD_BACK);
        for (String page : List.of("Home", "Repairs", "Contact")) {
            String html = html(script, page, FRAME);
            assertFalse(html.contains("regatta") || html.contains("hulls"), page);
        }
        String sitemap = SitemapXml.of(script.site(), AddressWriter.absolute("https://brackwater.example"));
        assertFalse(sitemap.contains("regatta") || sitemap.contains("hulls") || sitemap.contains("privacy"));
        assertTrue(sitemap.contains("<loc>https://brackwater.example/hire/group-bookings</loc>"));
        assertFalse(sitemap.contains("/moorings</loc>"), "a group has no content to list");
    }

    private static String html(SiteScript script, String title, Frame frame) {
        return new VisitorHtml(script.site(), script.navigation(), frame).page(script.page(title), "<p>Text.</p>");
    }
}
