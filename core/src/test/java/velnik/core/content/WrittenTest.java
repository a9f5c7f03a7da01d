package velnik.core.content;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.reach.Openings;
import velnik.core.site.Limits;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Texts as they are kept, and where their links lead. */
public class WrittenTest {
    private static final Frame FRAME = new Frame(
            AddressWriter.fromRoot(), VisitorWords.in("en"), List.of("/look.css"), List.of(), List.of(), null);

    private final SiteScript script = brackwater();

    /** Pages called by their ids, which the boatyard has from their titles. */
    @DataProvider
    public Object[][] texts() {
        return new Object[][] {
            {"as *it* is\n\n\n", "as *it* is\n\n\n"},
            {"one\r\ntwo\rthree\u0000\uD800", "one\ntwo\nthree"},
            {"  \n\t", ""},
            {"[boats](/hire/canoes)", "[boats](page:canoes)"},
            {"[boats](/Hire/Canoes/#prices \"now\")", "[boats](page:canoes#prices \"now\")"},
            {"[a](/hire) and [b](/repairs/hulls)", "[a](page:hire) and [b](page:hulls)"},
            {"[boats](https://brackwater.example/hire/canoes)", "[boats](page:canoes)"},
            {"<https://brackwater.example/hire>", "[](page:hire)"},
            {"[![x](y)](/hire)", "[![x](y)](page:hire)"},
            {"[/hire](/hire)", "[/hire](page:hire)"},
            {"[x](page:canoes#a)", "[x](page:canoes#a)"},
            {"[x](/never/was)", "[x](/never/was)"},
            {"[x](//hire)", "[x](//hire)"},
            {"[x](https://elsewhere.example/hire)", "[x](https://elsewhere.example/hire)"},
            {"[x](mailto:yard@brackwater.example)", "[x](mailto:yard@brackwater.example)"},
            {"`[x](/hire)`", "`[x](/hire)`"},
            {"[x][hire]\n\n[hire]: /hire", "[x][hire]\n\n[hire]: /hire"},
        };
    }

    @Test(dataProvider = "texts")
    public void kept_linksToPages_andLeavesAllElse(String typed, String kept) {
        assertEquals(Written.kept(typed, script.site()), kept);
        assertEquals(Written.kept(kept, script.site()), kept, "again");
    }

    @Test
    public void textsPastTheLimit_areRefused() {
        assertTrue(Written.refused("x".repeat(Limits.TEXT)).isEmpty());
        assertEquals(
                Written.refused("x".repeat(Limits.TEXT + 1)).orElseThrow().sentence(),
                "This text has 200,001 characters; one page has at most 200,000.");
    }

    private static String read(SiteScript script, String text, Visitor visitor) {
        String html = new VisitorHtml(script.site(), script.navigation(visitor), FRAME)
                .page(script.page("Hulls"), Written.kept(text, script.site()));
        return html.replaceAll("(?s).*<p>Go (.*?)</p>.*", "$1");
    }

    @Test
    public void links_followTheirPages_andAreWordsWhereNobodyGetsThem() {
        Map<String, String> texts = Map.of(
                "Go [there](/hire/canoes).", "<a href=\"/hire/canoes\">there</a>.",
                "Go [](page:canoes#prices).", "<a href=\"/hire/canoes#prices\">Canoes</a>.",
                "Go [there](/hire/group-bookings).", "<a href=\"/hire/group-bookings\">there</a>.",
                "Go [there](/summer-regatta).", "there.",
                "Go [](page:summer-regatta).", "Summer regatta.",
                "Go [there](/courses).", "<a href=\"/courses\">there</a>.",
                "Go [there](/members-handbook).", "<a href=\"/members-handbook\">there</a>.",
                "Go [there](page:never-was).", "there.",
                "Go [x][hire]\n\n[hire]: /summer-regatta", "x",
                "Go <https://tides.example/now>.",
                        "<a href=\"https://tides.example/now\">https://tides.example/now</a>.");
        texts.forEach((text, html) -> assertEquals(read(script, text, Visitor.NON_MEMBER), html, text));
        List.of("Rowing skiffs", "Evening suppers")
                .forEach(page -> assertEquals(
                        read(brackwater().on("2026-12-24"), "Go [](page:" + script.page(page) + ").", Visitor.MEMBER),
                        page + ".",
                        "closed in winter"));
        SiteScript moved =
                brackwater().writes("Hulls", "Go [there](/hire/canoes).").movesUnder("Repairs", "Canoes");
        assertEquals(read(moved, moved.text("Hulls"), Visitor.NON_MEMBER), "<a href=\"/repairs/canoes\">there</a>.");
    }

