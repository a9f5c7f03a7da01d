package velnik.core.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.RandomEdits;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.listing.Sitemap;
import velnik.core.listing.TopicListings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.sample.Brackwater;
import velnik.core.search.PageIndex;
import velnik.core.search.PageSearch;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.Look;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

public class VisitorHtmlTest {
    private static final Frame FRAME = new Frame(
            AddressWriter.fromRoot(),
            VisitorWords.in("en"),
            List.of("/look.css"),
            List.of(),
            List.of("/look.js"),
            null);

    @Test
    public void page_isAsReviewed() throws IOException {
        isAsReviewed("canoes", html(brackwater(), "Canoes", FRAME));
    }

    @Test
    public void sidebar_marksWhereOneIs_asReviewed() throws IOException {
        isAsReviewed("engines-sidebar", zone(Zone.SIDEBAR, html(brackwater(), "Engines", FRAME)));
    }

    @Test
    public void layout_isNamedForTheStyleSheet() {
        assertTrue(html(brackwater(), "Group bookings", FRAME).contains("<div class=\"ground layout-landing\">"));
    }

    /** Zones that lay a menu out alike give the same, but for the classes that name the form and size. */
    @DataProvider
    public Object[][] zones() {
        return new Object[][] {
            {Zone.HEADER, Zone.HEADER},
            {Zone.PHONE_DRAWER, Zone.PHONE_DRAWER},
            {Zone.ABOVE, Zone.ABOVE},
            {Zone.BELOW, Zone.ABOVE},
            {Zone.FOOTER, Zone.SIDEBAR},
            {Zone.SIDEBAR, Zone.SIDEBAR},
            {Zone.BESIDE, Zone.SIDEBAR},
        };
    }

    /** What is beneath an item side by side, and one at a time with more of it side by side; as a list on phones. */
    @Test
    public void arrangements_areAsReviewed() throws IOException {
        SiteScript script = brackwater();
        List.copyOf(script.site().assignments())
                .forEach(gone -> script.does(new MenuChange.AssignMenus(gone.zone(), gone.scope(), null)));
        script.addsMenu("Arranged").assigns(Zone.HEADER, new Scope.Everywhere(), "Arranged");
        MenuRowId arranged = script.menu("Arranged");
        script.puts(new ItemKind.Heading(), "On the water", arranged);
        MenuRowId water = script.latest();
        script.sets(
                water,
                ItemEdit.of(edit ->
                        edit.arrangement(Appearance.Arrangement.THREE_BESIDE).panel(Appearance.Panel.ACROSS)));
        script.puts(new ItemKind.Heading(), "Hire", water).putsPage("Canoes", script.latest());
        script.putsPage("Moorings", water).putsPage("Swinging moorings", script.latest());
        script.puts(new ItemKind.Heading(), "Ashore", arranged);
        MenuRowId ashore = script.latest();
        script.sets(ashore, ItemEdit.of(edit -> edit.arrangement(Appearance.Arrangement.SWITCHED_AT_START)));
        script.putsPage("News", ashore);
        script.putsPage("Repairs", ashore);
        script.sets(script.latest(), ItemEdit.of(edit -> edit.arrangement(Appearance.Arrangement.TWO_BESIDE)));
        script.putsPage("Engines", script.latest());
        isAsReviewed("arranged-header", zone(Zone.HEADER, html(script, "Canoes", FRAME)));
        isAsReviewed("arranged-phone-drawer", zone(Zone.PHONE_DRAWER, html(script, "Canoes", FRAME)));
        script.assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Arranged");
        isAsReviewed("arranged-sidebar", zone(Zone.SIDEBAR, html(script, "Canoes", FRAME)));
    }

