package velnik.core.exchange;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import be.ceau.opml.OpmlParseException;
import be.ceau.opml.OpmlParser;
import be.ceau.opml.entity.Outline;
import java.io.IOException;
import java.io.StringReader;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Place;
import velnik.core.site.ItemKind;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** What is written in open formats: read by readers that are not ours, and by our own again. */
public class WrittenFormatsTest {
    private static final AddressWriter ROOT = AddressWriter.fromRoot();

    private static List<Outlined> menu(SiteScript script, String name) {
        SiteNavigation navigation = script.navigation(Visitor.NON_MEMBER);
        return Outlined.menu(script.site(), navigation, script.menu(name), ROOT);
    }

    private static List<CSVRecord> read(String csv) throws IOException {
        assertTrue(csv.startsWith("\uFEFF"), "spreadsheets know it by its mark");
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(csv.substring(1)))
                .getRecords();
    }

    @DataProvider
    public Object[] seeds() {
        return IntStream.range(0, 12).boxed().toArray();
    }

    /** All that a list can hold comes back: titles, nesting, addresses, who gets it. */
    @Test(dataProvider = "seeds")
    public void aListOfThePageTree_makesTheSameTree(int seed) {
        Site site = RandomEdits.applied(Site.bare(), seed, 120);
        String written = MarkdownList.ofPages(Outlined.pages(site, ROOT));
        // The first page of a site becomes its home, which everybody gets.
        List<IndentedText.Line> lines = IndentedText.parse("- The first\n" + written, 1_000);
        Change.AddPages adding =
                OutlineImport.addingPages(lines, Place.firstUnder(null), number -> new PageId("p" + number));
        Site again = ((Outcome.Applied) Changes.apply(Site.bare(), adding, Circumstances.NOBODY)).site();
        assertEquals(MarkdownList.ofPages(Outlined.pages(again, ROOT)), "- The first\n" + written);
        assertEquals(shape(again), "1 The first the-first OPEN\n" + shape(site));
    }

    private static String shape(Site site) {
        return site.pages().walk().stream()
                .filter(row ->
                        row.value().kind() == PageKind.PAGE || row.value().kind() == PageKind.GROUP)
                .map(row -> site.pages().levelOf(row.id()) + " " + row.value().title() + " "
                        + row.value().slug() + " " + row.value().reach())
                .collect(joining("\n"));
    }

    @DataProvider
    public Object[][] titles() {
        return new Object[][] {
            {"Summer camp", "summer-camp", Reach.OPEN, "- Summer camp\n"},
            {"Summer camp", "camp", Reach.HELD_BACK, "- Summer camp /camp (held back)\n"},
            {"Both /ways", "both-ways", Reach.OPEN, "- Both /ways /both-ways (open)\n"},
            {"Hall (open)", "hall-open", Reach.BY_LINK_ONLY, "- Hall (open) /hall-open (by link only)\n"},
        };
    }

    @Test(dataProvider = "titles")
    public void aTitleThatEndsLikeAMark_isLeftAlone(String title, String slug, Reach reach, String line) {
        String written =
                MarkdownList.ofPages(List.of(new Outlined(title, "/" + slug, slug, reach, List.of(), List.of())));
        assertEquals(written, line);
        assertEquals(
                OutlineImport.page(IndentedText.parse(written, 9).getFirst()).title(), title);
    }

    @Test
    public void menusAreWritten_asVisitorsGetThem() {
        SiteScript script = brackwater()
                .puts(
                        new ItemKind.WebLink("https://tides.example/"),
                        "Tides [daily]",
                        brackwater().menu("Short"))
                .puts(new ItemKind.Text(), "Ask inside", brackwater().menu("Short"));
        script.putsPage("Summer regatta", script.menu("Short"));
        assertEquals(
                MarkdownList.ofItems(menu(script, "Short")),
                "- [Home](/)\n- [Contact](/contact)\n- Tides [daily] = https://tides.example/\n- Ask inside\n");
        String footer = MarkdownList.ofItems(menu(script, "Footer"));
        assertTrue(footer.startsWith("- The yard\n  - [About us](/about-us)\n"), footer);
    }

    @Test
    public void outlines_areReadByOthers() throws OpmlParseException {
        SiteScript script = brackwater().retitles("Hulls", "<Hulls> & \"keels\"");
        String written = Opml.of(
                "Brackwater & sons", Outlined.pages(script.site(), AddressWriter.absolute("https://b.example")));
        var read = new OpmlParser().parse(written);
        assertEquals(read.getVersion(), "2.0");
        assertEquals(read.getHead().getTitle(), "Brackwater & sons");
        Outline repairs = read.getBody().getOutlines().stream()
                .filter(row -> row.getText().equals("Repairs"))
                .findFirst()
                .orElseThrow();
        Outline hulls = repairs.getSubElements().getFirst();
        assertEquals(
                hulls.getText(), script.site().pages().get(new PageId("hulls")).title());
        assertEquals(hulls.getAttribute("url"), "https://b.example/repairs/hulls-keels");
        assertEquals(hulls.getAttribute("type"), "link");
        long rows = script.site().pages().walk().stream()
                .filter(row -> !row.value().kind().isBuiltIn())
                .count();
        assertEquals(count(read.getBody().getOutlines()), rows);
    }

    private static long count(List<Outline> rows) {
        return rows.stream().mapToLong(row -> 1 + count(row.getSubElements())).sum();
    }

    @Test
    public void tablesAreReadByOthers_andNothingInThemIsReckonedWith() throws IOException {
        SiteScript script = brackwater()
                .retitles("Hulls", "=HYPERLINK(\"x\")")
                .does(new Change.SetSummary(new PageId("canoes"), "Nine, \"open\" ones"));
        List<CSVRecord> pages = read(SiteCsv.pages(script.site()));
        assertEquals(pages.size(), script.site().pages().size());
        CSVRecord canoes = pages.stream()
                .filter(row -> row.get("Id").equals("canoes"))
                .findFirst()
                .orElseThrow();
        assertEquals(canoes.get("Summary"), "Nine, \"open\" ones");
        assertEquals(canoes.get("Under"), "/hire");
        assertEquals(canoes.get("Reach"), "open");
        assertTrue(pages.stream().anyMatch(row -> row.get("Title").equals("'=HYPERLINK(\"x\")")));
        List<CSVRecord> items =
                read(SiteCsv.items(script.site(), script.navigation().openings()));
        assertTrue(items.stream()
                .anyMatch(row -> row.get("Menu").equals("Footer")
                        && row.get("Label").equals("The crew")
                        && row.get("Leads to").equals("/about-us/the-crew")
                        && row.get("Level").equals("2")));
        List<CSVRecord> assignments = read(SiteCsv.assignments(script.site()));
        assertEquals(assignments.getFirst().get("Zone"), "the header");
        assertEquals(assignments.size(), script.site().assignments().size());
    }

    @Test
    public void addressesThatLeadOn_areWritten() throws IOException {
        SiteScript script = brackwater().publishes();
        Site live = script.site();
        script.movesUnder("Repairs", "Canoes")
                .does(new Change.RemovePages(
                        new RemovalId("gone"),
                        List.of(new PageId("kayaks")),
                        Change.Subpages.GO_TOO,
                        new Change.Leads.Nowhere()));
        String rows = read(SiteCsv.forwards(live, script.site(), Instant.parse("2026-06-15T10:00:00Z"))).stream()
                .map(row -> row.get("From") + " " + row.get("Answer") + " " + row.get("To"))
                .collect(joining("\n"));
        assertTrue(rows.contains("/hire/canoes 301 /repairs/canoes"), rows);
        assertTrue(rows.contains("/hire/kayaks 410 "), rows);
    }
}