    @Test
    public void pagesKnowWhoseTextsLinkToThem() {
        SiteScript linked = brackwater()
                .writes("Canoes", "See [](page:hulls) and [again](/repairs/hulls), and [](page:canoes).")
                .writes("Home", "See [hulls](/repairs/hulls).");
        assertEquals(
                linked.texts().linking(linked.site()),
                Map.of(linked.page("Hulls"), List.of(linked.page("Home"), linked.page("Canoes"))));
    }

    @Test
    public void textsThatWouldLoseLinks_areTold() {
        SiteScript linked = brackwater()
                .writes("Canoes", "See [](page:hulls).")
                .writes("Kayaks", "See [hulls](page:hulls#planks) and [](page:engines).")
                .writes("Summer regatta", "Held back itself: [](page:hulls).");
        assertEquals(
                lost(linked, script -> script.removes("Hulls")),
                "The texts of Canoes and Kayaks link there; visitors read the words without the link.");
        assertEquals(
                lost(linked, script -> script.setsReach("Engines", Reach.HELD_BACK)),
                "The text of Kayaks links there; visitors read the words without the link.");
        assertEquals(lost(linked, script -> script.setsReach("Repairs", Reach.BY_LINK_ONLY)), "");
        assertEquals(lost(linked, script -> script.movesUnder(null, "Hulls")), "");
        assertEquals(lost(linked, script -> script.removes("Kayaks", "Engines")), "");
    }

    private static String lost(SiteScript linked, UnaryOperator<SiteScript> change) {
        Site before = linked.site();
        Openings openings = linked.navigation().openings();
        Site after = change.apply(SiteScript.of(before)).site();
        return LostLinks.between(before, after, openings, linked.texts())
                .map(Notice::sentence)
                .orElse("");
    }

    /** Words for search engines are told to them alone; without any they are the page's own. */
    @Test
    public void wordsForSearchEngines_areApartFromThePages() {
        SiteScript own = brackwater()
                .does(new Change.SetSearchWords(script.page("Hulls"), " Hull repairs,  Brack ", "Planks & \"skins\"."));
        own.says("Search engines and shared links say other words of Hulls once you publish.");
        String html = html(own, "Hulls");
        assertTrue(html.contains("<title>Hull repairs, Brack</title>"), html);
        assertTrue(html.contains("<meta name=\"description\" content=\"Planks &amp; &#34;skins&#34;.\">"), html);
        assertTrue(html.contains("<meta property=\"og:title\" content=\"Hull repairs, Brack\">"), html);
        assertTrue(html.contains("<h1>Hulls</h1>"), html);
        own.does(new Change.SetSearchWords(script.page("Hulls"), "", null));
        assertTrue(html(own, "Hulls").contains("<title>Hulls · Brackwater Boatyard</title>"));
        assertTrue(html(own, "Hulls").contains("Planks &amp;"), "what was left out stays");
        own.refuses(new Change.SetSearchWords(script.page("Hulls"), "x".repeat(201), null), Refusal.TitleTooLong.class);
        own.refuses(
                new Change.SetSearchWords(script.page("Hulls"), null, "x".repeat(501)), Refusal.SummaryTooLong.class);
        own.refuses(new Change.SetSearchWords(script.page("Moorings"), "x", null), Refusal.NoTextOf.class);
    }

    private static String html(SiteScript script, String page) {
        return new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), FRAME).page(script.page(page), "");
    }
}
