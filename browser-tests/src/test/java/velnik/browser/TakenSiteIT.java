package velnik.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The site as visitors get it, taken away after its pages moved, on web servers that know nothing of Velnik, and on none. */
public class TakenSiteIT extends DemoTest {
    private static final Pattern LINK = Pattern.compile("\\s(?:href|src|action|srcset)=\"([^\"]*)\"");

    private Path site = Path.of("");

    @BeforeClass(dependsOnMethods = {"startDemo", "launch"})
    public void takeAway() throws IOException {
        Owner mara = new Owner(velnik, wide()).signsIn();
        mara.sends("{ kind: 'retitlePage', page: 'canoes', title: 'Open boats' }");
        mara.sends("{ kind: 'setSlug', page: 'canoes', slug: 'open-boats' }");
        mara.sends(forward("AT", "/winter.html", "{ kind: 'GONE' }"));
        mara.sends(forward("BENEATH", "/blog", "{ kind: 'PAGE', page: 'news' }"));
        mara.sends(forward("BENEATH", "/hire", "{ kind: 'PAGE', page: 'contact' }"));
        mara.sends(forward("AT", "/a b.htm", "{ kind: 'OUTSIDE', address: 'https://tides.example/?a=$1' }"));
        assertEquals(mara.posts("releases", Editor.NEW_REQUEST + ", basedOn: copy.revision, note: ''"), 201);
        mara.opensScreen("Import and export");
        mara.page()
                .getByText("Export", new com.microsoft.playwright.Page.GetByTextOptions().setExact(true))
                .click();
        Download download = mara.page()
                .waitForDownload(
                        () -> mara.link("The site as visitors get it as ZIP").click());
        assertEquals(download.suggestedFilename(), "brackwater-boatyard-site.zip");
        site = Files.createTempDirectory("taken-site");
        unpack(Files.newInputStream(download.path()));
        mara.complainsOfNothing();
    }

    private static String forward(String kind, String address, String to) {
        return "{ kind: 'setForward', from: { kind: '" + kind + "', address: '" + address + "' }, to: " + to + " }";
    }

    private void unpack(InputStream zip) throws IOException {
        try (ZipInputStream entries = new ZipInputStream(zip)) {
            for (ZipEntry entry = entries.getNextEntry(); entry != null; entry = entries.getNextEntry()) {
                Path file = site.resolve(entry.getName());
                Files.createDirectories(file.getParent());
                Files.copy(entries, file);
            }
        }
        WebServer.mayRead(site);
    }

    /** Though nothing but its key says who asks. */
    @Test
    public void theCommand_savesTheSameFiles() throws IOException {
        Path saved = Files.createTempDirectory("saved-site").resolve("site.zip");
        velnik.exports("static", saved);
        try (ZipFile files = new ZipFile(saved.toFile())) {
            for (ZipEntry file : files.stream().toList()) {
                assertTrue(Files.exists(site.resolve(file.getName())), file.getName());
            }
            try (Stream<Path> taken = Files.walk(site)) {
                assertEquals(files.size(), taken.filter(Files::isRegularFile).count());
            }
        }
    }

    private interface Starting {
        WebServer start(Path site) throws IOException, InterruptedException;
    }

    @DataProvider
    public Object[][] servers() {
        return new Object[][] {{"nginx", (Starting) WebServer::nginx}, {"apache", (Starting) WebServer::apache}};
    }

    @Test(dataProvider = "servers")
    public void noLinkIsDead_andEveryOldAddressLeadsRight(String name, Starting starting)
            throws IOException, InterruptedException {
        try (WebServer web = starting.start(site)) {
            assertTrue(crawled(web) > 60, "pages, pictures, scripts");
            HttpResponse<String> moved = web.get("/hire/canoes?day=3");
            assertEquals(moved.statusCode(), 301);
            assertTrue(location(moved).endsWith("/hire/open-boats?day=3"), location(moved));
            assertTrue(location(web.get("/Hire/Canoes/")).endsWith("/hire/open-boats"), "capitals and a final slash");
            assertEquals(web.get("/winter.html").statusCode(), 410);
            assertTrue(location(web.get("/blog/2019/keels")).endsWith("/news"));
            assertTrue(location(web.get("/blog")).endsWith("/news"));
            assertTrue(location(web.get("/hire/pedal-boats")).endsWith("/contact"));
            assertEquals(web.get("/hire/kayaks/").statusCode(), 200, "a page beneath is left alone");
            assertEquals(web.get("/hire/").statusCode(), 200);
            assertEquals(location(web.get("/a%20b.htm")), "https://tides.example/?a=%241");
            HttpResponse<String> nowhere = web.get("/nowhere/at/all");
            assertEquals(nowhere.statusCode(), 404);
            assertTrue(nowhere.body().contains("<h1>Not found</h1>"), nowhere.body());
        }
    }

    private static String location(HttpResponse<String> answer) {
        assertEquals(answer.statusCode(), 301, answer.request().uri().toString());
        return answer.headers().firstValue("Location").orElse("");
    }

    /** How many addresses there are from the first page on; each answers. */
    private static int crawled(WebServer web) throws IOException, InterruptedException {
        Set<String> met = new HashSet<>(Set.of("/index.html"));
        Deque<String> waiting = new ArrayDeque<>(met);
        List<String> dead = new ArrayList<>();
        while (!waiting.isEmpty()) {
            String at = waiting.pop();
            HttpResponse<String> answer = web.get(at);
            if (answer.statusCode() != 200) {
                dead.add(at + " answers " + answer.statusCode());
            } else if (at.endsWith(".html")) {
                Matcher links = LINK.matcher(answer.body());
                while (links.find()) {
                    for (String link : links.group(1).split(", ")) {
                        URI address = URI.create("http://site" + at).resolve(link.split(" ")[0].replace("&amp;", "&"));
                        if ("site".equals(address.getHost()) && met.add(address.getPath())) {
                            waiting.add(address.getPath());
                        }
                    }
                }
            }
        }
        assertEquals(dead, List.of());
        return met.size();
    }

    /** In a folder below the root of a server, and as files on a disk. */
    @Test
    public void itIsBrowsed_andSearched_fromAnyFolder() throws IOException, InterruptedException {
        try (WebServer web = WebServer.nginx(site)) {
            browses(web.url("/index.html"));
        }
        browses(site.toUri() + "index.html");
    }

    private void browses(String home) {
        BrowserContext context = wide();
        Page page = context.newPage();
        List<String> complaints = new ArrayList<>();
        page.onConsoleMessage(message -> {
            if (message.type().equals("error")) {
                complaints.add(message.text());
            }
        });
        page.navigate(home);
        assertThat(page.locator("h1")).hasText("Brackwater Boatyard");
        page.locator(".header")
                .getByText("Hire", new Locator.GetByTextOptions().setExact(true))
                .first()
                .click();
        assertThat(page.locator("h1")).hasText("Hire");
        page.navigate(home.replace("index.html", "search/index.html"));
        page.getByLabel("Words to look for").fill("open bóats");
        page.keyboard().press("Enter");
        assertThat(page.locator("main [role=status]")).containsText("“open bóats”");
        page.locator(".found a").first().click();
        assertThat(page.locator("h1")).hasText("Open boats");
        assertEquals(complaints, List.of());
    }
}
