package velnik.core.reach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** A site as it will be once all of it is open. */
public class UnopenedTest {
    private static final Period ADVENT = Period.yearly(MonthDay.of(12, 1), MonthDay.of(12, 24));
    private static final Period LAST_YEAR = Period.once(null, LocalDate.of(2025, 12, 31));

    /** What is done to Hulls, who can get it then, and whether it counts as not yet open. */
    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {brackwater(), true, false},
            {brackwater().setsReach("Hulls", Reach.HELD_BACK), true, true},
            {brackwater().setsReach("Repairs", Reach.HELD_BACK), true, true},
            {brackwater().opensFor("Hulls", ADVENT), true, true},
            {brackwater().opensFor("Repairs", ADVENT), true, true},
            {brackwater().setsReach("Repairs", Reach.HELD_BACK).opensFor("Hulls", ADVENT), true, true},
            {brackwater().opensFor("Hulls", LAST_YEAR, ADVENT), true, true},
            {brackwater().opensFor("Hulls", LAST_YEAR), false, false},
            {brackwater().setsReach("Hulls", Reach.HELD_BACK).opensFor("Hulls", LAST_YEAR), false, true},
            {brackwater().setsReach("Hulls", Reach.BY_LINK_ONLY), true, false},
            {brackwater().keepsForMembers("Hulls"), false, false},
            {brackwater().keepsForMembers("Hulls").setsReach("Hulls", Reach.HELD_BACK), false, true},
        };
    }

    @Test(dataProvider = "pages")
    public void page_thatOpensSomeDay_isOpen(SiteScript script, boolean gettable, boolean unopened) {
        script.on("2026-06-01");
        PageId hulls = script.page("Hulls");
        Openings openings = script.navigation().openings();
        Unopened opened = Unopened.of(script.site(), openings);
        assertEquals(Access.of(opened.site(), hulls, openings).isGettableBy(Visitor.NON_MEMBER), gettable);
        assertEquals(opened.pages().contains(hulls), unopened);
    }

    /** Every page that visitors cannot get yet is one of those, and no other. */
    @Test
    public void pages_areThoseThatVisitorsCannotGet() {
        Site site = brackwater().on("2026-12-24").site();
        Openings openings = brackwater().on("2026-12-24").navigation().openings();
        Unopened opened = Unopened.of(site, openings);
        assertEquals(opened.pages(), shut(site, openings));
        assertTrue(opened.pages().size() > 2);
        assertEquals(shut(opened.site(), openings), Set.of());
        assertSame(
                Unopened.of(opened.site(), openings).site().pages(),
                opened.site().pages(),
                "nothing is left to open");
    }

    private static Set<PageId> shut(Site site, Openings openings) {
        return site.pages().walk().stream()
                .map(row -> row.id())
                .filter(page -> !Access.of(site, page, openings).isGettable())
                .collect(Collectors.toSet());
    }
}
