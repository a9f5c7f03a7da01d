package velnik.server.visiting;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;

public class VisitingTest {
    private Started server;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo();
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    @DataProvider
    public Object[][] addresses() {
        return new Object[][] {
            {"/", 200, ""},
            {"/hire/canoes", 200, ""},
            {"/hire/canoes?from=a-letter", 200, ""},
            {"/Hire/Canoes/", 301, "/hire/canoes"},
            {"/moorings", 302, "/moorings/swinging-moorings"},
            {"/hire/group-bookings", 200, ""},
            {"/summer-regatta", 404, ""},
            {"/courses/junior-week", 404, ""},
            {"/home", 404, ""},
            {"/nowhere", 404, ""},
            {"/search", 200, ""},
            {"/search?q=tide", 200, ""},
            {"/search?q=%20%26%3C%25&q=again", 200, ""},
            {"/search?q=" + "tide%20".repeat(1_000), 200, ""},
            {"/Search?q=tide", 301, "/search?q=tide"},
            {"/page-index", 200, ""},
            {"/page-index/tide-notes", 200, ""},
            {"/Page-Index/News/", 301, "/page-index/news"},
            {"/page-index/boats", 404, ""},
            {"/not-found", 404, ""},
            {"/-/nowhere", 404, ""},
            {"/sitemap.xml", 200, ""},
            {"/sitemap.xml?part=1", 200, ""},
            {"/sitemap.xml?part=2", 404, ""},
            {"/sitemap.xml?part=-1", 404, ""},
            {"/robots.txt", 200, ""},
        };
    }

    @Test(dataProvider = "addresses")
    public void address_answers(String path, int status, String elsewhere) {
        HttpResponse<String> response = server.visit(path);
        assertEquals(response.statusCode(), status, path);
        assertEquals(response.headers().firstValue("Location").orElse(""), elsewhere);
    }

    @Test
    public void search_answersWithThePagesThatVisitorsMayList_andWithNoMarkupOfTheQuestion() {
        String found = server.visit("/search?q=KAYAK").body();
        assertTrue(found.contains("3 pages with “KAYAK”."), found);
        assertTrue(found.contains("<a href=\"/hire/kayaks\">Kayaks</a>"), found);
        assertTrue(server.visit("/search?q=regatta").body().contains("No page with “regatta”."));
        String markup =
                server.visit("/search?q=%3Cscript%3Ealert(1)%3C/script%3E").body();
        assertFalse(markup.contains("<script>alert"), markup);
        assertEquals(
                server.visit("/contact?q=kayak").body(),
                server.visit("/contact").body());
    }

    @DataProvider
    public Object[][] malformed() {
        return new Object[][] {
            {"/%2e%2e/", 400},
            {"/a/%2e%2e/%2e%2e/b", 400},
            {"//", 400},
            {"//hire", 400},
            {"/a%2fb", 400},
            {"/a%00b", 400},
            {"/a;b=c", 400},
            {"/%", 400},
            {"/{x}", 400},
            {"/" + "a".repeat(9_000), 404},
        };
    }

