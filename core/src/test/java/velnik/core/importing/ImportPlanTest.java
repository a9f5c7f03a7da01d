package velnik.core.importing;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static velnik.core.importing.Plans.TOP;
import static velnik.core.importing.Plans.done;
import static velnik.core.importing.Plans.plan;
import static velnik.core.importing.Plans.read;
import static velnik.core.importing.Plans.shape;
import static velnik.core.importing.Plans.small;
import static velnik.core.importing.Plans.told;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.exchange.MarkdownList;
import velnik.core.exchange.Opml;
import velnik.core.exchange.Outlined;
import velnik.core.exchange.SiteCsv;
import velnik.core.importing.ImportChoices.Matching;
import velnik.core.importing.ImportRow.Verdict;
import velnik.core.outline.Place;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;
import velnik.core.undo.Undoing;

/** What reading files in does to a site. */
public class ImportPlanTest {
    private static final AddressWriter ROOT = AddressWriter.fromRoot();

    @DataProvider
    public Object[][] plans() {
        PageId hire = SiteScript.of(small()).page("Hire");
        return new Object[][] {
            {"a list, of which some is there", "Hire\n  Canoes\n  Rafts (held back)\nNews\n  A\n    B", TOP, """
                p0 SKIP 1 Hire /hire – It is there already.
                p1 SKIP 2 Canoes /hire/canoes – It is there already.
                p2 ADD 2 Rafts /hire/rafts [Reach:  > held back]
                p3 ADD 1 News /news
                p4 ADD 2 A /news/a
                p5 ADD 3 B /news/a/b"""},
            {
                "under a page, with an address that a title takes",
                "title,address,reach\nRafts,/rafts,draft\nKayaks for two,/kayaks,unlisted",
                new Destination.Pages(hire),
                """
                p0 ADD 1 Rafts /hire/rafts [Reach:  > held back]
                p1 CHANGE 1 Kayaks /hire/kayaks [Title: Kayaks > Kayaks for two] [Reach: open > by link only]"""
            },
            {"a column that nobody reads", "title,address,colour\nHire,/hire,red", TOP, """
                p0 SKIP 1 Hire /hire – It is there already.
                a0 PASSED_OVER 1 colour  – This column is not read."""},
            {"a branch of its own", "Home\nHire", new Destination.NewBranch("Old site"), """
                branch ADD 1 Old site /old-site
                p0 ADD 1 Home /old-site/home
                p1 ADD 1 Hire /old-site/hire"""},
            {
                "what is wrong, row by row",
                "title,address\n" + "x".repeat(201) + ",/x\n,/y\nUnder,/x/under\nSlash,/sitemap.xml\nDe,/a/de",
                TOP,
                "p0 REFUSE 1 " + "x".repeat(201) + " /x – Its title has 201 characters; one has at most 200.\n" + """
                        p1 REFUSE 2 Under /x/under – The page it is under is not taken in.
                        p2 ADD 1 Y /y
                        p3 ADD 1 Slash /sitemap-xml
                        p4 ADD 1 A /a – The file has pages under this address and none at it, so there is a group for them.
                        p5 ADD 2 De /a/de"""
            },
            {
                "forwards",
                "from,to\n/old,/hire\n/older,https://else.example/x\n/hire,/fix\n/gone,\n/nowhere,/nothing\n/old,/fix",
                TOP,
                """
                f0 ADD 1 /old /hire
                f1 ADD 1 /older https://else.example/x
                f2 REFUSE 1 /hire /fix – The page Hire is at /hire, and a page comes before a forward. Give the page another address first.
                f3 ADD 1 /gone gone
                f4 REFUSE 1 /nowhere /nothing – There is no page at /nothing. Choose a page, or an address outside this site.
                f5 SKIP 1 /old /fix – An earlier row of this file is about the same address."""
            },
        };
    }

    /** Not those of pages that are there, which keep their titles. */
    @Test
    public void titlesMadeFromAddresses_areCountedWhereTheyAreTaken() {
        String addresses = "https://old.example/\nhttps://old.example/hire\nhttps://old.example/moorings";
        assertEquals(
                plan(small(), addresses, TOP, Matching.ADDRESS).lookAt(),
                List.of("1 title was made from its address. Give the page a better one."));
    }

    @Test(dataProvider = "plans")
    public void plan_saysRowByRowWhatHappens(String name, String text, Destination to, String expected) {
        Site site = small();
        ImportPlan plan = plan(site, text, to, Matching.ADDRESS);
        assertEquals(told(plan), expected, name);
        Site after = done(site, plan);
        plan.rows().stream()
                .filter(row -> row.part() == ImportRow.Part.PAGES && row.verdict() == Verdict.ADD)
                .forEach(row -> assertTrue(Addresses.find(after, row.leads()).isPresent(), row.leads() + " is there"));
        assertEquals(shape(undone(site, after)), shape(site), "one undo takes all of it back");
    }

    private static Site undone(Site before, Site after) {
        return ((Undoing.Result.Undone) Undoing.undo(after, Difference.between(before, after))).site();
    }

