package velnik.core.listing;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.navigation.Navigation;
import velnik.core.site.Assignment.Says;
import velnik.core.site.LayoutId;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** What is in the listing of a topic, where it is, and which menus stand on it. */
public class TopicListingsTest {
    private static final Frame FRAME = new Frame(
            AddressWriter.fromRoot(),
            VisitorWords.in("en"),
            List.of("/look.css"),
            List.of(),
            List.of("/look.js"),
            null);

    private static SiteScript about(SiteScript script, String page, String... topics) {
        return script.does(new SortingChange.SetTopics(List.of(script.page(page)), Set.of(topics), Set.of()));
    }

    /** "/page-index/news: New pontoon open, …" of each listing. */
    private static Map<String, String> listings(SiteScript script, Visitor visitor) {
        Map<String, String> found = new TreeMap<>();
        TopicListings.of(script.site(), script.navigation().openings(), visitor)
                .all()
                .forEach(listing -> found.put(
                        listing.address(),
                        listing.pages().stream()
                                .map(page -> script.site().pages().get(page).title())
                                .collect(joining(", "))));
        return found;
    }

    @Test
    public void listing_holdsThePagesOfItsTopic_newestFirst_thenAsInTheTree() {
        assertEquals(
                listings(brackwater(), Visitor.NON_MEMBER),
                Map.of(
                        "/page-index/cafe", "Menu of the week",
                        "/page-index/news", "New pontoon open, Apprentice wanted, Spring tides in March, Varnish day",
                        "/page-index/tide-notes", "Spring tides in March, Safety on the tide, Reading the tide",
                        "/page-index/workshop", "Apprentice wanted, Varnish day"));
    }

    @Test
    public void listing_holdsOnlyWhatItsVisitorGets_andIsNotThereWithoutAny() {
        SiteScript script =
                brackwater().keepsForMembers("Menu of the week", "Varnish day").setsReach("News", Reach.BY_LINK_ONLY);
        assertEquals(
                listings(script, Visitor.NON_MEMBER),
                Map.of("/page-index/tide-notes", "Safety on the tide, Reading the tide"));
        assertEquals(
                listings(script, Visitor.MEMBER),
                Map.of(
                        "/page-index/cafe", "Menu of the week",
                        "/page-index/tide-notes", "Safety on the tide, Reading the tide"));
        script.setsReach("Page index", Reach.HELD_BACK);
        assertEquals(listings(script, Visitor.MEMBER), Map.of());
    }

    @Test
    public void listings_haveAddressesOfTheirOwn_thatGoWithThePageIndex() {
        SiteScript script = about(brackwater(), "Canoes", "Tide-notes", "???").setsSlug("Page index", "all");
        assertEquals(
                listings(script, Visitor.NON_MEMBER).keySet(),
                Set.of("/all/page", "/all/cafe", "/all/news", "/all/tide-notes", "/all/tide-notes-2", "/all/workshop"));
        TopicListings listings =
                TopicListings.of(script.site(), script.navigation().openings(), Visitor.MEMBER);
        assertEquals(listings.at("/All/News/").orElseThrow().topic(), "news");
        assertTrue(listings.at("/all").isEmpty());
        assertTrue(listings.at("/page-index/news").isEmpty());
    }

    private static String menus(SiteScript script, String topic, Zone zone) {
        Navigation navigation = script.navigation(Visitor.NON_MEMBER).forTopic(topic);
        return navigation.in(zone).stream().map(menu -> menu.name()).collect(joining(", "));
    }

    /** As beneath the page index: its section and its layout count, an assignment for it alone does not. */
    @Test
    public void menusOfAListing_areThoseOfAPageBeneathThePageIndex_orItsOwn() {
        SiteScript script = brackwater();
        assertEquals(menus(script, "news", Zone.HEADER), "Main");
        assertEquals(menus(script, "news", Zone.SIDEBAR), "");
        script.assigns(Zone.SIDEBAR, new Scope.Pages(Set.of(script.page("Page index"))), "Elsewhere");
        assertEquals(menus(script, "news", Zone.SIDEBAR), "", "that is for the page index alone");
        script.assigns(Zone.SIDEBAR, new Scope.Section(script.page("Page index")), "Tides");
        assertEquals(menus(script, "news", Zone.SIDEBAR), "Tides");
        script.does(new SortingChange.SetLayout(List.of(script.page("Page index")), LayoutId.LANDING));
        assertEquals(menus(script, "news", Zone.HEADER), "Short", "it has the layout of the page index");
        script.does(new MenuChange.AssignMenus(
                Zone.SIDEBAR, new Scope.OfTopic("news"), new Says.Around(List.of(), script.placed("Workshop"))));
        assertEquals(menus(script, "news", Zone.SIDEBAR), "Tides, Workshop");
        assertEquals(menus(script, "workshop", Zone.SIDEBAR), "Tides");
        assertEquals(menus(script, "news", Zone.PHONE_DRAWER), "Short");
    }

    @Test
    public void itemOfThePageIndex_isInTheTrailOfAListing_andNotCurrent() {
        SiteScript script = brackwater();
        Navigation navigation = script.navigation(Visitor.NON_MEMBER).forTopic("news");
        assertTrue(navigation.marks().values().stream()
                .allMatch(marks -> marks.current().isEmpty()));
        assertEquals(
                navigation.marks().values().stream()
                        .flatMap(marks -> marks.trail().stream())
                        .map(row -> row.item().value())
                        .distinct()
                        .sorted()
                        .toList(),
                List.of("footer-small-print", "footer-small-print-built-in-page-index"));
    }

    @Test
    public void exception_forAListingThatNobodyHas_isRefused_andOneThatLostItsTopicRests() {
        SiteScript script = brackwater();
        script.refuses(
                new MenuChange.AssignMenus(
                        Zone.SIDEBAR, new Scope.OfTopic("boats"), new Says.Instead(script.placed("Tides"))),
                Refusal.TopicUnknown.class,
                "No page has the topic boats, so it has no listing.");
        script.assigns(Zone.SIDEBAR, new Scope.OfTopic("café"), "Tides")
                .says("The sidebar of the listing of the topic café shows Tides.");
        script.does(new SortingChange.SetTopics(List.of(script.page("Menu of the week")), Set.of(), Set.of("café")));
        assertEquals(menus(script, "café", Zone.SIDEBAR), "Tides");
        script.does(new MenuChange.AssignMenus(Zone.SIDEBAR, new Scope.OfTopic("café"), null))
                .says("The sidebar of the listing of the topic café has no exception now.");
    }

    @Test
    public void pages_leadToTheListingsOfTheirTopics_whereThereAreAny() {
        SiteScript script = brackwater().keepsForMembers("Menu of the week");
        VisitorHtml html = new VisitorHtml(script.site(), script.navigation(Visitor.NON_MEMBER), FRAME);
        assertTrue(html.page(script.page("Varnish day"), "").contains("<a href=\"/page-index/workshop\">workshop</a>"));
        assertTrue(html.page(script.page("Page index"), "").contains("<a href=\"/page-index/tide-notes\">"));
        assertFalse(html.page(script.page("Page index"), "").contains("/page-index/cafe"), "for members only");
        List<String> sitemap =
                Sitemap.addresses(script.site(), script.navigation().openings());
        assertTrue(sitemap.contains("/page-index/news"));
        assertFalse(sitemap.contains("/page-index/cafe"));
    }
}
