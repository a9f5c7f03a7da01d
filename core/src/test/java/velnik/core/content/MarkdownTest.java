package velnik.core.content;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.commonmark.renderer.html.HtmlRenderer;
import org.commonmark.testutil.TestResources;
import org.commonmark.testutil.example.Example;
import org.commonmark.testutil.example.ExampleReader;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.sample.Brackwater;

public class MarkdownTest {

    private static String html(String text) {
        return Markdown.toHtml(
                text,
                new LinkTargets() {
                    @Override
                    public Target of(String destination) {
                        return new Target(destination, destination);
                    }

                    @Override
                    public Optional<Picture> picture(String destination, String alternative) {
                        return Optional.empty();
                    }

                    @Override
                    public Optional<String> standing(String destination) {
                        return destination.startsWith("here:")
                                ? Optional.of("<form>" + destination + "</form>")
                                : Optional.empty();
                    }
                },
                false);
    }

    @DataProvider
    public Object[][] texts() {
        return new Object[][] {
            {"**Turn** when", "<p><strong>Turn</strong> when</p>\n"},
            {"# Opening hours", "<h2 id=\"opening-hours\">Opening hours</h2>\n"},
            {"##### Fine print", "<h4 id=\"fine-print\">Fine print</h4>\n"},
            {"## Prices\n\n## Prices", "<h2 id=\"prices\">Prices</h2>\n<h2 id=\"prices-2\">Prices</h2>\n"},
            {"## Content", "<h2 id=\"content-2\">Content</h2>\n"},
            {"<script>alert(1)</script>", "<p>&lt;script&gt;alert(1)&lt;/script&gt;</p>\n"},
            {"[x](https://tides.example)", "<p><a href=\"https://tides.example\">x</a></p>\n"},
            {"[x](#prices)", "<p><a href=\"#prices\">x</a></p>\n"},
            {"![x](https://tides.example/a.png)", "<p>x</p>\n"},
            {"Above\n\n[](here:a)\n\nBelow", "<p>Above</p>\n<form>here:a</form>\n<p>Below</p>\n"},
            {"[words](here:a)\n\n[](here:b)", "<form>here:a</form>\n<form>here:b</form>\n"},
            // Once only, and as a paragraph only; nothing that is typed is taken for what stands there.
            {"[one](here:a)\n\n[two](here:a)", "<form>here:a</form>\n<p>two</p>\n"},
            {"Write [here](here:a)", "<p>Write here</p>\n"},
            {"- [here](here:a)", "<ul><li>here</li></ul>\n"},
            {"\uE0000\uE001\n\n[x](here:a)", "<p>0</p>\n<form>here:a</form>\n"},
            {
                "|Boat|Day|\n|:--|--:|\n|Canoe|£40|",
                "<table><thead><tr><th>Boat</th><th class=\"to-end\">Day</th></tr></thead><tbody><tr>"
                        + "<td>Canoe</td><td class=\"to-end\">£40</td></tr></tbody></table>\n"
            },
        };
    }

    @Test(dataProvider = "texts")
    public void toHtml_keepsOnlyWhatIsAllowed(String text, String html) {
        assertEquals(html(text), html);
    }

    /** Whatever is typed, nothing in it can run, load or style anything. */
    @DataProvider
    public Object[][] hostile() {
        return List.of(
                        "[x](javascript:alert(1))",
                        "[x](JaVaScRiPt:alert(1))",
                        "[x](java\tscript:alert(1))",
                        "[x](<java\nscript:alert(1)>)",
                        "[x](&#106;avascript:alert(1))",
                        "[x](javascript&colon;alert(1))",
                        "[x](%6Aavascript:alert(1))",
                        "[x](\u0001javascript:alert(1))",
                        "[x](data:text/html;base64,PHNjcmlwdD5hbGVydCgxKTwvc2NyaXB0Pg==)",
                        "[x](vbscript:msgbox)",
                        "[x](file:///etc/passwd)",
                        "[x](https://a.example/\"onmouseover=\"alert(1))",
                        "[x]: javascript:alert(1)\n\n[x]",
                        "<javascript:alert(1)>",
                        "![x](x\"onerror=\"alert(1))",
                        "![x](javascript:alert(1))",
                        "<img src=x onerror=alert(1)>",
                        "<svg/onload=alert(1)>",
                        "<a href=\"javascript:alert(1)\">x</a>",
                        "<style>*{display:none}</style>",
                        "<iframe src=//a.example></iframe>",
                        "```\" onclick=\"alert(1)\n</code><script>alert(1)</script>\n```",
                        "# \" onclick=\"alert(1)",
                        "|a|\n|-|\n|<b onclick=alert(1)>|",
                        "&lt;script&gt;alert(1)&lt;/script&gt;",
                        "<!-- --><script>alert(1)</script>",
                        "<![CDATA[<script>alert(1)</script>]]>",
                        "[x](page:\"><script>alert(1)</script>)")
                .stream()
                .map(text -> new Object[] {text})
                .toArray(Object[][]::new);
    }

