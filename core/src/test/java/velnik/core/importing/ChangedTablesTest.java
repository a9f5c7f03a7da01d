package velnik.core.importing;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.importing.Plans.TOP;
import static velnik.core.importing.Plans.done;
import static velnik.core.importing.Plans.plan;
import static velnik.core.importing.Plans.read;
import static velnik.core.importing.Plans.shape;
import static velnik.core.importing.Plans.small;
import static velnik.core.importing.Plans.told;

import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.address.Addresses;
import velnik.core.exchange.SiteCsv;
import velnik.core.importing.ImportChoices.Matching;
import velnik.core.reach.Openings;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/** What becomes of a site by tables that were changed in a spreadsheet. */
public class ChangedTablesTest {
    @DataProvider
    public Object[] seeds() {
        return IntStream.range(0, 10).boxed().toArray();
    }

    @Test
    public void slugsOfManyPages_areHandedOn_whicheverRowComesFirst_andNobodyGetsWhatStays() {
        Site site = read(Site.bare(), "Home\nTides\n  May\n  June\n  July\n  August\nNews", TOP, Matching.ADDRESS);
        ImportPlan plan = plan(site, """
                title,slug
                May,june
                June,july
                July,may
                August,june
                News,sitemap.xml
                Home,front
                High water,tides""", TOP, Matching.TITLE);
        assertEquals(told(plan), """
                p0 CHANGE 1 May /tides/may [Address: may > june]
                p1 CHANGE 1 June /tides/june [Address: june > july]
                p2 CHANGE 1 July /tides/july [Address: july > may]
                p3 SKIP 1 August /tides/august – Its address stays: “june” is taken or cannot be one.
                p4 SKIP 1 News /news – Its address stays: “sitemap.xml” is taken or cannot be one.
                p5 SKIP 1 Home / – It is there already.
                p6 ADD 1 High water /tides-2 – /tides is taken.""");
        assertEquals(shape(done(site, plan)), """
                1 Home / OPEN PAGE
                1 Tides /tides OPEN PAGE
                2 May /tides/june OPEN PAGE
                2 June /tides/july OPEN PAGE
                2 July /tides/may OPEN PAGE
                2 August /tides/august OPEN PAGE
                1 News /news OPEN PAGE
                1 High water /tides-2 OPEN PAGE""");
        // August keeps its slug, so that July gets none, nor June that of July, nor May that of June.
        assertEquals(
                told(plan(site, "title,slug\nMay,june\nJune,july\nJuly,august\nAugust,?", TOP, Matching.TITLE))
                        .lines()
                        .filter(row -> row.contains("SKIP"))
                        .count(),
                4);
        // A page to be added comes first.
        assertEquals(told(plan(site, "title,slug\nNews,weather\nWeather,", TOP, Matching.TITLE)), """
                p0 SKIP 1 News /news – Its address stays: “weather” is taken or cannot be one.
                p1 ADD 1 Weather /weather""");
    }

    @Test
    public void columnsOfOtherTables_areSaidNotToBeRead() {
        String told =
                told(plan(small(), "Title,Picture,Address,Colour,Icon\nHire,x,/hire,red,boat", TOP, Matching.ADDRESS));
        assertTrue(told.contains("Picture, Colour and Icon  – These columns are not read."), told);
        told = told(plan(small(), "Menu,Label,Summary,Leads to\nDeck,Boats,Wet,/hire", TOP, Matching.ADDRESS));
        assertTrue(told.contains("Summary  – This column is not read."), told);
    }

    /** Where a table says of no page where it is, its titles say which are meant. */
    @Test
    public void tablesOfTitlesAlone_areOfThePagesCalledSo_unlessTheyGoUnderOne() {
        Site site = read(Site.bare(), "Home\nTides\n  May\n  June\nBerths\n  Berths", TOP, Matching.ADDRESS);
        String table = "Title,Slug,Summary\nJUNE,june-tides,Warm\nMay,june,\nBerths,,Two of them\nAugust,,New";
        assertEquals(told(plan(site, table, TOP, Matching.ADDRESS)), """
                p0 CHANGE 1 June /tides/june [Title: June > JUNE] [Address: june > june-tides] [Summary:  > Warm]
                p1 CHANGE 1 May /tides/may [Address: may > june]
                p2 CHANGE 1 Berths /berths [Summary:  > Two of them]
                p3 ADD 1 August /august""");
        Destination under = new Destination.Pages(site.pages().top().get(1).id());
        assertEquals(told(plan(site, "title,summary\nMay,\nBerths,", under, Matching.ADDRESS)), """
                p0 SKIP 1 May /tides/may – It is there already.
                p1 ADD 1 Berths /tides/berths""");
        assertEquals(told(plan(site, "title,level\nTides,1\nBerths,2", TOP, Matching.ADDRESS)), """
                p0 SKIP 1 Tides /tides – It is there already.
                p1 ADD 2 Berths /tides/berths""");
    }

