package velnik.core.importing;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What files hold, and what is said of those that nothing can be made of. */
public class FileReadingTest {

    private static FileRead read(String... namesAndTexts) {
        return FileFormat.read(IntStream.range(0, namesAndTexts.length / 2)
                .mapToObj(i -> new SourceFile(namesAndTexts[2 * i], namesAndTexts[2 * i + 1]))
                .toList());
    }

    private static String told(FileRead read) {
        return switch (read) {
            case FileRead.NotRead not -> not.sentence();
            case Found found ->
                Stream.of(
                                found.pages().stream().map(FileReadingTest::told),
                                found.menus().stream()
                                        .map(menu -> menu.name() + " in " + menu.zone() + ": "
                                                + menu.items().stream()
                                                        .map(item -> item.level() + " " + item.label() + " > "
                                                                + item.target()
                                                                + (item.look()
                                                                                .newTab()
                                                                                .orElse(false)
                                                                        ? " new"
                                                                        : ""))
                                                        .collect(joining(", "))),
                                found.forwards().stream().map(each -> each.from() + " > " + each.to()),
                                found.asides().stream()
                                        .map(aside -> (aside.refused() ? "refused " : "passed over ")
                                                + aside.spot().line() + " " + aside.what() + ": " + aside.why()))
                        .flatMap(part -> part)
                        .collect(joining("\n"));
        };
    }

    private static String told(Found.FoundPage page) {
        return page.level() + " " + page.title() + (page.guessed() ? "?" : "") + " " + page.path()
                + (page.former().isEmpty() ? "" : " was " + page.former())
                + (page.said().kind() == null ? "" : " " + page.said().kind())
                + (page.said().reach() == null ? "" : " " + page.said().reach())
                + (page.said().topics() == null ? "" : " " + page.said().topics())
                + (page.said().date() == null ? "" : " " + page.said().date())
                + (page.said().text() == null ? "" : " “" + page.said().text() + "”");
    }

    private static final String INDEX =
            "<sitemapindex><sitemap><loc>https://old.example/a.xml</loc></sitemap><sitemap><loc>https://old.example/b.xml</loc></sitemap></sitemapindex>";