    @Test
    public void rowsLeftOut_letWhatIsBeneathThemMoveUp() {
        ImportPlan plan = plan(small(), "A\n  B\n    C\nD", TOP, Matching.ADDRESS, "p0", "p3");
        assertEquals(told(plan), """
                p0 LEFT_OUT 1 A\s
                p1 ADD 2 B /b
                p2 ADD 3 C /b/c
                p3 LEFT_OUT 1 D\s""");
    }

    @Test
    public void pagesOfTheSameAddress_areChangedOrAddedBesideAsIsChosen() {
        String text = "title,address\nHire boats,/hire";
        assertEquals(
                told(plan(small(), text, TOP, Matching.ADDRESS)), "p0 CHANGE 1 Hire /hire [Title: Hire > Hire boats]");
        assertEquals(told(plan(small(), text, TOP, Matching.NOTHING)), "p0 ADD 1 Hire boats /hire-2 – /hire is taken.");
        assertEquals(
                told(plan(small(), "title,slug\nRepairs,mend", TOP, Matching.TITLE)),
                "p0 CHANGE 1 Repairs /fix [Address: fix > mend]");
    }

    @Test
    public void aSiteMovedIn_getsPagesMenusZonesAndForwards() {
        List<SourceFile> files = List.of(new SourceFile("sitemap.xml", """
                        <urlset><url><loc>https://old.example/</loc></url><url><loc>https://old.example/b%C3%A4r/</loc></url>
                        <url><loc>https://old.example/hire/canoes.html</loc></url></urlset>"""), new SourceFile("home.html", """
                        <header><nav><ul><li><a href="/">Home</a><li><a href="/hire.html">Hire</a><ul><li><a href="/hire/canoes.html">Canoes</a>
                        <li><a href="https://tides.example" target="_blank">Tides</a></ul></ul></nav></header>
                        <footer><ul><li><a href="/b%C3%A4r">The bear</a><li><a href="mailto:a@old.example">Mail</a></ul></footer>"""));
        ImportPlan plan = plan(Site.bare(), files, TOP, Matching.ADDRESS);
        assertEquals(told(plan), """
                p0 ADD 1 Home /
                p1 ADD 1 Hire /hire
                p2 ADD 2 Canoes /hire/canoes.html
                p3 ADD 1 The bear /bar
                m0 ADD 1 Main new menu
                m0-0 ADD 2 Home /
                m0-1 ADD 2 Hire /hire
                m0-2 ADD 3 Canoes /hire/canoes.html
                m0-3 ADD 3 Tides https://tides.example – It opens in a new tab.
                m1 ADD 1 Footer new menu
                m1-0 ADD 2 The bear /bar
                m1-1 ADD 2 Mail a@old.example
                zHEADER ADD 1 The header every page [Shows:  > Main]
                zFOOTER ADD 1 The footer every page [Shows:  > Footer]
                wp1 ADD 1 /hire.html /hire – Its address on the site it comes from leads on.
                wp3 ADD 1 /bär /bar – Its address on the site it comes from leads on.""");
        SiteScript moved = SiteScript.of(done(Site.bare(), plan));
        assertEquals(
                MarkdownList.ofItems(
                        Outlined.menu(moved.site(), moved.navigation(Visitor.NON_MEMBER), moved.menu("Main"), ROOT)),
                "- [Home](/)\n- [Hire](/hire)\n  - [Canoes](/hire/canoes.html)\n  - [Tides](https://tides.example)\n");
    }

    @Test
    public void aMenuLeftOut_isToldWithItsItems_andATableByLevelsForwardsNothing() {
        String html = "<nav aria-label='Old'><a href='https://tides.example'>Tides</a></nav>";
        assertEquals(told(plan(small(), html, TOP, Matching.ADDRESS, "m0")), """
                m0 LEFT_OUT 1 Old new menu
                m0-0 LEFT_OUT 2 Tides https://tides.example""");
        assertEquals(told(plan(small(), "level,title\n1,Winter\n2,Slipway", TOP, Matching.ADDRESS)), """
                p0 ADD 1 Winter /winter
                p1 ADD 2 Slipway /winter/slipway""");
    }

    @Test
    public void rowsIntoAMenu_becomeItems() {
        Site site = SiteScript.brackwater().site();
        MenuRowId main = SiteScript.of(site).menu("Main");
        ImportPlan plan = plan(
                site,
                "<opml><body><outline text='Canoes'/><outline text='Our tides' url='https://tides.example/'><outline text='Odd' url='javascript:alert(1)'/></outline></body></opml>",
                new Destination.OfMenu(main),
                Matching.ADDRESS);
        assertEquals(told(plan), """
                m-0 ADD 1 Canoes /hire/canoes
                m-1 ADD 1 Our tides https://tides.example/
                m-2 REFUSE 2 javascript:alert(1) Odd = javascript:alert(1) – Links that begin with “javascript:” can harm those who follow them, so a menu never holds one.""");
        done(site, plan);
    }

