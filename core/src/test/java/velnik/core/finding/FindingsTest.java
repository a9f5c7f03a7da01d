package velnik.core.finding;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.figure.Clicks;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Device;
import velnik.core.site.FileContent;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** What is noticed about pages, and what is not. */
public class FindingsTest {
    private static final Period WINTER = Period.yearly(MonthDay.of(11, 1), MonthDay.of(3, 1));
    private static final Period SUMMER = Period.yearly(MonthDay.of(4, 1), MonthDay.of(10, 15));

    private static List<Finding> all(SiteScript script) {
        return Findings.of(
                script.site(),
                script.navigation(),
                Whereabouts.of(script.site(), script.navigation()),
                Clicks.of(script.site(), script.navigation(), Device.WIDE, script.texts()),
                script.texts());
    }

    private static String of(SiteScript script, String page) {
        return all(script).stream()
                .filter(finding -> finding.page().equals(script.page(page)))
                .map(finding -> finding.level() + ": " + finding.reason().sentence(script.site()))
                .collect(joining(" "));
    }

    @Test
    public void linksInTexts_leadToPages_andAreLookedAfter() {
        SiteScript script = brackwater();
        assertEquals(of(script, "Insurance work"), "HINT: " + NOBODY_LINKS);
        script.writes("Hulls", "We do [insurance work](/repairs/insurance-work) too, and [](page:never-was).")
                .writes("Canoes", "Like the [regatta](/summer-regatta).");
        assertEquals(of(script, "Insurance work"), "");
        assertEquals(
                of(script, "Hulls"),
                "PROBLEM: Its text links to a page that is no longer there; visitors read the words without a link.");
        assertEquals(
                of(script, "Canoes"),
                "WARNING: Its text links to Summer regatta, which visitors cannot get now; they read the words without"
                        + " a link.");
        script.writes("Hulls", "").does(new Change.SetReach(List.of(script.page("Summer regatta")), Reach.OPEN));
        assertEquals(of(script, "Insurance work"), "HINT: " + NOBODY_LINKS);
        assertEquals(of(script, "Hulls") + of(script, "Canoes"), "");
    }

    @Test
    public void placesThatLinksAndItemsName_areLookedAfter() {
        SiteScript script = brackwater()
                .writes("Hulls", "## Planks\n\n[](#planks) [](#decks) [](page:canoes#prices)")
                .puts(
                        new ItemKind.ToPlace(new PageId("canoes"), "terms"),
                        "Terms",
                        brackwater().menu("Footer"));
        assertEquals(
                of(script, "Hulls"),
                "WARNING: Its text links to #decks on Hulls, and no heading there has that name; visitors come to the"
                        + " beginning of the page. WARNING: Its text links to #prices on Canoes, and no heading there"
                        + " has that name; visitors come to the beginning of the page.");
        assertEquals(
                of(script, "Canoes"),
                "WARNING: “Terms” in Footer leads to #terms here, and no heading has that name; visitors come to the"
                        + " beginning of the page.");
        script.writes("Canoes", "## Prices\n\n## Small print {#terms}")
                .writes("Hulls", "## Planks\n\n## Decks\n\n[](#decks)");
        assertEquals(of(script, "Hulls") + of(script, "Canoes"), "");
    }

    @Test
    public void aPlaceForAForm_wantsOne() {
        SiteScript script = brackwater().writes("Hulls", "[](here:form)").writes("Group bookings", "[](here:form)");
        assertEquals(
                of(script, "Hulls"),
                "WARNING: Its text has a place for the enquiry form, and the page has none; nothing stands there.");
        assertFalse(of(script, "Group bookings").contains("form"));
    }

    @Test
    public void filesThatPagesName_areLookedAfter() {
        SiteScript script = brackwater().writes("Hulls", "![](file:slip) [](file:price-list)");
        assertEquals(of(script, "Hulls"), "");
        script.does(new FileChange.RemoveFiles(List.of(new FileId("slip"), new FileId("price-list"))));
        assertEquals(
                of(script, "Hulls"), "PROBLEM: It names a file that was removed; visitors read the words without it.");
        FileContent unsaid =
                script.site().findFile(new FileId("canoes")).orElseThrow().content();
        script.does(new FileChange.AddFile(new FileId("new"), "Nutshell", unsaid))
                .writes("Hulls", "![](file:new)");
        assertEquals(
                of(script, "Hulls"),
                "WARNING: Nobody has said what its picture Nutshell shows, for visitors who do not see it.");
        script.does(new FileChange.SetFile(new FileId("new"), null, ""));
        assertEquals(of(script, "Hulls"), "");
    }

    private static final String NOBODY_LINKS = "Nothing on the site leads here; only who was given the address comes.";

    /** The boatyard is well kept: what it has are the pages that its owner hands out the addresses of. */
    @Test
    public void boatyard_hasThreePagesThatNothingLeadsTo() {
        SiteScript script = brackwater();
        assertEquals(
                all(script).stream()
                        .map(finding ->
                                script.site().pages().get(finding.page()).title() + " "
                                        + finding.reason().getClass().getSimpleName())
                        .toList(),
                List.of(
                        "Group bookings OnlyByAddress",
                        "Insurance work OnlyByAddress",
                        "Members' handbook OnlyByAddress"));
    }

