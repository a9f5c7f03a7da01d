package velnik.core.exchange;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.net.URI;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.address.FileAddresses;
import velnik.core.forwarding.Releasing;
import velnik.core.html.VisitorWords;
import velnik.core.sample.Brackwater;
import velnik.core.site.Page;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/** The site as files: whatever the site is, each link in it leads to a file that is there. */
public class StaticSiteTest {
    private static final Instant SUMMER = Instant.parse("2026-06-15T10:00:00Z");
    private static final StaticSite.Scripts SCRIPTS =
            new StaticSite.Scripts(List.of("/-/static/look.css"), "/-/static/visitor.js", "/-/static/search.js");
    private static final Pattern LINK = Pattern.compile("\\s(?:href|src|action|srcset)=\"([^\"]*)\"");

    private static Map<String, String> files(Site site) {
        Map<String, String> files = new TreeMap<>();
        StaticSite.of(
                        site,
                        SUMMER,
                        VisitorWords.in("en"),
                        SCRIPTS,
                        new StaticSite.Texts(StaticSiteTest::text, StaticSiteTest::text))
                .write(
                        Map::entry,
                        file -> assertEquals(
                                files.put(file.getKey(), file.getValue()), null, file.getKey() + " is written twice"));
        return files;
    }

    private static String read(Map<String, String> files, String path) {
        return files.getOrDefault(path, "");
    }

    private static String text(Page page) {
        return page.text() == null ? "" : Brackwater.texts().getOrDefault(page.text(), "");
    }

    /** Links of a file that lead nowhere, resolved as a browser would in a folder. */
    private static List<String> dead(Map<String, String> files, Site site) {
        List<String> dead = new ArrayList<>();
        for (Map.Entry<String, String> file : files.entrySet()) {
            if (!file.getKey().endsWith("/index.html") && !file.getKey().equals("index.html")) {
                continue;
            }
            Matcher links = LINK.matcher(file.getValue());
            while (links.find()) {
                for (String link : links.group(1).split(", ")) {
                    URI address = URI.create(link.split(" ")[0].replace("&amp;", "&"));
                    if (!address.isAbsolute() && !isThere(files, site, file.getKey(), address)) {
                        dead.add(file.getKey() + " → " + link);
                    }
                }
            }
        }
        return dead;
    }

    private static boolean isThere(Map<String, String> files, Site site, String from, URI link) {
        String path = URI.create("file:///" + from).resolve(link).getPath().substring(1);
        return files.containsKey(path)
                || path.startsWith("-/static/")
                || site.files().stream().anyMatch(file -> path.startsWith(folder(file)));
    }

    private static String folder(SiteFile file) {
        return (FileAddresses.BASE + file.id().value() + "/").substring(1);
    }

    @DataProvider
    public Object[] seeds() {
        return IntStream.range(0, 12).boxed().toArray();
    }

    @Test(dataProvider = "seeds")
    public void eachLink_leadsToAFileThatIsThere(int seed) {
        Site site = RandomEdits.applied(Brackwater.site(), seed, 60);
        Map<String, String> files = files(site);
        assertTrue(files.containsKey("index.html"), files.keySet().toString());
        assertEquals(String.join("\n", dead(files, site)), "");
    }

    @Test
    public void whatNeedsAServer_isLeftOut() {
        Map<String, String> files = files(Brackwater.site());
        assertFalse(files.containsKey("members-handbook/index.html"));
        assertFalse(files.containsKey("sign-in/index.html"));
        assertFalse(files.values().stream().anyMatch(page -> page.contains("method=\"post\"")));
        assertFalse(read(files, "index.html").contains("Sign in"), "nor does a menu lead there");
        assertTrue(read(files, "search/index.html").contains("search.js"));
        assertTrue(read(files, "-/search-list.js").contains("[\"Canoes\",\"../hire/canoes/index.html\""));
        assertTrue(read(files, "404.html").contains("href=\"https://brackwater.example/index.html\""));
        assertTrue(read(files, "hire/canoes/index.html")
                .contains("rel=\"canonical\" href=\"https://brackwater.example/hire/canoes\""));
    }

    @Test
    public void anAddressOfOld_leadsOn_withAndWithoutRules() {
        SiteScript script = SiteScript.brackwater();
        Site before = script.site();
        Site after = Releasing.released(
                before, script.retitles("Canoes", "Open boats").site(), SUMMER);
        Map<String, String> files = files(after);
        assertTrue(read(files, "hire/canoes/index.html").contains("url=../../hire/open-boats/index.html\""));
        assertTrue(
                read(files, ".htaccess").contains("RedirectMatch 301 \"(?i)^/hire/canoes/?$\" \"/hire/open-boats\"\n"));
        assertTrue(
                read(files, "forwards.nginx.conf").contains("  \"/hire/canoes\" \"/hire/open-boats$is_args$args\";\n"));
    }

    @DataProvider
    public Object[][] forwards() {
        return new Object[][] {
            {"/old", false, "/new", "\"/old\" \"/new$is_args$args\";", "\"(?i)^/old/?$\" \"/new\""},
            {"/gone", false, "", "\"/gone/\" \"gone\";", "RedirectMatch 410 \"(?i)^/gone/?$\""},
            {"/a \"b\".htm", false, "/new", "\"/a \\\"b\\\".htm\" ", "^/a\\\\ \\\"b\\\"\\\\.htm/?$"},
            {
                "/out",
                false,
                "https://a.example/$1?x=1",
                "\"https://a.example/%241?x=1\";",
                "\"https://a.example/%241?x=1\""
            },
            {"/blog", true, "/news", "\"~*^/blog(?:$|/)\" \"/news$", "\"(?i)^/blog(?:$|/)\" \"/news\""},
            {
                "/hire",
                true,
                "/news",
                "\"~*^/hire(?!(?:|/boats|/boats/canoes)(?:/(?:index\\\\.html)?)?$)(?:$|/)\" ",
                "^/hire(?!(?:|/boats|/boats/canoes)(?:/(?:index\\\\.html)?)?$)(?:$|/)"
            },
        };
    }

    @Test(dataProvider = "forwards")
    public void forward_isARule(String from, boolean beneath, String to, String nginx, String apache) {
        List<LeadingOn> all = List.of(new LeadingOn(from, beneath, to));
        List<String> pages = List.of("/hire", "/hire/boats", "/hire/boats/canoes", "/hires", "/news");
        String forNginx = ForwardRules.nginx(all, pages);
        assertTrue(forNginx.contains(nginx), forNginx);
        String forApache = ForwardRules.apache(all, pages);
        assertTrue(forApache.contains(apache), forApache);
    }
}