    @Test
    public void markdownFiles_becomePagesWithTextsWhoseLinksLast() {
        List<SourceFile> files = List.of(
                new SourceFile("hire/index.md", "---\ntitle: Boats\n---\nSee [canoes](./canoes.md#prices)."),
                new SourceFile("hire/canoes.md", "Back to [all](index.md) or [elsewhere](https://x.example)."));
        Site site = small();
        ImportPlan plan = plan(site, files, TOP, Matching.NOTHING);
        PageId hire =
                ((Change.AddPages) plan.changes().getFirst()).pages().getFirst().id();
        PageId canoes =
                ((Change.AddPages) plan.changes().getFirst()).pages().getLast().id();
        assertEquals(
                plan.texts(),
                List.of(
                        "See [canoes](page:" + canoes + "#prices).",
                        "Back to [all](page:" + hire + ") or [elsewhere](https://x.example)."));
        assertEquals(
                done(site, plan).pages().get(hire).text(),
                TextHash.of(plan.texts().getFirst()));
    }

    @DataProvider
    public Object[] seeds() {
        return IntStream.range(0, 10).boxed().toArray();
    }

    private static Site random(int seed) {
        RandomEdits edits = new RandomEdits(seed);
        Site site = Site.bare();
        for (int i = 0; i < 150; i++) {
            if (Changes.apply(site, edits.next(site), Circumstances.NOBODY) instanceof Outcome.Applied applied) {
                site = applied.site();
            }
        }
        // No table says where in the tree a home page stands that is under another page.
        Change toTop = new Change.MovePages(List.of(requireNonNull(site.home())), Place.firstUnder(null));
        return ((Outcome.Applied) Changes.apply(site, toTop, Circumstances.NOBODY)).site();
    }

    /** What a table holds comes back, field by field, whatever the site; and read again it changes nothing. */
    @Test(dataProvider = "seeds")
    public void aTableOfPages_makesTheSamePages(int seed) {
        Site site = random(seed);
        String csv = SiteCsv.pages(site);
        assertTrue(
                plan(site, csv, TOP, Matching.ADDRESS).rows().stream()
                        .allMatch(row -> EnumSet.of(Verdict.SKIP, Verdict.REFUSE, Verdict.PASSED_OVER)
                                .contains(row.verdict())),
                told(plan(site, csv, TOP, Matching.ADDRESS)));
        Site again = read(Site.bare(), csv, TOP, Matching.ADDRESS);
        assertEquals(rows(again), rows(site));
    }

    /** Of the pages that are not built in, but for ids, periods, layouts of the owner's own, and words of groups, which nobody reads. */
    private static String rows(Site site) {
        return site.pages().walk().stream()
                .filter(row -> !row.value().kind().isBuiltIn())
                .map(row -> {
                    Page page = row.value();
                    return String.join(
                            " | ",
                            Addresses.of(site, row.id()),
                            page.with()
                                    .slug(site.isHome(row.id()) ? "home" : page.slug())
                                    .summary(page.kind() == PageKind.GROUP ? "" : page.summary())
                                    .searchTitle(page.kind() == PageKind.GROUP ? "" : page.searchTitle())
                                    .searchDescription(page.kind() == PageKind.GROUP ? "" : page.searchDescription())
                                    .periods(List.of())
                                    .slugFollows(false)
                                    .text(null)
                                    .form(null)
                                    .picture(null)
                                    .locked(false)
                                    .model(false)
                                    .whenClosed(WhenClosed.NOT_FOUND)
                                    .layout(page.layout().isOfEverySite() ? page.layout() : LayoutId.STANDARD)
                                    .build()
                                    .toString());
                })
                .sorted()
                .collect(joining("\n"));
    }

    @Test(dataProvider = "seeds")
    public void anOutline_makesTheSameTree(int seed) {
        Site site = random(seed);
        Site again = read(Site.bare(), Opml.of("Site", Outlined.pages(site, ROOT)), TOP, Matching.ADDRESS);
        assertEquals(Opml.of("", Outlined.pages(again, ROOT)), Opml.of("", Outlined.pages(site, ROOT)));
    }

    /** Whatever a file holds, what is planned can be done, and is done as it was told. */
    @Test
    public void plan_ofMutatedFiles_canBeDone() {
        Random random = new Random(11);
        Site site = small();
        for (Object[] row : new FileReadingTest().files()) {
            @SuppressWarnings("unchecked")
            List<String> whole = (List<String>) row[0];
            for (int i = 0; i < 40; i++) {
                List<SourceFile> files = IntStream.range(0, whole.size() / 2)
                        .mapToObj(at -> new SourceFile(
                                whole.get(2 * at), FileReadingTest.mutated(whole.get(2 * at + 1), random)))
                        .toList();
                if (FileFormat.read(files) instanceof Found) {
                    for (Matching matching : Matching.values()) {
                        ImportPlan plan = plan(site, files, TOP, matching);
                        assertNull(plan.refused(), told(plan));
                        Site after = done(site, plan);
                        long added = plan.rows().stream()
                                .filter(each -> each.part() == ImportRow.Part.PAGES && each.verdict() == Verdict.ADD)
                                .count();
                        assertEquals(after.pages().size(), site.pages().size() + added, told(plan));
                    }
                }
            }
        }
    }
}