    /** One item of each kind, with each option, in a zone of its own. */
    @Test(dataProvider = "zones")
    public void everyKindOfItem_isAsReviewed(Zone zone, Zone alike) throws IOException {
        SiteScript script = brackwater();
        List.copyOf(script.site().assignments())
                .forEach(gone -> script.does(new MenuChange.AssignMenus(gone.zone(), gone.scope(), null)));
        script.addsMenu("Kinds").assigns(zone, new Scope.Everywhere(), "Kinds");
        MenuRowId kinds = script.menu("Kinds");
        script.putsPage("Moorings", kinds).putsPage("Canoes", kinds);
        script.sets(
                script.latest(), ItemEdit.of(edit -> edit.label("Open <canoes>").weight(Appearance.Weight.STRONG)));
        script.putsPage("Swinging moorings", script.latest());
        script.puts(new ItemKind.WebLink("https://tides.example/?a=1&b=2"), "Tides", kinds)
                .sets(
                        script.latest(),
                        ItemEdit.of(edit -> edit.newTab(true)
                                .note("Height above chart datum")
                                .relation(Appearance.Relation.NOT_VOUCHED_FOR)
                                .accent(true)
                                .hook("tide-table")));
        script.puts(new ItemKind.WebLink("/list.pdf"), "The list", kinds)
                .sets(
                        script.latest(),
                        ItemEdit.of(
                                edit -> edit.weight(Appearance.Weight.BUTTON).farEnd(true)));
        script.puts(new ItemKind.Mail("yard@brackwater.example"), "", kinds)
                .sets(script.latest(), ItemEdit.of(edit -> edit.icon("mail").iconAlone(true)));
        script.puts(new ItemKind.Phone("01632 960 983"), "", kinds)
                .sets(script.latest(), ItemEdit.of(edit -> edit.icon("phone").devices(Set.of(Device.PHONE))));
        script.puts(new ItemKind.Text(), "Ask Jo", kinds)
                .sets(script.latest(), ItemEdit.of(edit -> edit.picture("slip")));
        script.puts(new ItemKind.Heading(), "Short", kinds)
                .puts(new ItemKind.OtherMenu(script.menu("Short")), "", script.latest());
        script.puts(ItemKind.PageList.of(new ListSource.Under(script.page("Engines")), 1), "Engines", kinds);
        isAsReviewed(
                "kinds-" + Slugs.fromTitle(alike.name()),
                zone(zone, html(script, "Canoes", FRAME))
                        .replaceFirst("<nav.*?>", "<nav>")
                        .replaceAll("menu \\w+ size-\\w+", "menu"));
    }

    /** A block of each kind: on the first level of a row, where words open them, under items, and in a drawer. */
    @Test
    public void blocks_areAsReviewed() throws IOException {
        SiteScript script = brackwater();
        script.addsMenu("Blocks").assigns(Zone.HEADER, new Scope.Everywhere(), "Blocks");
        MenuRowId menu = script.menu("Blocks");
        script.puts(new ItemKind.Heading(), "Come <by>", menu);
        MenuRowId panel = script.latest();
        script.puts(new ItemKind.Block.Words("Ring & come.\nTwice."), "", panel)
                .puts(new ItemKind.Block.Words("Shut."), "In <winter>", panel)
                .puts(new ItemKind.Block.Picture(new FileId("slip"), ItemKind.Block.Side.START), "Low <water>", panel)
                .puts(new ItemKind.Block.SummaryOf(script.page("Winter storage")), "", panel)
                .puts(new ItemKind.Block.PositionMap(), "", panel)
                .puts(new ItemKind.Block.ContactCard(), "", panel);
        script.puts(new ItemKind.Block.SearchField(), "", menu);
        script.putsPage("Moorings", script.latest());
        script.puts(new ItemKind.Block.FormOf(script.page("Group bookings")), "", menu);
        isAsReviewed("blocks-header", zone(Zone.HEADER, html(script, "Canoes", FRAME)));
        isAsReviewed("blocks-phone-drawer", zone(Zone.PHONE_DRAWER, html(script, "Canoes", FRAME)));
    }

    /** Where one shows at a time, a word opens each block, with how the item shows. */
    @Test
    public void switchedBlocks_areAsReviewed() throws IOException {
        SiteScript script = brackwater();
        script.addsMenu("Blocks").assigns(Zone.HEADER, new Scope.Everywhere(), "Blocks");
        script.puts(new ItemKind.Heading(), "Come by", script.menu("Blocks"));
        MenuRowId panel = script.latest();
        script.sets(panel, ItemEdit.of(edit -> edit.arrangement(Appearance.Arrangement.SWITCHED_AT_START)));
        script.puts(new ItemKind.Block.Words("Ring first."), "Before you come", panel)
                .sets(
                        script.latest(),
                        ItemEdit.of(
                                edit -> edit.icon("phone").note("By the tide").hook("ring")))
                .puts(new ItemKind.Block.SummaryOf(script.page("Winter storage")), "", panel)
                .sets(script.latest(), ItemEdit.of(edit -> edit.newTab(true)));
        isAsReviewed("blocks-switched", zone(Zone.HEADER, html(script, "Canoes", FRAME)));
    }

