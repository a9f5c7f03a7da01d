package velnik.core.search;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.content.Markdown;
import velnik.core.outline.Place;
import velnik.core.reach.Openings;
import velnik.core.sample.Brackwater;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.TextHash;
import velnik.core.site.Visitor;

/** What visitors find, and in which order. */
public class PageSearchTest {
    private static final Map<TextHash, String> TEXTS = Brackwater.texts();

    @DataProvider
    public Object[][] questions() {
        return new Object[][] {
            {"kayak", "Kayaks, Hire, Prices"},
            {"KAYAKS  ", "Kayaks, Hire"},
            {"cafe", "Slipway Café, Menu of the week, Home, Swinging moorings"},
            {"café", "Slipway Café, Menu of the week, Home, Swinging moorings"},
            {"tide cards", ""},
            {"reading tide", "Reading the tide"},
            {"tide notes", "Safety on the tide, Reading the tide, Spring tides in March"},
            {"mud", "Canoes, Safety on the tide, Find us"},
            {"old mill", "Canoes"},
            {"ill", ""}, // only beginnings of words
            {"\"spring-tide\"", "Spring tides in March, Canoes"},
            {"find us", "Find us"},
            {"moorings", "Swinging moorings"}, // the group has no content
            {"regatta", ""}, // held back
            {"bookings", ""}, // by link only
            {"winter service", ""}, // closed in June
            {"search", ""}, // built in
            {"privacy", "Privacy"}, // kept from search engines alone
            {"", ""},
            {" -?! ", ""},
            {"%", ""},
        };
    }

    @Test(dataProvider = "questions")
    public void pagesAreFound_byTheBeginningsOfTheirWords_theTitleFirst(String asked, String titles) {
        assertEquals(titles(brackwater(), asked), titles);
    }

    @Test
    public void closedAndOpenPages_areFoundByTheirTime() {
        SiteScript script = brackwater();
        assertEquals(titles(script.on("2026-12-01"), "skiffs clinker"), "");
        assertEquals(titles(script.on("2026-12-01"), "winter service"), "Winter service");
    }

    @Test
    public void whatIsUnderAWithheldPage_isNotFound() {
        SiteScript script = brackwater().setsReach("Repairs", Reach.BY_LINK_ONLY);
        assertEquals(titles(script, "gelcoat"), "");
    }

    @Test
    public void titlesOfAnyScript_areFoundByLatinLetters() {
        SiteScript script = brackwater().adds("Лодки", "Hire").adds("Übersicht", null);
        assertEquals(titles(script, "lodki"), "Лодки");
        assertEquals(titles(script, "лод"), "Лодки");
        assertEquals(titles(script, "ubers"), "Übersicht");
    }

    @DataProvider
    public Object[][] passages() {
        return new Object[][] {
            {"canoes open", "Nine open canoes for two or three, out and back on one tide."},
            {"canoes mud", "On a spring tide you reach the old mill and are back before the mud shows."},
        };
    }

    @Test(dataProvider = "passages")
    public void passage_isTheSummary_orTheSentenceWithTheWord(String asked, String passage) {
        assertEquals(found(brackwater(), asked).hits().getFirst().passage(), passage);
    }

    @Test
    public void longQuestionsAndManyPages_areCutShort() {
        List<Change.NewPage> many = IntStream.range(0, 120)
                .mapToObj(number -> Change.NewPage.open(new PageId("p" + number), Place.top(), "Buoy " + number))
                .toList();
        SiteScript script = brackwater().does(new Change.AddPages(many));
        PageSearch.Found found = found(script, "buoy");
        assertTrue(found.count() >= 120, "found " + found.count());
        assertEquals(found.hits().size(), PageSearch.NAMED);
        assertEquals(found(script, "kayak ".repeat(1_000)).count(), 3);
    }

    private static String titles(SiteScript script, String asked) {
        return found(script, asked).hits().stream()
                .map(hit -> script.site().pages().get(hit.page()).title())
                .collect(joining(", "));
    }

    private static PageSearch.Found found(SiteScript script, String asked) {
        return PageSearch.of(
                        script.site(),
                        script.navigation().openings(),
                        Visitor.NON_MEMBER,
                        PageIndex.of(
                                script.site(),
                                page -> page.text() == null
                                        ? ""
                                        : Markdown.toPlain(TEXTS.getOrDefault(page.text(), "")),
                                List.of()))
                .find(asked);
    }

    /** What an edit left alone is taken over, so that only what it changed is read again. */
    @Test
    public void index_readsOnlyWhatChanged_andFindsWhatItFoundAnew() {
        SiteScript script = brackwater();
        List<String> read = new ArrayList<>();
        PageIndex first = PageIndex.of(script.site(), page -> note(read, page.title()), List.of());
        int all = read.size();
        assertTrue(all > 40);
        read.clear();
        script.retitles("Canoes", "Open boats").adds("Punts", "Hire").removes("Kayaks");
        PageIndex second = PageIndex.of(script.site(), page -> note(read, page.title()), List.of(first));
        assertEquals(read, List.of("Open boats", "Punts"));
        for (String asked : List.of("boats", "punts", "kayaks", "hire")) {
            assertEquals(
                    PageSearch.of(script.site(), Openings.ALWAYS, Visitor.NON_MEMBER, second)
                            .find(asked),
                    PageSearch.of(
                                    script.site(),
                                    Openings.ALWAYS,
                                    Visitor.NON_MEMBER,
                                    PageIndex.of(script.site(), page -> "", List.of()))
                            .find(asked));
        }
    }

    private static String note(List<String> read, String title) {
        read.add(title);
        return "";
    }

    @Test
    public void pageCalledWhatWasAskedFor_comesFirst() {
        SiteScript script =
                brackwater().adds("Prices of the hire of boats", null).adds("Hire of boats", "Privacy");
        assertEquals(titles(script, "hire of boats").split(", ")[0], "Hire of boats");
    }
}