    private static Object[] row(String page, UnaryOperator<SiteScript> deed, String findings) {
        return new Object[] {page, deed, findings};
    }

    @DataProvider
    public Object[][] deeds() {
        return new Object[][] {
            row("Contact", script -> script, ""),
            row(
                    "Contact",
                    script -> script.keepsForMembers("Contact")
                            .sets(
                                    new MenuRowId("short-contact"),
                                    ItemEdit.of(edit -> edit.visitors(Set.of(Visitor.NON_MEMBER)))),
                    "WARNING: Nothing on the site leads here: no menu shows it, and no page lists it."
                            + " WARNING: Its item in Short shows to nobody. It is for visitors who are not members, and its"
                            + " page, or what is above or under it, is for members."),
            row(
                    "Contact",
                    script -> script.assigns(Zone.HEADER, new Scope.OfLayout(LayoutId.LANDING))
                            .assigns(Zone.FOOTER, new Scope.Everywhere()),
                    "WARNING: Nothing on the site leads here: no menu shows it, and no page lists it."),
            row("Canoes", script -> script.assigns(Zone.HEADER, new Scope.Everywhere()), ""),
            row(
                    "Swinging moorings",
                    script -> script.assigns(Zone.HEADER, new Scope.Everywhere()),
                    "WARNING: Nothing on the site leads here: no menu shows it, and no page lists it."),
            row(
                    "Group bookings",
                    script -> script,
                    "HINT: Nothing on the site leads here; only who was given the address comes."),
            row(
                    "Courses",
                    script -> script.setsReach("First paddle", Reach.HELD_BACK)
                            .setsReach("Reading the tide", Reach.BY_LINK_ONLY)
                            .opensFor("Knots in an evening", WINTER),
                    "PROBLEM: Nothing under this group is open, so its address is not found."),
            row(
                    "Hire",
                    script -> script.setsReach("Hire", Reach.HELD_BACK),
                    "WARNING: Its item in Footer shows to nobody. Its page is held back."),
            row("Junior week", script -> script, ""),
            row(
                    "Hire",
                    script -> script.putsPage("Hire", script.menu("Main")),
                    "WARNING: Main shows it more than once in the same place."),
            row(
                    "Hire",
                    script -> script.putsPage("Hire", script.menu("Main")).sets(script.latest(), ItemEdit.hidden(true)),
                    ""),
            row(
                    "Privacy",
                    script -> script.putsPage("Privacy", script.menu("Main")),
                    "HINT: Search engines are asked not to list it, though Main leads to it from the header."),
            row("Rowing skiffs", script -> script.on("2026-12-01"), ""),
            row(
                    "Winter service",
                    script -> script.opensFor("Engines", SUMMER),
                    "WARNING: Its period begins while Engines above it is closed, so it opens only when that does."),
            row(
                    "Winter service",
                    script -> script.on("2026-12-01").opensFor("Repairs", SUMMER),
                    "WARNING: Its period begins while Repairs above it is closed, so it opens only when that does."),
            row("Winter service", script -> script.opensFor("Engines", WINTER), ""),
            row(
                    "Canoes",
                    script -> script.opensFor("Canoes", Period.once(null, LocalDate.of(2026, 5, 1))),
                    "HINT: Its last day is over, so nobody sees it again."),
        };
    }

    @Test(dataProvider = "deeds")
    public void page_hasThisToBeSaidOfIt(String page, UnaryOperator<SiteScript> deed, String findings) {
        assertEquals(of(deed.apply(brackwater()), page), findings);
    }

    @Test
    public void farPage_saysHowFar() {
        SiteScript script = brackwater();
        String above = "Batteries";
        for (String title : List.of("One", "Two", "Three")) {
            script.adds(title, above);
            above = title;
        }
        script.addsMenu("Here").assigns(Zone.BELOW, new Scope.Everywhere(), "Here");
        script.puts(ItemKind.PageList.of(new ListSource.UnderVisited(), 1), "", script.menu("Here"));
        assertEquals(of(script, "One"), "HINT: It is 4 clicks from the home page.");
        assertEquals(of(script, "Batteries"), "");
    }

    /** A week before it acts, and only as long as visitors have another. */
    @Test
    public void periodThatWaits_isWarnedOfAWeekBefore() {
        SiteScript script = brackwater();
        Site live = script.site();
        script.opensFor("Hire", SUMMER);
        assertEquals(waiting(script, live, "2027-03-24"), "");
        assertEquals(
                waiting(script, live, "2027-03-26"),
                "Its period changes something on 1 April 2027, and it is not published yet.");
        assertEquals(waiting(script, script.site(), "2027-03-26"), "");
        assertEquals(
                waiting(script, live, "2027-10-14"),
                "Its period changes something on 16 October 2027, and it is not published yet.");
    }

    private static String waiting(SiteScript script, Site live, String day) {
        Instant noon = LocalDate.parse(day).atTime(12, 0).toInstant(ZoneOffset.UTC);
        return WaitingPeriods.of(script.site(), live, noon).stream()
                .map(finding -> finding.reason().sentence(script.site()))
                .collect(joining(" "));
    }
}
