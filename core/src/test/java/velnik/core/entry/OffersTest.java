package velnik.core.entry;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.entry.Offers.Offer;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRowId;

public class OffersTest {
    private final SiteScript script = brackwater();

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {
                "cafe",
                "Slipway Café*, listing café, list Pages of the topic café, list What is under Slipway Café,"
                        + " heading cafe, text cafe, new page cafe, SummaryOf Slipway Café"
            },
            {
                "KAYAKS",
                "Kayaks*, heading KAYAKS, text KAYAKS, new page KAYAKS, SummaryOf Kayaks, Picture Kayaks on the ebb"
            },
            {"the crew", "The crew, heading the crew, text the crew, new page the crew, SummaryOf The crew"},
            {
                "tide",
                "Reading the tide*, Safety on the tide*, Spring tides in March*, link Tide card, listing tide notes,"
                        + " list Pages of the topic tide notes, menu Tides, heading tide, text tide, new page tide,"
                        + " SummaryOf Reading the tide, SummaryOf Safety on the tide"
            },
            {"Ring us", "business 01632 960 983, heading Ring us, text Ring us, new page Ring us"},
            {"01632 960 983", "business 01632 960 983, link 01632 960 983"},
            {"01632 960 111", "link 01632 960 111"},
            {"search field", "SearchField Search field, heading search field, text search field, new page search field"
            },
            {"search", "Search*, SearchField Search field, heading search, text search, new page search"},
            {
                "contact",
                "Contact, ContactCard Contact card, heading contact, text contact, new page contact, SummaryOf Contact"
            },
            {
                "where we are",
                "PositionMap Map of where you are, heading where we are, text where we are, new page where we are"
            },
            {"enquiry form", "FormOf Group bookings, heading enquiry form, text enquiry form, new page enquiry form"},
            {
                "Ring before you come.",
                "heading Ring before you come., text Ring before you come., new page Ring before you come.,"
                        + " Words Ring before you come."
            },
            {
                "the slip at low water",
                "Picture The slip at low water, heading the slip at low water, text the slip at low water,"
                        + " new page the slip at low water, Words the slip at low water"
            },
            {"log in", "Sign in, heading log in, text log in, new page log in"},
            {"newest", "list The newest pages, heading newest, text newest, new page newest"},
            {"whole tree", "list The whole page tree, heading whole tree, text whole tree, new page whole tree"},
            {
                "winter",
                "Winter service, Winter storage*, menu Winter, heading winter, text winter, new page winter,"
                        + " SummaryOf Winter service, SummaryOf Winter storage, Picture Ashore for the winter"
            },
            {"boat st", "heading boat st, text boat st, new page boat st"},
            {"in kn", "Knots in an evening*, heading in kn, text in kn, new page in kn, SummaryOf Knots in an evening"},
            {
                "Boats = Hire",
                "Hire* as Boats, Terms of hire as Boats, heading Boats = Hire, text Boats = Hire, new page Boats = Hire"
            },
            {"Hire = Hire", "Hire*, Terms of hire as Hire, heading Hire = Hire, text Hire = Hire, new page Hire = Hire"
            },
            {"a = nowhere", "heading a = nowhere, text a = nowhere, new page a = nowhere"},
            {"Boats /hire", "Hire* as Boats"},
            {"/hire: Boats", "Hire* as Boats"},
            {"[Boats](/hire)", "Hire* as Boats"},
            {"[Boats](Hire)", "Hire* as Boats, Terms of hire as Boats, heading Boats, text Boats, new page Boats"},
            {"Price list /old-list.pdf", "link Price list of its own"},
            {"Tides – https://tides.example/a", "link Tides of its own"},
            {"a /hire b", "heading a /hire b, text a /hire b, new page a /hire b"},
            {"Tide tables tides.example", "link Tide tables of its own"},
            {"Write to us yard@brackwater.example", "business Write to us of its own, link Write to us of its own"},
            {"Call us: 01632 960 983", "business Call us of its own, link Call us of its own"},
            {"01632 960 983 (the yard)", "business (the yard) of its own, link (the yard) of its own"},
            {"Node.js for boats", "heading Node.js for boats, text Node.js for boats, new page Node.js for boats"},
            {"Open 9-17.30", "heading Open 9-17.30, text Open 9-17.30, new page Open 9-17.30"},
            {"Win javascript:alert(1)", "refused"},
            {"tides.example", "link tides.example"},
            {"yard@brackwater.example", "business yard@brackwater.example, link yard@brackwater.example"},
            {"https://brackwater.example/hire/canoes", "Canoes*"},
            {"/old-list.pdf", "link /old-list.pdf"},
            {"data:text/html,x", "refused"},
            {"  ", ""},
        };
    }

    @Test
    public void placesOnPages_areOfferedByTheirHeadings() {
        SiteScript written = brackwater().writes("Canoes", "## Deposits and keys");
        Map.of(
                        "deposits",
                                "link Deposits and keys of its own, heading deposits, text deposits, new page deposits",
                        "/hire/canoes#deposits-and-keys", "link Deposits and keys of its own",
                        "Cost = /hire/canoes#deposits-and-keys", "link Cost of its own",
                        "/hire/canoes#never-was", "link Canoes of its own")
                .forEach((typed, offered) -> assertEquals(
                        Offers.of(written.site(), written.texts(), written.menu("Main"), typed).stream()
                                .map(OffersTest::words)
                                .collect(joining(", ")),
                        offered));
    }

    /** A star marks a page that Main shows already. */
    @Test(dataProvider = "typed")
    public void line_isUnderstood_likeliestFirst(String typed, String offered) {
        assertEquals(
                Offers.of(script.site(), script.texts(), script.menu("Main"), typed).stream()
                        .map(OffersTest::words)
                        .collect(joining(", ")),
                offered);
    }

    private static String words(Offer offer) {
        return switch (offer) {
            case Offer.OfPage page ->
                page.title() + (page.placed() ? "*" : "") + (page.label().isEmpty() ? "" : " as " + page.label());
            case Offer.OfLink(ItemKind.OfBusiness kind, String label, boolean own) ->
                "business " + label + (own ? " of its own" : "");
            case Offer.OfLink link -> "link " + link.label() + (link.own() ? " of its own" : "");
            case Offer.OfListing listing -> "listing " + listing.topic();
            case Offer.OfBlock block -> block.block().getClass().getSimpleName() + " " + block.words();
            case Offer.OfHeading heading -> "heading " + heading.label();
            case Offer.OfText text -> "text " + text.label();
            case Offer.OfList list -> "list " + list.words();
            case Offer.OfMenu menu -> "menu " + menu.name();
            case Offer.OfNewPage page -> "new page " + page.title();
            case Offer.Refused refused -> "refused";
        };
    }

    @Test
    public void nothingTyped_whatStandsThereByItselfIsOffered() {
        assertEquals(
                Offers.ofThemselves(script.site(), script.menu("Short")).stream()
                        .map(OffersTest::words)
                        .collect(joining(", ")),
                "list The whole page tree, list What is under Hire, list What is under the visited page,"
                        + " list The newest pages, list Pages of the topic café, list Pages of the topic news,"
                        + " list Pages of the topic tide notes, list Pages of the topic workshop,"
                        + " Words A few words, Picture Ashore for the winter, SummaryOf Hire,"
                        + " SearchField Search field, ContactCard Contact card, PositionMap Map of where you are,"
                        + " FormOf Group bookings, menu Main, menu Footer, menu Workshop, menu Elsewhere, menu Tides, menu Winter");
    }

    @DataProvider
    public Object[][] pasted() {
        return new Object[][] {
            {"Canoes", "ToPage ", "1 item: 1 page."},
            {"- [Boats](/hire)\n- [Hire](/hire)", "ToPage Boats|ToPage ", "2 items: 2 pages."},
            {"Afloat\n\tkayaks\n\t<b>", "Heading Afloat|ToPage |Text <b>", "3 items: 1 heading, 1 page and 1 text."},
            {"[Tides](https://tides.example)\ntides.example", "WebLink Tides|WebLink ", "2 items: 2 links."},
            {"yard@brackwater.example", "Mail ", "1 item: 1 mail address."},
            {
                "Boats = Hire\nKayaks /hire/kayaks\nCall us 01632 960 983\nTides = tides.example\nA = B",
                "ToPage Boats|ToPage |Phone Call us|WebLink Tides|Text A = B",
                "5 items: 2 pages, 1 phone number, 1 link and 1 text."
            },
        };
    }

    @Test(dataProvider = "pasted")
    public void pastedList_becomesItems(String text, String items, String summary) {
        PastedItems.Read read = PastedItems.read(
                script.site(),
                text,
                script.site().menus().endOf(script.menu("Short")),
                null,
                number -> new MenuRowId("new-" + number));
        assertEquals(
                read.items().stream()
                        .map(item -> kind(item.kind()) + " " + item.label())
                        .collect(joining("|")),
                items);
        assertEquals(read.summary(), summary);
        assertEquals(read.refused().size(), 0);
    }

    @Test
    public void pastedDangers_areNamedByLine() {
        PastedItems.Read read = PastedItems.read(
                script.site(),
                "Canoes\n[Win](javascript:alert(1))\n" + "x".repeat(201),
                script.site().menus().endOf(script.menu("Short")),
                null,
                number -> new MenuRowId("new-" + number));
        assertEquals(read.refused().size(), 2);
        assertEquals(read.refused().getLast(), "Line 3 has 201 characters; a label has at most 200.");
        assertEquals(read.refused().getFirst().startsWith("Line 2: Links that begin with “javascript:”"), true);
    }

    private static String kind(ItemKind kind) {
        return kind.getClass().getSimpleName();
    }
}