    /** Any wishes of pages side by side, some of them added: what is planned can be done, and nobody stays for nothing. */
    @Test(dataProvider = "seeds")
    public void anyWishesForSlugs_canBeMet_unlessSomebodyElseHasThem(int seed) {
        Random random = new Random(seed);
        Site site = read(Site.bare(), "Home\nA\nB\nC\nD\nE\nF", TOP, Matching.ADDRESS);
        for (int round = 0; round < 30; round++) {
            String wishes = IntStream.range(0, 9)
                    .mapToObj(page -> "%c,%s"
                            .formatted(
                                    'A' + page,
                                    List.of("a", "b", "c", "d", "e", "f", "g", "h", "-", "")
                                            .get(random.nextInt(10))))
                    .collect(joining("\n", "title,slug\n", ""));
            ImportPlan plan = plan(site, wishes, TOP, Matching.TITLE);
            Site after = done(site, plan);
            for (ImportRow row : plan.rows()) {
                if (row.why().startsWith("Its address stays")) {
                    String wanted = row.why().replaceAll("(?s).*“(.*)”.*", "$1");
                    assertTrue(
                            wanted.equals("-")
                                    || Addresses.find(after, "/" + wanted).isPresent(),
                            wishes);
                }
            }
        }
    }

    /** A table that was taken out, changed in a spreadsheet, and brought back. */
    @Test
    public void addressesWrittenAnew_areSlugsOfPagesKnownById_andMoveNone() {
        Site site = small();
        String table = SiteCsv.pages(site);
        assertEquals(verdicts(plan(site, table, TOP, Matching.ADDRESS)), "SKIP SKIP SKIP SKIP SKIP");
        String hire = "\"Hire\",\"/hire\"";
        assertEquals(
                told(plan(site, table.replace("/hire/canoes", "/hire/open-canoes"), TOP, Matching.ADDRESS))
                        .lines()
                        .filter(row -> row.contains("CHANGE"))
                        .collect(joining()),
                "p2 CHANGE 2 Canoes /hire/canoes [Address: canoes > open-canoes]");
        assertEquals(
                shape(read(site, table.replace("\"/hire", "\"/boats"), TOP, Matching.ADDRESS)),
                shape(site).replace("/hire", "/boats"));
        assertTrue(table.contains(hire));
        assertEquals(
                told(plan(site, table.replace(hire, "\"Hire\",\"/fix/hire\""), TOP, Matching.ADDRESS))
                        .lines()
                        .filter(row -> row.contains("stays"))
                        .collect(joining()),
                "p2 SKIP 2 Hire /hire – It stays at the top level: pages that are there are not moved.");
        assertEquals(told(plan(site, "Kayaks\nRepairs\n  Canoes", TOP, Matching.TITLE)), """
                p0 SKIP 1 Kayaks /hire/kayaks – It is there already.
                p1 SKIP 1 Repairs /fix – It is there already.
                p2 SKIP 2 Canoes /hire/canoes – It stays under Hire: pages that are there are not moved.""");
    }

    private static String verdicts(ImportPlan plan) {
        return plan.rows().stream()
                .filter(row -> row.part() == ImportRow.Part.PAGES)
                .map(row -> row.verdict().name())
                .collect(joining(" "));
    }

    /** As far as a table of items says it; what cannot be is passed over. */
    @Test
    public void howItemsShow_comesBackAsItWasWritten() {
        String head = "Menu,Level,Label,Leads to,Shows to,On,Not shown because,Icon,Picture,Accent,Note,Tab,"
                + "Search engines,Hook,Arrangement,Opens";
        String boats = "Deck,1,Boats,/hire,everyone,wide screens,,boat,harbour,accent,For a day,same,ordinary,boats,"
                + "three side by side,across the row";
        String tides = "Deck,1,Tides,https://tides.example,everyone,phones,,,,,,new,not vouched for,,as a list,"
                + "under the item";
        String odd = "Deck,1,Odd,/fix,nobody,boats,,no such icon,leaflet,yes?,%s,old,?,1 2,in a heap,beside"
                .formatted("x".repeat(300));
        String plain = "Deck,1,Odd,/fix,everyone,every device,,,,,,same,ordinary,,as a list,under the item";
        Site small =
                small().withFiles(List.of(picture("a", "harbour"), picture("b", "leaflet"), picture("c", "leaflet")));
        ImportPlan plan = plan(small, String.join("\n", head, boats, tides, odd), TOP, Matching.ADDRESS);
        assertTrue(
                told(plan).contains("Odd /fix – No picture among the files is called leaflet, or several are."),
                told(plan));
        assertTrue(told(plan).contains("Shows to and Not shown because"), told(plan));
        Site site = done(small, plan);
        assertEquals(
                SiteCsv.items(site, Openings.at(site, Instant.EPOCH))
                        .lines()
                        .map(row -> row.replace("\"", ""))
                        .filter(row -> row.startsWith("Deck"))
                        .collect(joining("\n")),
                String.join("\n", boats, tides, plain));
    }

    private static SiteFile picture(String id, String name) {
        FileContent content = new FileContent(FileType.JPEG, new FileHash(id.repeat(64)), 90_000, 1_200, 800);
        return new SiteFile(new FileId(id), name, content, "");
    }
}