    @DataProvider
    public Object[][] files() {
        return new Object[][] {
            // lists
            {List.of("a.txt", "Home\nHire\n  Canoes /boats (held back)"), "1 Home \n1 Hire \n2 Canoes  HELD_BACK"},
            {List.of("a.md", "# Our pages\n- [Hire](/hire)\n  - Canoes"), "1 Hire /hire\n2 Canoes "},
            {List.of("a.txt", " \n\n"), "There is nothing in this file."},
            // outlines
            {
                List.of(
                        "a.opml",
                        "<?xml version='1.0'?><opml version='2.0'><head><title>T</title></head><body>"
                                + "<outline text='Hire' url='https://old.example/hire' category='boats,/water'>"
                                + "<outline title='Canoes'/></outline></body></opml>"),
                "1 Hire /hire [boats, /water]\n2 Canoes "
            },
            {
                List.of("a.xml", "<opml><head/></opml>"),
                "There is no outline in this file: an OPML file has a body, and this one has none."
            },
            {
                List.of("a.opml", "<opml>\n<body>\n<outline text='A'>\n</body></opml>"),
                "This file breaks off or is damaged at line 4. Get it again from where it came from."
            },
            {
                List.of(
                        "a.opml",
                        "<!DOCTYPE opml [<!ENTITY a SYSTEM 'file:///etc/passwd'>]>\n<opml><body><outline text='&a;'/></body></opml>"),
                "This file declares entities, shorthand that could bring in what is not in it; none is followed,"
                        + " so reading ends at line 2. Save it without them."
            },
            // sitemaps
            {List.of("sitemap.xml", """
                        <urlset xmlns="http://www.sitemaps.org/schemas/sitemap/0.9">
                        <url><loc>https://www.old.example/</loc></url>
                        <url><loc>https://old.example/boats/two-man-canoes.html</loc></url>
                        <url><loc>https://old.example/boats/</loc></url>
                        <url><loc>https://old.example/news/2024/open-day/index.php</loc></url>
                        <url><loc>https://old.example/?p=7</loc></url>
                        <url><loc>https://cdn.example/x</loc></url>
                        <url><loc>https://old.example/prices.pdf</loc></url>
                        <url><loc>https://old.example/BOATS</loc></url>
                        <url><loc>mailto:a@b.example</loc></url>
                        </urlset>"""), """
                1 Home? /
                1 Boats? /boats
                2 Two man canoes? /boats/two-man-canoes.html
                1 News? /news GROUP
                2 2024? /news/2024 GROUP
                3 Open day? /news/2024/open-day was /news/2024/open-day/index.php
                refused 10 mailto:a@b.example: This is no web address.
                passed over 6 https://old.example/?p=7: Its address ends in a question, which no page’s does.
                passed over 7 https://cdn.example/x: This is on another site.
                passed over 8 https://old.example/prices.pdf: This is a file and no page.
                passed over 9 Boats: Line 4 has the same address."""},
            // a page beside the folder of what is beneath it
            {
                List.of(
                        "urls.txt",
                        "https://old.example/x/shop/mugs.html\nhttps://old.example/x/shop.html\n"
                                + "https://old.example/hire.php\nhttps://old.example/a\nhttps://old.example/hire/canoes\n"
                                + "https://old.example/cafe\nhttps://old.example/cafe.html\nhttps://old.example/cafe/cakes"),
                """
                1 X? /x GROUP
                2 Shop? /x/shop was /x/shop.html
                3 Mugs? /x/shop/mugs.html
                1 Hire? /hire was /hire.php
                2 Canoes? /hire/canoes
                1 A? /a
                1 Cafe? /cafe
                2 Cakes? /cafe/cakes
                1 Cafe? /cafe.html"""
            },
            {List.of("urls.txt", "https://old.example/a\nhttps://old.example/b/c"), "1 A? /a\n1 B? /b GROUP\n2 C? /b/c"
            },
            {
                List.of("sitemap.xml", INDEX, "a.xml", "<urlset><url><loc>https://old.example/a</loc></url></urlset>"),
                "1 A? /a\nrefused 0 https://old.example/b.xml: This sitemap is named by the index and was not given. Choose it together with the index."
            },
            {List.of("s.xml", "<urlset></urlset>"), "There is no address in this sitemap."},
            // tables
            {
                List.of(
                        "a.csv",
                        "Address;Title;Reach;Tags;Date;Colour\n/hire;\"Hire; boats\";draft;a, b;2026-05-01;red\n/hire/canoes;'=Canoes;;;31.12.2026;\n"),
                "1 Hire; boats /hire HELD_BACK [a, b] 2026-05-01\n2 =Canoes /hire/canoes [] 2026-12-31\npassed over 1 Colour: This column is not read."
            },
            {
                List.of("a.csv", "Title,Parent\nCanoes,Hire\nHire,\nLoop,Loop\n"),
                "1 Hire \n2 Canoes \nrefused 4 Loop: This page is under itself."
            },
            {
                List.of("a.csv", "level\ttitle\n1\tHire\n2\tCanoes\n9\tDeep\n1\tEnd\n"),
                "1 Hire \n2 Canoes \n3 Deep \n1 End "
            },
            {
                List.of("a.csv", "From,To,Answer\n/old,/new,301\n/gone,,410\n/shop/*,https://shop.example,\n"),
                "/old > /new\n/gone > \n/shop/* > https://shop.example"
            },
            {
                List.of(
                        "a.csv",
                        "Menu,Level,Label,Leads to,Tab\nMain,1,Hire,/hire,same\nMain,2,Tides,https://t.example,new\nFoot,1,Us,,\n"),
                "Main in null: 1 Hire > /hire, 2 Tides > https://t.example new\nFoot in null: 1 Us > "
            },
            {
                List.of("a.csv", "Colour,Size\nred,1"),
                "The first line of a table names its columns, and this one names none that are known: “Colour,Size”. Pages have a title or an address, forwards from and to, items menu and label."
            },
            {
                List.of("a.csv", "title,address\n\"a,b"),
                "The table cannot be read from line 2 on: a quotation mark there is not closed."
            },
            {
                List.of("a.csv", "title,address\n" + "x,".repeat(300)),
                "Line 2 has more than 200 columns, so this is no table of pages, items or forwards."
            },
            // web pages
            {List.of("home.html", """
                        <!DOCTYPE html><html><head><title>Old</title><link rel=canonical href="https://old.example/"></head><body>
                        <header><nav aria-label="Main menu"><ul>
                          <li><a href="/">Start</a>
                          <li><a href="hire.html">Hire</a><ul><li><a href="/hire/canoes">Canoes</a></ul>
                          <li><span>More</span><ul><li><a href="https://tides.example/" target=_blank>Tides</a></ul>
                          <li><a href="javascript:alert(1)">Odd</a>
                          <li><a href="#main">Skip</a>
                        </ul></nav></header>
                        <nav class="breadcrumb"><ol><li><a href="/">Home</a></ol></nav>
                        <main><p>Text with <a href="/other">a link</a></p><ul><li>No link</li></ul></main>
                        <footer><div><h3>Visit</h3><ul><li><a href="/where">Where we are</a></li></ul></div>
                        <div><h3>Legal</h3><ul><li><a href="/imprint">Imprint</a></li><li><a href="/price-list.pdf">Prices</a></li><li><a href="prices?day=1">Day</a></li></ul></div></footer>
                        <script>document.write('<nav><a href=/evil>x</a></nav>')</script>
                        </body></html>"""), """
                1 Start /
                1 Hire /hire was /hire.html
                2 Canoes /hire/canoes
                1 Where we are /where
                1 Imprint /imprint
                Main menu in HEADER: 1 Start > /, 1 Hire > /hire.html, 2 Canoes > /hire/canoes, 1 More > , 2 Tides > https://tides.example/ new, 1 Odd > javascript:alert(1), 1 Skip > /#main
                Footer in FOOTER: 1 Visit > , 2 Where we are > /where, 1 Legal > , 2 Imprint > /imprint, 2 Prices > https://old.example/price-list.pdf, 2 Day > https://old.example/prices?day=1
                passed over 9 Menu 2: Visitors get this without a menu."""},
            {
                List.of("a.html", "<ul><li><a href=/a>A</a><ul><li><a href=/a/b>B</a></ul><li><a href=/c>C"),
                "1 Home? /\n1 A /a\n2 B /a/b\n1 C /c\nMenu 1 in HEADER: 1 A > /a, 2 B > /a/b, 1 C > /c"
            },
            {
                List.of("a.html", "<p>Hello</p>"),
                "No navigation was found on this page: no list of links, and nothing marked as one."
            },
            // a site by its sitemap and its home page
            {
                List.of(
                        "map.xml",
                                "<urlset><url><loc>https://old.example/</loc></url><url><loc>https://old.example/lab</loc></url><url><loc>https://old.example/hire</loc></url></urlset>",
                        "home.html",
                                "<nav><a href='/hire'>Boats for hire</a><a href='https://www.old.example/'>Home</a></nav>"),
                "1 Home /\n1 Boats for hire /hire\n1 Lab? /lab\nMenu 1 in HEADER: 1 Boats for hire > /hire, 1 Home > /"
            },
            {
                List.of(
                        "map.xml",
                                "<urlset><url><loc>https://old.example/shop.html</loc></url><url><loc>https://old.example/shop/mugs</loc></url></urlset>",
                        "home.html", "<nav><a href='/'>Home</a><a href='/shop.html'>Our pots</a></nav>"),
                "1 Home /\n1 Our pots /shop was /shop.html\n2 Mugs? /shop/mugs\nMenu 1 in HEADER: 1 Home > /, 1 Our pots > /shop.html"
            },
            // Markdown files
            {
                List.of(
                        "site/02-hire/index.md",
                                "---\ntitle: Hire\ntags: [boats, water]\ndraft: true\n---\n# Hire\n\nAll *boats*.",
                        "site/02-hire/canoes.md", "# Canoes\nSee [hire](index.md).",
                        "site/01-home.md", "Hello",
                        "site/bad.md", "---\ntitle: [a\n---\nx"),
                """
                1 Site? /site GROUP
                2 Home? /site/home “Hello”
                2 Hire /site/hire HELD_BACK [boats, water] “All *boats*.”
                3 Canoes /site/hire/canoes “See [hire](index.md).”
                refused 1 site/bad.md: What stands before its text between the lines of hyphens cannot be read."""
            },
            {
                List.of("a.csv", "title,address\nA,/a", "b.opml", "<opml><body/></opml>"),
                "These files do not belong together: an outline (OPML) and a table (CSV). Choose files of one kind, or a sitemap with the home page of the same site."
            },
        };
    }