    @DataProvider
    public Object[][] looks() {
        return Arrays.stream(Look.values()).map(look -> new Object[] {look}).toArray(Object[][]::new);
    }

    /** Another look loses nothing: in each zone the same links, in the same order, whatever form the look gives it. */
    @Test(dataProvider = "looks")
    public void everyLook_leadsToTheSame_inEachZone(Look look) {
        SiteScript script = brackwater();
        script.addsMenu("Far").assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Far");
        script.putsPage("Privacy", script.menu("Far"));
        for (String page : List.of("Home", "Outboards", "Sign in")) {
            String before = html(script.does(new LookChange.SetLook(Look.STAITHE)), page, FRAME);
            String after = html(script.does(new LookChange.SetLook(look)), page, FRAME);
            assertTrue(after.contains("data-look=\"" + look.word() + "\""));
            for (Zone zone : List.of(Zone.HEADER, Zone.PHONE_DRAWER, Zone.SIDEBAR, Zone.FOOTER)) {
                if (before.contains("data-zone=\"" + zone.name() + "\"")) {
                    assertEquals(
                            links(zone(zone, after)), links(zone(zone, before)), look + " " + zone + " of " + page);
                }
            }
        }
    }

    private static List<String> links(String html) {
        return Pattern.compile("<a href=\"([^\"]*)\"")
                .matcher(html)
                .results()
                .map(link -> link.group(1))
                .toList();
    }

