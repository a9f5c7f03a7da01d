package velnik.core.reach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.AddressWriter;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Refusal;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.html.VisitorWords;
import velnik.core.listing.Sitemap;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.search.PageIndex;
import velnik.core.search.PageSearch;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** What members get and others do not. */
public class MembersTest {
    private static final Frame FRAME = new Frame(
            AddressWriter.fromRoot(),
            VisitorWords.in("en"),
            List.of("/look.css"),
            List.of(),
            List.of("/look.js"),
            null);
    private static final Set<Visitor> MEMBERS = Set.of(Visitor.MEMBER);
    private static final Set<Visitor> OTHERS = Set.of(Visitor.NON_MEMBER);

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {
                "open",
                to(script -> {}),
                "address item list search index sitemap trail",
                "address item list search index sitemap trail"
            },
            {
                "by link only",
                to(script -> script.setsReach("Canoes", Reach.BY_LINK_ONLY)),
                "address item sitemap trail",
                "address item sitemap trail"
            },
            {"held back", to(script -> script.setsReach("Canoes", Reach.HELD_BACK)), "", ""},
            {"closed", to(script -> script.opensFor("Canoes", Period.once(null, LocalDate.of(2026, 5, 31)))), "", ""},
            {
                "members only",
                to(script -> script.keepsForMembers("Canoes")),
                "trail",
                "address item list search index trail"
            },
            {
                "members only, as what is above it is",
                to(script -> script.keepsForMembers("Hire")),
                "trail",
                "address item list search index trail"
            },
            {
                "members only, and its item shows before signing in",
                to(script -> script.keepsForMembers("Canoes")
                        .sets(script.latest(), ItemEdit.of(edit -> edit.beforeSignIn(true)))),
                "item trail",
                "address item list search index trail"
            },
            {
                "members only, by link only",
                to(script -> script.keepsForMembers("Canoes")
                        .setsReach("Canoes", Reach.BY_LINK_ONLY)
                        .sets(script.latest(), ItemEdit.of(edit -> edit.beforeSignIn(true)))),
                "item trail",
                "address item trail"
            },
            {
                "members only, held back",
                to(script -> script.keepsForMembers("Canoes")
                        .setsReach("Canoes", Reach.HELD_BACK)
                        .sets(script.latest(), ItemEdit.of(edit -> edit.beforeSignIn(true)))),
                "",
                ""
            },
            {
                "kept from search engines",
                to(script -> script.does(new Change.SetSearchEngines(List.of(script.page("Canoes")), false))),
                "address item list search index trail",
                "address item list search index trail"
            },
        };
    }

    private static Consumer<SiteScript> to(Consumer<SiteScript> deed) {
        return deed;
    }

    @Test(dataProvider = "pages")
    public void page_isWhereItsVisitorGetsIt(String kind, Consumer<SiteScript> deed, String others, String members) {
        SiteScript script =
                brackwater().adds("Paddles", "Canoes").addsMenu("List").addsMenu("By hand");
        script.puts(ItemKind.PageList.of(new ListSource.Under(script.page("Hire")), 1), "", script.menu("List"));
        script.putsPage("Canoes", script.menu("By hand"));
        script.assigns(Zone.BELOW, new Scope.Everywhere(), "List")
                .assigns(Zone.ABOVE, new Scope.Everywhere(), "By hand");
        deed.accept(script);
        assertEquals(surfaces(script, Visitor.NON_MEMBER), others, kind);
        assertEquals(surfaces(script, Visitor.MEMBER), members, kind + ", for a member");
    }

    private static String surfaces(SiteScript script, Visitor visitor) {
        Openings openings = script.navigation().openings();
        VisitorHtml html = new VisitorHtml(script.site(), script.navigation(visitor), FRAME);
        List<String> found = new ArrayList<>();
        note(
                found,
                "address",
                Access.of(script.site(), script.page("Canoes"), openings).isGettableBy(visitor));
        note(found, "item", script.sees("Home", Zone.ABOVE, visitor).contains("Canoes"));
        note(found, "list", script.sees("Home", Zone.BELOW, visitor).contains("Canoes"));
        int hits = PageSearch.of(script.site(), openings, visitor, PageIndex.of(script.site(), page -> "", List.of()))
                .find("nine open canoes")
                .count();
        note(found, "search", hits > 0);
        note(found, "index", content(html.page(script.page("Page index"), "")).contains(">Canoes<"));
        List<String> sitemap = Sitemap.addresses(script.site(), openings);
        note(found, "sitemap", sitemap.stream().anyMatch(address -> address.endsWith("/canoes")));
        note(found, "trail", content(html.page(script.page("Paddles"), "")).contains(">Canoes</a>"));
        return String.join(" ", found);
    }

    private static void note(List<String> found, String surface, boolean isThere) {
        if (isThere) {
            found.add(surface);
        }
    }

    private static String content(String html) {
        return html.substring(html.indexOf("<main"), html.indexOf("</main>"));
    }

    @DataProvider
    public Object[][] items() {
        String nobody =
                "It is for visitors who are not members, and its page, or what is above or under it, is for members.";
        return new Object[][] {
            // what is set on the item, on the one above it, whether its page is for members; who sees it, or why nobody
            {Visitor.ANY, Visitor.ANY, false, Visitor.ANY, ""},
            {MEMBERS, Visitor.ANY, false, MEMBERS, ""},
            {OTHERS, Visitor.ANY, false, OTHERS, ""},
            {Visitor.ANY, MEMBERS, false, MEMBERS, ""},
            {Visitor.ANY, OTHERS, false, OTHERS, ""},
            {MEMBERS, MEMBERS, true, MEMBERS, ""},
            {Visitor.ANY, Visitor.ANY, true, MEMBERS, ""},
            {OTHERS, Visitor.ANY, true, Set.of(), nobody},
            {OTHERS, MEMBERS, false, Set.of(), nobody},
            {MEMBERS, OTHERS, false, Set.of(), "It is for members, and what is above or under it is for everyone else."
            },
            {Visitor.ANY, OTHERS, true, Set.of(), "It is for members, and what is above it is for everyone else."},
        };
    }

    @Test(dataProvider = "items")
    public void item_showsToThoseItIsFor(
            Set<Visitor> own, Set<Visitor> above, boolean membersOnly, Set<Visitor> seenBy, String why) {
        SiteScript script = brackwater().addsMenu("Club").assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Club");
        script.puts(new ItemKind.Text(), "Ask at the slip", script.menu("Club"));
        MenuRowId parent = script.latest();
        MenuRowId item = script.putsPage("Canoes", parent).latest();
        script.sets(parent, ItemEdit.of(edit -> edit.visitors(above)))
                .sets(item, ItemEdit.of(edit -> edit.visitors(own)));
        if (membersOnly) {
            script.keepsForMembers("Canoes");
        }
        for (Visitor visitor : Visitor.values()) {
            assertEquals(
                    script.sees("Home", Zone.SIDEBAR, visitor).contains("Canoes"),
                    seenBy.contains(visitor),
                    "" + visitor);
        }
        assertEquals(script.whyNot(item), why);
    }

    @Test
    public void heading_showsToThoseWhoSeeSomethingUnderIt() {
        SiteScript script = brackwater().keepsForMembers("Canoes").addsMenu("Club");
        script.assigns(Zone.SIDEBAR, new Scope.Everywhere(), "Club");
        MenuRowId heading = script.puts(new ItemKind.Heading(), "Boats", script.menu("Club"))
                .latest();
        script.putsPage("Canoes", heading);
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.NON_MEMBER), "");
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.MEMBER), "Boats (Canoes)");
        MenuRowId kayaks = script.putsPage("Kayaks", heading).latest();
        script.sets(kayaks, ItemEdit.of(edit -> edit.visitors(OTHERS)))
                .says("Kayaks shows to visitors who are not members.");
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.NON_MEMBER), "Boats (Kayaks)");
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.MEMBER), "Boats (Canoes)");
        script.sets(heading, ItemEdit.of(edit -> edit.visitors(MEMBERS).devices(Set.of(Device.WIDE))));
        assertEquals(script.sees("Home", Zone.SIDEBAR, Visitor.NON_MEMBER), "");
    }

    @Test
    public void group_leadsOnToWhatItsVisitorGets() {
        SiteScript script = brackwater()
                .keepsForMembers(
                        "First paddle", "Swinging moorings", "Pontoon berths", "Winter storage", "Waiting list");
        Openings openings = script.navigation().openings();
        assertEquals(
                Access.leadsOnTo(script.site(), script.page("Courses"), openings, Visitor.NON_MEMBER),
                Optional.of(script.page("Reading the tide")));
        assertEquals(
                Access.leadsOnTo(script.site(), script.page("Courses"), openings, Visitor.MEMBER),
                Optional.of(script.page("First paddle")));
        assertFalse(
                script.sees("Home", Zone.HEADER, Visitor.NON_MEMBER).contains("Moorings"), "nothing under it for them");
        assertTrue(script.sees("Home", Zone.HEADER, Visitor.MEMBER).contains("Moorings (Swinging moorings, "));
    }

    /** Those who do not see a row get the next in its place. */
    @Test
    public void limitedList_countsWhatItsVisitorSees_andFreezesAsItIs() {
        SiteScript script = brackwater().keepsForMembers("Canoes").addsMenu("Few");
        script.puts(
                ItemKind.PageList.of(new ListSource.Under(script.page("Hire")), 1)
                        .withAtMost(Optional.of(2)),
                "",
                script.menu("Few"));
        MenuRowId list = script.latest();
        script.assigns(Zone.ABOVE, new Scope.Everywhere(), "Few");
        for (int turn = 0; turn < 2; turn++) {
            assertEquals(script.sees("Home", Zone.ABOVE, Visitor.MEMBER), "Canoes, Kayaks");
            assertEquals(script.sees("Home", Zone.ABOVE, Visitor.NON_MEMBER), "Kayaks, Rowing skiffs");
            if (turn == 0) {
                script.does(new MenuChange.DetachBranch(list, script.page("Canoes"), "own"));
            }
        }
    }

    /** The owner reads no row of it that shows to nobody. */
    @Test
    public void limitedList_hasNoRowBeyondItsLimit() {
        SiteScript script = brackwater().keepsForMembers("Canoes", "Kayaks").addsMenu("One");
        script.puts(
                ItemKind.PageList.of(new ListSource.Under(script.page("Hire")), 1)
                        .withAtMost(Optional.of(1)),
                "",
                script.menu("One"));
        MenuEntry list = MenuReading.of(script.site(), script.navigation().openings(), script.menu("One"), null)
                .getFirst();
        assertEquals(
                list.rows().stream()
                        .map(row -> row.label() + " " + row.visitors())
                        .toList(),
                List.of("Canoes " + MEMBERS, "Rowing skiffs " + OTHERS));
    }

    @Test
    public void membersOnly_isToldWithWhatIsBeneath_andInTheSentenceOfReach() {
        SiteScript script = brackwater().keepsForMembers("Hire");
        script.says("Hire is for members only.").notices("6 subpages are for members only with it.");
        assertEquals(
                script.reachOf("Hire"),
                "Members can open it once signed in; Footer shows it in the footer, Main shows it in the header and the"
                        + " phone drawer; search engines do not see it.");
        assertTrue(
                script.reachOf("Canoes")
                        .startsWith("Members can open it once signed in, because Hire above it is for members only;"),
                script.reachOf("Canoes"));
        assertEquals(
                script.reachOf("Members' handbook"),
                "Members with the address can open it once signed in; no menu shows it; search engines do not see it.");
        script.does(new Change.SetMembersOnly(List.of(script.page("Hire")), false))
                .says("Hire is for everyone.");
        assertTrue(script.reachOf("Canoes").startsWith("Anyone can open it;"));
    }

    @Test
    public void signIn_isThereForAll_evenUnderAPageForMembers() {
        SiteScript script = brackwater().keepsForMembers("About us").movesUnder("About us", "Sign in");
        assertTrue(Access.of(script.site(), script.page("Sign in"), Openings.ALWAYS)
                .isGettableBy(Visitor.NON_MEMBER));
        assertFalse(Access.of(script.site(), script.page("The crew"), Openings.ALWAYS)
                .isGettableBy(Visitor.NON_MEMBER));
        VisitorHtml html = new VisitorHtml(script.site(), script.navigation(Visitor.MEMBER), FRAME);
        assertTrue(html.page(script.page("Sign in"), "").contains("<h1>Sign out</h1>"));
        assertTrue(script.sees("Home", Zone.FOOTER, Visitor.NON_MEMBER).contains("Page index, Sign in"));
        assertTrue(script.sees("Home", Zone.FOOTER, Visitor.MEMBER).contains("Page index, Sign out"));
        script.sets(new MenuRowId("footer-small-print-built-in-sign-in"), ItemEdit.label("For members"));
        assertTrue(script.sees("Home", Zone.FOOTER, Visitor.MEMBER).contains("Page index, For members"));
        assertTrue(html.page(script.page("The crew"), "").contains("noindex"));
    }

    @Test
    public void home_isForAll_whateverWasSetBefore() {
        SiteScript script = brackwater();
        script.refuses(
                new Change.SetMembersOnly(List.of(script.page("Canoes"), script.page("Home")), true),
                Refusal.HomeStaysOpen.class,
                "Home is the home page, and the home page is always open.");
        script.refuses(new Change.SetMembersOnly(List.of(), true), Refusal.NothingNamed.class, "Nothing is chosen.");
    }
}