    @Test(dataProvider = "files")
    public void read_saysWhatFilesHold(List<String> files, String expected) {
        assertEquals(told(read(files.toArray(String[]::new))), expected);
    }

    @DataProvider
    public Object[][] bytes() {
        return new Object[][] {
            {"é".getBytes(StandardCharsets.UTF_8), "é"},
            {"\uFEFFé".getBytes(StandardCharsets.UTF_8), "é"},
            {"\uFEFFé".getBytes(StandardCharsets.UTF_16LE), "é"},
            {"\uFEFFé".getBytes(StandardCharsets.UTF_16BE), "é"},
            {"é€".getBytes(Charset.forName("windows-1252")), "é€"},
            {
                "<?xml version='1.0' encoding='ISO-8859-2'?>ł".getBytes(Charset.forName("ISO-8859-2")),
                "<?xml version='1.0' encoding='ISO-8859-2'?>ł"
            },
            {
                "<?xml version='1.0' encoding='nonsense'?>é".getBytes(StandardCharsets.UTF_8),
                "<?xml version='1.0' encoding='nonsense'?>é"
            },
            {"a\0b".getBytes(StandardCharsets.UTF_8), "no text"},
            {new byte[0], ""},
        };
    }

    @Test(dataProvider = "bytes")
    public void text_isDecodedAsItSaysOfItself(byte[] bytes, String expected) {
        assertEquals(Decoding.text(bytes).orElse("no text"), expected);
    }