    @Test
    public void builtInPages_areAsReviewed() throws IOException {
        SiteScript script = brackwater();
        isAsReviewed("page-index", text(html(script, "Page index", FRAME)));
        isAsReviewed("search", text(html(script, "Search", FRAME)));
        TopicListings.Listing news = TopicListings.of(
                        script.site(), script.navigation().openings(), Visitor.NON_MEMBER)
                .of("news")
                .orElseThrow();
        isAsReviewed(
                "topic-listing",
                text(new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), FRAME).topic(news)));
        isAsReviewed("sign-in", text(html(script, "Sign in", FRAME)));
        isAsReviewed("not-found", text(html(script, "Not found", FRAME)));
        PageSearch.Found found = PageSearch.of(
                        script.site(),
                        Openings.ALWAYS,
                        Visitor.NON_MEMBER,
                        PageIndex.of(script.site(), page -> "", List.of()))
                .find("<b>tide");
        isAsReviewed(
                "search-found",
                text(new VisitorHtml(script.site(), script.navigation(), FRAME)
                        .found(script.page("Search"), "<b>tide", found)));
    }

    @Test
    public void builtInPages_thatAreHeldBack_areOfferedNowhere() {
        SiteScript script = brackwater().setsReach("Search", Reach.HELD_BACK).setsReach("Page index", Reach.HELD_BACK);
        String notFound = new VisitorHtml(script.site(), script.navigation(), FRAME).notFound();
        assertFalse(notFound.contains("/search"), notFound);
        assertTrue(notFound.contains("<h1>Not found</h1>"), notFound);
        String found = new VisitorHtml(script.site(), script.navigation(), FRAME)
                .found(script.page("Search"), "never", PageSearch.Found.NOTHING);
        assertFalse(found.contains("/page-index"), found);
    }

    @Test
    public void closedPage_isKeptFromSearchEngines_onlyWhereVisitorsDoNotGetIt() {
        SiteScript script = brackwater().on("2026-12-01");
        String announced =
                new VisitorHtml(script.site(), script.navigation(), FRAME).closed(script.page("Rowing skiffs"));
        assertTrue(announced.contains("Opens again on 1 April 2027."), announced);
        assertFalse(announced.contains("noindex"), announced);
        assertTrue(html(script, "Rowing skiffs", FRAME).contains("noindex"), "as the owner sees it");
    }

    @Test
    public void searchItself_mayBeListed_butNoAnswerOfIt() {
        SiteScript script = brackwater();
        assertTrue(html(script, "Search", FRAME).contains("noindex"), "as it is born");
        script.does(new Change.SetSearchEngines(List.of(script.page("Search")), true));
        assertFalse(html(script, "Search", FRAME).contains("noindex"));
        String answer = new VisitorHtml(script.site(), script.navigation(), FRAME)
                .found(script.page("Search"), "tide", PageSearch.Found.NOTHING);
        assertTrue(answer.contains("noindex"), answer);
        assertTrue(Sitemap.addresses(script.site(), Openings.ALWAYS).contains("/search"));
    }

    private static String text(String html) {
        return html.substring(html.indexOf("<main"), html.indexOf("</main>"));
    }

    private static String zone(Zone zone, String html) {
        Matcher found = Pattern.compile("<nav [^>]*data-zone=\"" + zone + "\">.*?</nav>\n", Pattern.DOTALL)
                .matcher(html);
        assertTrue(found.find(), html);
        return found.group();
    }

    /** The reviewed pages are in src/test/resources/golden; a page that came out otherwise is left in target/golden. */
    private static void isAsReviewed(String called, String html) throws IOException {
        String name = called + ".html";
        Path made = Files.createDirectories(Path.of("target/golden")).resolve(name);
        Files.writeString(made, html);
        try (var reviewed = VisitorHtmlTest.class.getResourceAsStream("/golden/" + name)) {
            assertTrue(reviewed != null, "no reviewed page golden/" + name);
            assertEquals(html, new String(reviewed.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    @Test
    public void markupInATitle_isShownAsItIsTyped() {
        SiteScript script = brackwater().adds("<img src=x onerror=alert(1)>\"'", "Hire");
        String html = html(script, "Home", FRAME);
        assertFalse(html.contains("<img src=x"), html);
        assertTrue(html.contains("&lt;img src=x onerror=alert(1)&gt;"));
    }

    @Test
    public void everyAddress_goesThroughTheWriter() {
        Frame window = new Frame(
                AddressWriter.under("/-/window/t0k3n"),
                VisitorWords.in("en"),
                List.of("/look.css"),
                List.of(),
                List.of(),
                "Not open yet.");
        String html = html(brackwater(), "Canoes", window);
        assertTrue(html.contains("<p class=\"band\" role=\"note\">Not open yet.</p>"));
        assertTrue(html.contains("href=\"/-/window/t0k3n/hire/kayaks\""));
        assertFalse(html.contains("href=\"/hire"), "a link leads out of the window");
    }

    @Test
    public void heldBackPages_areNowhereInThePageSource() {
        SiteScript script = brackwater().setsReach("Hulls", Reach.HELD_BACK);
        for (String page : List.of("Home", "Repairs", "Contact")) {
            String html = html(script, page, FRAME);
            assertFalse(html.contains("regatta") || html.contains("hulls"), page);
        }
        List<String> sitemap = Sitemap.addresses(script.site(), Openings.ALWAYS);
        String all = sitemap.toString();
        assertFalse(all.contains("regatta") || all.contains("hulls") || all.contains("privacy"));
        assertTrue(sitemap.contains("/hire/group-bookings"));
        assertFalse(sitemap.contains("/moorings"), "a group has no content to list");
    }

    @DataProvider
    public Object[] seeds() {
        return IntStream.range(0, 12).boxed().toArray();
    }

    /** What pages share is no other than what each would have by itself. */
    @Test(dataProvider = "seeds")
    public void pagesMadeTogether_areThoseMadeAlone(int seed) {
        Site site = RandomEdits.applied(Brackwater.site(), seed, 60);
        SiteNavigation navigation = SiteNavigation.of(site, Instant.parse("2026-06-15T10:00:00Z"), Visitor.NON_MEMBER);
        VisitorHtml together = new VisitorHtml(site, navigation, FRAME);
        for (Branch<PageId, Page> row : site.pages().walk()) {
            assertEquals(
                    together.page(row.id(), "Text."),
                    new VisitorHtml(site, navigation, FRAME).page(row.id(), "Text."),
                    row.value().title());
        }
    }

    private static String html(SiteScript script, String title, Frame frame) {
        return new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), frame)
                .page(script.page(title), "Text.");
    }
}