    /** Over a bare socket, since clients mend such addresses before they send them. */
    @Test(dataProvider = "malformed")
    public void malformedAddress_getsAWholePage(String path, int status) {
        String answer = server.raw("GET " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertTrue(answer.startsWith("HTTP/1.1 " + status), answer.substring(0, Math.min(answer.length(), 200)));
        assertTrue(answer.contains("There is no page at this address") && answer.contains("href=\"/contact\""), answer);
    }

    @Test
    public void page_mayLoadOnlyFromItsOwnSite_andSaysSoStrictly() {
        HttpResponse<String> response = server.visit("/hire");
        String policy = response.headers().firstValue("Content-Security-Policy").orElse("");
        assertTrue(policy.startsWith("default-src 'none'; script-src 'self'; style-src 'self'"), policy);
        assertFalse(policy.contains("unsafe"), policy);
        String editor = server.visit("/-/manage/")
                .headers()
                .firstValue("Content-Security-Policy")
                .orElse("");
        assertFalse(editor.contains("unsafe"), editor);
        assertEquals(response.headers().firstValue("Cache-Control").orElse(""), "no-cache");
    }

    @Test
    public void anotherMethod_getsAWholePageToo() {
        String answer =
                server.raw("POST /hire HTTP/1.1\r\nHost: localhost\r\nContent-Length: 0\r\nConnection: close\r\n\r\n");
        assertTrue(answer.startsWith("HTTP/1.1 405") && answer.contains("href=\"/contact\""), answer);
    }

    @DataProvider
    public Object[][] standing() {
        return new Object[][] {
            {"/", "HEADER", "main"},
            {"/", "PHONE_DRAWER", "main"},
            {"/", "FOOTER", "footer elsewhere"},
            {"/about-us/find-us", "FOOTER", "footer elsewhere tides"},
            {"/repairs/engines/electric-conversion/batteries", "SIDEBAR", "workshop"},
            {"/hire", "SIDEBAR", ""},
            {"/hire/group-bookings", "HEADER", "short"},
            {"/nowhere", "HEADER", "main"},
        };
    }

    /** The published page holds these menus, and no page holds the one that is set aside. */
    @Test(dataProvider = "standing")
    public void zone_ofAPublishedPage_holdsItsMenus(String path, String zone, String menus) {
        String body = server.visit(path).body();
        Matcher nav = Pattern.compile("data-zone=\"" + zone + "\">(.*?)</nav>", Pattern.DOTALL)
                .matcher(body);
        List<String> standing = nav.find()
                ? Pattern.compile("data-menu=\"([^\"]+)\"")
                        .matcher(nav.group(1))
                        .results()
                        .map(found -> found.group(1))
                        .toList()
                : List.of();
        assertEquals(String.join(" ", standing), menus, path);
        assertFalse(body.contains("data-menu=\"winter\""), path);
    }

    @Test
    public void heldBackPages_areInNoPageSource() {
        for (String path : new String[] {"/", "/courses/first-paddle", "/sitemap.xml", "/robots.txt", "/nowhere"}) {
            String body = server.visit(path).body();
            assertFalse(body.contains("regatta") || body.contains("junior-week"), path);
        }
    }

    @Test
    public void window_showsTheWorkingCopy_onlyToWhoHasItsAddress() {
        Caller mara = server.mara();
        mara.edits("{'kind':'retitlePage','page':'find-us','title':'<b>Here</b>'}")
                .answers(200);
        String window = mara.posts("/-/api/windows", "")
                .answers(201)
                .json()
                .path("address")
                .asString();
        HttpResponse<String> page = server.visit(window + "/about-us/find-us");
        assertEquals(page.statusCode(), 200);
        assertTrue(page.body().contains("<h1>&lt;b&gt;Here&lt;/b&gt;</h1>"), page.body());
        assertTrue(page.body().contains("href=\"" + window + "/hire\""));
        assertEquals(server.visit(window + "/its-old-address?page=find-us").body(), page.body());
        assertEquals(server.visit(window + "/about-us/find-us?page=%3C").body(), page.body());
        assertTrue(server.visit(window + "/summer-regatta").body().contains("Held back: visitors get"));
        assertEquals(server.visit("/about-us/find-us").body().contains("Here"), false);
        assertEquals(server.visit("/-/window/guessed/hire").statusCode(), 404);
        server.caller().posts("/-/api/windows", "").refuses(401, "not-signed-in");
    }

    /** Its pages by id or by path, on another day too; what is not published yet is said not to be there. */
    @Test
    public void window_showsWhatIsLiveToo() {
        Caller mara = server.mara();
        String before = server.visit("/hire/prices").body();
        mara.edits("{'kind':'retitlePage','page':'prices','title':'What it costs'}")
                .answers(200);
        mara.edits("{'kind':'addPages','pages':[{'id':'winter-hours','place':{'parent':null,'after':null},"
                        + "'title':'Winter hours','reach':'OPEN'}]}")
                .answers(200);
        String window = mara.posts("/-/api/windows", "")
                .answers(201)
                .json()
                .path("address")
                .asString();
        String waiting = server.visit(window + "/?page=prices").body();
        String live = server.visit(window + "/?page=prices&live=true").body();
        assertTrue(waiting.contains("<h1>What it costs</h1>"));
        assertTrue(live.contains("<h1>Prices</h1>") && live.contains("What visitors get now."), live);
        assertTrue(before.contains("<h1>Prices</h1>"));
        assertEquals(server.visit(window + "/hire/prices?live=true").body(), live);
        HttpResponse<String> missing = server.visit(window + "/winter-hours?page=winter-hours&live=true");
        assertEquals(missing.statusCode(), 200);
        assertTrue(missing.body().contains("They do not get this page yet."), missing.body());
        assertTrue(server.visit(window + "/?page=home&live=true&day=2027-07-01&member=true&look=WEIR")
                .body()
                .contains("What visitors get now. As a member sees it on 1 July 2027."));
    }

    /** In menus, in lists and at its own address; visitors never. */
    @Test
    public void window_showsWhatIsNotYetOpen_marked() {
        Caller mara = server.mara();
        mara.edits("{'kind':'setReach','pages':['kayaks'],'reach':'HELD_BACK'}").answers(200);
        String window = mara.posts("/-/api/windows", "")
                .answers(201)
                .json()
                .path("address")
                .asString();
        String marked = "href=\"" + window + "/hire/kayaks?unopened=true\"";
        String asVisitorsGetIt = server.visit(window + "/hire").body();
        assertFalse(asVisitorsGetIt.contains("/hire/kayaks"), asVisitorsGetIt);
        String unopened = server.visit(window + "/hire?unopened=true").body();
        assertEquals(unopened.split(Pattern.quote(marked), -1).length - 1, 3, "the header, the drawer and the page");
        assertFalse(unopened.contains("canoes?unopened"));
        assertTrue(unopened.contains("What is not yet open shows too, in dashed lines."));
        assertTrue(server.visit(window + "/hire/kayaks?unopened=true")
                .body()
                .contains("in dashed lines. Held back: visitors get"));
        assertTrue(server.visit("/hire?unopened=true").body().contains("/hire/kayaks\""), "it is live still");
        mara.publishes();
        assertFalse(server.visit("/hire?unopened=true").body().contains("/hire/kayaks"));
    }
}