    @DataProvider
    public Object[][] boundless() {
        return new Object[][] {
            {
                "a.opml",
                "<opml><body>" + "<outline text='a'>".repeat(500) + "</outline>".repeat(500) + "</body></opml>",
                "500 pages"
            },
            {
                "a.xml",
                "<urlset>" + "<url><loc>https://a.example/x</loc></url>".repeat(60_000) + "</urlset>",
                "There are more than 20,000 rows in this file, the most pages a site has. Leave some out."
            },
            {
                "a.txt",
                "x\n".repeat(30_000),
                "There are more than 20,000 rows in this file, the most pages a site has. Leave some out."
            },
            {"a.html", "<ul>" + "<li><a href=/a>A</a><ul>".repeat(3_000), "2 pages"},
            {
                "a.csv",
                "title,address\n" + "\"".repeat(100_001),
                "The table cannot be read from line 2 on: a quotation mark there is not closed."
            },
        };
    }

    @Test(dataProvider = "boundless")
    public void read_ofWhatIsMadeToBeTooMuch_ends(String name, String text, String expected) {
        FileRead read = read(name, text);
        assertEquals(read instanceof Found found ? found.pages().size() + " pages" : told(read), expected);
    }

    /** Whatever becomes of a file on its way, it is read or said to be unreadable, and nothing falls over. */
    @Test
    public void read_ofMutatedFiles_neverFails() {
        Random random = new Random(7);
        for (Object[] row : files()) {
            @SuppressWarnings("unchecked")
            List<String> whole = (List<String>) row[0];
            for (int i = 0; i < 60; i++) {
                String[] files = whole.toArray(String[]::new);
                for (int at = 1; at < files.length; at += 2) {
                    files[at] = mutated(files[at], random);
                }
                FileRead read = read(files);
                assertTrue(!(read instanceof FileRead.NotRead not)
                        || !not.sentence().isBlank());
            }
        }
    }

    static String mutated(String text, Random random) {
        StringBuilder mutated = new StringBuilder(text);
        for (int i = 0; i < 4 && !mutated.isEmpty(); i++) {
            int at = random.nextInt(mutated.length());
            int to = Math.min(mutated.length(), at + random.nextInt(12));
            switch (random.nextInt(4)) {
                case 0 -> mutated.delete(at, to);
                case 1 -> mutated.insert(at, mutated.substring(at, to));
                case 2 -> mutated.setCharAt(at, "<>\"'&\0\n\t/ł]".charAt(random.nextInt(11)));
                default -> mutated.setLength(at);
            }
        }
        return mutated.toString();
    }
}