    private static final Pattern TAG = Pattern.compile("<(/?)([a-z0-9]+)((?: [a-z]+=\"[^\"<>]*\")*) ?/?>");

    private static final Set<String> ELEMENTS = Set.of(
            "p",
            "h2",
            "h3",
            "h4",
            "ul",
            "ol",
            "li",
            "em",
            "strong",
            "blockquote",
            "code",
            "pre",
            "br",
            "hr",
            "table",
            "thead",
            "tbody",
            "tr",
            "th",
            "td",
            "a");

    private static final Pattern ATTRIBUTES = Pattern.compile(
            "(?: (?:id=\"[a-z0-9-]+\"|class=\"to-(?:centre|end)\"|href=\"(?:(?i:https?|mailto|tel|sms):|"
                    + "(?![^\"/?#]*:))[^\"]*\"))*");

    private static void holdsOnlyWhatIsAllowed(String html) {
        String words = TAG.matcher(html)
                .replaceAll(tag -> ELEMENTS.contains(tag.group(2))
                                && ATTRIBUTES.matcher(tag.group(3)).matches()
                        ? ""
                        : "<REFUSED>");
        assertFalse(words.contains("<"), html);
    }

    @Test(dataProvider = "hostile")
    public void nothingOfAnOwnersText_isEverRun(String text) {
        holdsOnlyWhatIsAllowed(html(text));
    }

    /** The specification's own examples. */
    @Test
    public void commonMark_isReadAsSpecified() {
        HtmlRenderer plain = HtmlRenderer.builder().percentEncodeUrls(true).build();
        List<Example> examples = ExampleReader.readExamples(TestResources.getSpec());
        assertTrue(examples.size() > 640, "only " + examples.size());
        for (Example example : examples) {
            String text = example.getSource();
            assertEquals(
                    plain.render(Markdown.PARSER.parse(text)), example.getHtml().replace('→', '\t'), text);
            holdsOnlyWhatIsAllowed(html(text));
        }
    }

    @DataProvider
    public Object[][] excessive() {
        return new Object[][] {
            {"quotes", "> ".repeat(10_000) + "deep"},
            {"lists", "- ".repeat(10_000) + "deep"},
            {"brackets", "[".repeat(10_000) + "deep" + "](x)".repeat(10_000)},
            {"images", "![".repeat(10_000) + "deep" + "](x)".repeat(10_000)},
            {"stars", "*a **b ".repeat(5_000) + "deep" + " b** a*".repeat(5_000)},
            {"ticks", "`".repeat(5_000) + "deep " + "` `` ".repeat(5_000)},
            {"columns", "|a".repeat(1_000) + "\n" + "|-".repeat(1_000) + "\n" + "|deep".repeat(1_000)},
            {"one word", "deep".repeat(50_000)},
            {"openings", "<a ".repeat(60_000) + "deep"},
            {"references", "[deep]: x\n".repeat(20_000) + "[deep]".repeat(10)},
            {"entities", "&amp".repeat(40_000) + "deep"},
        };
    }

    /** However it is nested, it is answered, and its words are there. */
    @Test(dataProvider = "excessive", timeOut = 60_000)
    public void excess_isReadAsWords(String what, String text) {
        String html = html(text);
        holdsOnlyWhatIsAllowed(html);
        assertTrue(html.contains("deep"), what);
        assertTrue(Markdown.toPlain(text).contains("deep"), what);
        Markdown.links(text);
        Written.kept(text, Brackwater.site());
    }

    @DataProvider
    public Object[][] words() {
        return new Object[][] {
            {
                "# Title\n\nOne\nline, `code`.\n\n- **first**\n- [second](https://tides.example)",
                "Title\nOne line, code.\nfirst\nsecond"
            },
            {"one  \ntwo", "one\ntwo"},
            {"    indented\n\n```\nfenced\n```", "indented\n\nfenced"},
            {"|Boat|Day|\n|-|-|\n|Canoe|40|", "Boat Day \nCanoe 40"},
            {"", ""},
        };
    }

    @Test(dataProvider = "words")
    public void toPlain_keepsTheWords_aLineForEachParagraph(String text, String words) {
        assertEquals(Markdown.toPlain(text), words);
    }
}
