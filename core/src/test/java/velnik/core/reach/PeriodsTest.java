package velnik.core.reach;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertSame;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Refusal;
import velnik.core.listing.Sitemap;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.WhenClosed;
import velnik.core.site.Zone;

/** Which days something is there, and what becomes of pages and items on the others. */
public class PeriodsTest {
    private static final Period SUMMER = Period.yearly(MonthDay.of(4, 1), MonthDay.of(10, 15));
    private static final Period WINTER = Period.yearly(MonthDay.of(11, 1), MonthDay.of(3, 1));
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @DataProvider
    public Object[][] moments() {
        Period leap = Period.yearly(MonthDay.of(2, 29), MonthDay.of(2, 29));
        Period evening = new Period.Once(
                LocalDate.of(2026, 6, 5), LocalDate.of(2026, 6, 6), LocalTime.of(18, 0), LocalTime.of(23, 30));
        Period nights =
                new Period.Yearly(MonthDay.of(12, 31), MonthDay.of(1, 1), LocalTime.of(20, 0), LocalTime.of(2, 0));
        Period autumn = Period.once(LocalDate.of(2026, 10, 25), LocalDate.of(2026, 10, 25));
        return new Object[][] {
            // the first and the last day are included
            {SUMMER, "2026-03-31T23:59", false, "1 April 2026", ""},
            {SUMMER, "2026-04-01T00:00", true, "1 April 2027", "15 October 2026"},
            {SUMMER, "2026-10-15T23:59", true, "1 April 2027", "15 October 2026"},
            {SUMMER, "2026-10-16T00:00", false, "1 April 2027", ""},
            // over the new year
            {WINTER, "2026-12-31T12:00", true, "1 November 2027", "1 March 2027"},
            {WINTER, "2027-01-01T12:00", true, "1 November 2027", "1 March 2027"},
            {WINTER, "2027-03-02T00:00", false, "1 November 2027", ""},
            // 29 February is 28 February in other years
            {leap, "2027-02-28T12:00", true, "29 February 2028", "28 February 2027"},
            {leap, "2028-02-28T12:00", false, "29 February 2028", ""},
            {leap, "2028-02-29T12:00", true, "28 February 2029", "29 February 2028"},
            // once, with one end or both
            {Period.once(LocalDate.of(2026, 6, 1), null), "2026-05-31T23:59", false, "1 June 2026", ""},
            {Period.once(LocalDate.of(2026, 6, 1), null), "2090-01-01T00:00", true, "", ""},
            {Period.once(null, LocalDate.of(2026, 6, 1)), "1066-10-14T09:00", true, "", "1 June 2026"},
            {Period.once(null, LocalDate.of(2026, 6, 1)), "2026-06-02T00:00", false, "", ""},
            // at times of day
            {evening, "2026-06-05T17:59", false, "18:00 on 5 June 2026", ""},
            {evening, "2026-06-06T23:29", true, "", "23:30 on 6 June 2026"},
            {evening, "2026-06-06T23:30", false, "", ""},
            {nights, "2027-01-01T01:59", true, "20:00 on 31 December 2027", "02:00 on 1 January 2027"},
            {nights, "2027-01-01T02:00", false, "20:00 on 31 December 2027", ""},
            // the day the clocks go back has 25 hours
            {autumn, "2026-10-25T01:30", true, "", "25 October 2026"},
            {autumn, "2026-10-25T23:59", true, "", "25 October 2026"},
        };
    }

    @Test(dataProvider = "moments")
    public void period_runsOnItsDays(Period period, String moment, boolean runs, String opens, String closes) {
        Openings openings = Openings.at(
                brackwater().site(), LocalDateTime.parse(moment).atZone(LONDON).toInstant());
        List<Period> periods = List.of(period);
        assertEquals(openings.run(periods), runs);
        assertEquals(told(openings.nextOpening(periods).orElse(null), Days.ENGLISH::opening), opens);
        assertEquals(told(openings.nextClosing(periods).orElse(null), Days.ENGLISH::closing), closes);
    }

    private static String told(@Nullable Instant moment, BiFunction<Instant, ZoneId, String> words) {
        return moment == null ? "" : words.apply(moment, LONDON);
    }

    @Test
    public void periodsThatTouch_areOne() {
        Period spring = Period.once(LocalDate.of(2026, 3, 1), LocalDate.of(2026, 5, 31));
        Period june = Period.once(LocalDate.of(2026, 6, 1), LocalDate.of(2026, 6, 30));
        SiteScript script = brackwater().on("2026-04-10").opensFor("Canoes", spring, june);
        assertEquals(
                script.reachOf("Canoes"),
                "Anyone can open it until 30 June 2026; Main shows it in the header and the phone drawer;"
                        + " search engines may list it.");
    }

    /** Law: between a moment and the next change nothing on the site opens or closes; then something does, or a day of
     * special hours is over. */
    @Test
    public void untilTheNextChange_everythingIsAsItIs() {
        Site site = brackwater().site();
        Random random = new Random(8);
        for (int i = 0; i < 500; i++) {
            Instant at = Instant.parse("2020-01-01T00:00:00Z").plusSeconds(random.nextInt(400_000_000));
            Openings now = Openings.at(site, at);
            Instant change = now.nextChange(site).orElseThrow();
            Openings before = Openings.at(site, change.minusSeconds(1));
            Openings then = Openings.at(site, change);
            assertEquals(open(site, before), open(site, now), "until " + change);
            boolean special = site.details().hours().special().stream()
                    .anyMatch(day -> then.today().minusDays(1).equals(day.next(now.today())));
            assertTrue(special || !open(site, then).equals(open(site, now)), "at " + change);
        }
    }

    private static List<Boolean> open(Site site, Openings openings) {
        return site.pages().walk().stream()
                .map(row -> Access.of(site, row.id(), openings).isGettable())
                .toList();
    }

    /** What each surface makes of a closed page, and of one beneath it. */
    @Test
    public void closedPage_isNowhere_withAllBeneathIt_andSaysWhenItOpensAgain() {
        SiteScript script = brackwater().on("2026-06-01").opensFor("Engines", WINTER);
        script.addsMenu("Extra").putsPage("Engines", script.menu("Extra"));
        MenuRowId engines = script.latest();
        script.putsPage("Batteries", script.menu("Extra"));
        MenuRowId batteries = script.latest();
        assertEquals(script.whyNot(engines), "Its page is closed until 1 November 2026.");
        assertEquals(
                script.whyNot(batteries),
                "Its page is closed until 1 November 2026, because Engines above it is closed.");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Repairs (Hulls, Sails and rigging)"));
        assertFalse(sitemap(script).contains("/repairs/engines"), "not even what is beneath it");
        assertEquals(
                script.reachOf("Engines"),
                "Nobody can see it now, because it is closed until 1 November 2026; its address is not found.");
        script.does(new Change.SetWhenClosed(List.of(script.page("Engines")), WhenClosed.OPENS_AGAIN))
                .says("At the address of Engines while closed, visitors read when it opens again.");
        assertEquals(
                script.reachOf("Batteries"),
                "Nobody can see it now, because it is closed with Engines above it until 1 November 2026;"
                        + " its address says when it opens again.");
        assertTrue(sitemap(script).contains("/repairs/engines"), "only with the notice");
        script.on("2026-11-01");
        assertEquals(script.whyNot(batteries), "");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Engines"));
    }

    @Test
    public void pageAndTheOneAboveIt_openTogether_orNever() {
        SiteScript script = brackwater().on("2026-06-01").opensFor("Engines", WINTER);
        script.opensFor("Outboards", Period.once(LocalDate.of(2027, 2, 20), LocalDate.of(2027, 11, 5)));
        assertTrue(script.reachOf("Outboards").contains("until 20 February 2027"), script.reachOf("Outboards"));
        assertTrue(script.on("2027-05-01").reachOf("Outboards").contains("until 1 November 2027"));
        assertTrue(script.on("2027-11-06").reachOf("Outboards").contains("it is closed for good;"));
        script.opensFor("Outboards", SUMMER);
        assertTrue(
                script.on("2027-05-01").reachOf("Outboards").contains("closed with Engines above it for good"),
                "they never meet");
    }

    private static List<String> sitemap(SiteScript script) {
        return Sitemap.addresses(script.site(), script.navigation().openings());
    }

    @Test
    public void reachDecides_periodsRestrict() {
        SiteScript script = brackwater().on("2026-06-01").opensFor("Junior week", SUMMER);
        script.says("Junior week is there every year from 1 April to 15 October.")
                .notices("Junior week is held back, so nobody sees it in its periods either until it is open.");
        assertEquals(script.reachOf("Junior week"), "Nobody can see it, because it is held back.");
        script.setsReach("Junior week", Reach.OPEN);
        assertTrue(script.reachOf("Junior week").startsWith("Anyone can open it until 15 October 2026;"));
        script.on("2026-11-20").setsReach("Engines", Reach.HELD_BACK);
        assertTrue(script.reachOf("Winter service").contains("because Engines above it is held back"));
    }

    @Test
    public void closingAPage_tellsWhatGoesOutOfSightWithIt() {
        SiteScript script = brackwater().on("2026-06-01").opensFor("Engines", WINTER);
        script.says("Engines is there every year from 1 November to 1 March.")
                .notices(
                        "Its 5 subpages cannot be seen then either: Outboards, Inboards, Electric conversion and 2 more.");
        script.opensFor("Engines", SUMMER).notices();
        script.opensFor("Engines").says("Engines is there always.");
    }

    @Test
    public void item_showsInItsPeriods_andWhatIsUnderItToo() {
        SiteScript script = brackwater().on("2026-06-01").addsMenu("Extra");
        script.assigns(Zone.FOOTER, new Scope.Everywhere(), "Extra");
        script.puts(new ItemKind.Heading(), "In the cold", script.menu("Extra"));
        MenuRowId heading = script.latest();
        script.putsPage("Winter storage", heading).sets(heading, ItemEdit.of(edit -> edit.periods(List.of(WINTER))));
        script.says("In the cold shows every year from 1 November to 1 March.");
        assertEquals(script.sees("Home", Zone.FOOTER), "");
        assertEquals(script.whyNot(heading), "Shows from 1 November 2026 on.");
        assertEquals(script.whyNot(script.latest()), "In the cold above it does not show.");
        script.on("2026-12-24");
        assertEquals(script.sees("Home", Zone.FOOTER), "In the cold (Winter storage)");
        script.sets(heading, ItemEdit.of(edit -> edit.periods(List.of(Period.once(null, LocalDate.of(2026, 12, 23))))));
        assertEquals(script.whyNot(heading), "Its last day is over.");
    }

    @Test
    public void rowOfAList_isDressedWithPeriods() {
        SiteScript script = brackwater().on("2026-06-01");
        script.dresses(new MenuRowId("main-list"), "News", ItemEdit.of(edit -> edit.periods(List.of(WINTER))));
        assertFalse(script.sees("Home", Zone.HEADER).contains("News"));
        assertTrue(script.on("2026-12-01").sees("Home", Zone.HEADER).contains("News (New pontoon open"));
    }

    /** A closed page keeps its row, for the owner to see, but takes nobody's place among so many. */
    @Test
    public void limitedList_countsWhatIsThere() {
        SiteScript script =
                brackwater().on("2026-06-01").opensFor("Canoes", WINTER).addsMenu("Extra");
        script.puts(
                ItemKind.PageList.of(new ListSource.Under(script.page("Hire")), 1)
                        .withAtMost(java.util.Optional.of(2)),
                "",
                script.menu("Extra"));
        script.assigns(Zone.FOOTER, new Scope.Everywhere(), "Extra");
        assertEquals(script.sees("Home", Zone.FOOTER), "Kayaks, Rowing skiffs");
        assertEquals(script.on("2026-12-01").sees("Home", Zone.FOOTER), "Canoes, Kayaks");
    }

    @Test
    public void newestList_goesByTheFirstDayOpen_whereThereIsNoDate() {
        SiteScript script = brackwater().on("2026-06-01").publishes(LocalDate.of(2026, 1, 1));
        script.opensFor("Canoes", Period.once(LocalDate.of(2026, 5, 31), null));
        script.opensFor("Kayaks", Period.once(LocalDate.of(2026, 6, 2), null)).addsMenu("Extra");
        script.puts(ItemKind.PageList.newestOf(new ListSource.Newest(), 2), "", script.menu("Extra"));
        script.assigns(Zone.FOOTER, new Scope.Everywhere(), "Extra");
        assertEquals(script.sees("Home", Zone.FOOTER), "Canoes, New pontoon open");
        assertEquals(script.on("2026-06-02").sees("Home", Zone.FOOTER), "Kayaks, Canoes");
    }

    @Test
    public void group_leadsToTheFirstThatIsThere_andIsNotShownWhereNothingIs() {
        SiteScript script = brackwater().on("2026-06-01").opensFor("First paddle", WINTER);
        assertTrue(script.reachOf("Courses").contains("leads on to Reading the tide"));
        script.opensFor("Reading the tide", WINTER).opensFor("Knots in an evening", WINTER);
        assertFalse(script.sees("Home", Zone.HEADER).contains("Courses"));
    }

    @Test
    public void home_hasNoPeriods() {
        SiteScript script = brackwater();
        script.refuses(
                new Change.SetPeriods(List.of(script.page("Canoes"), script.page("Home")), List.of(SUMMER)),
                Refusal.HomeStaysOpen.class,
                "Home is the home page, and the home page is always open.");
        Site before = script.site();
        assertSame(before.pages().get(script.page("Canoes")).periods().size(), 0);
        script.opensFor("Home").says("Home is there always.");
    }

    @DataProvider
    public Object[][] refusedPeriods() {
        LocalDate june = LocalDate.of(2026, 6, 1);
        LocalTime noon = LocalTime.NOON;
        return new Object[][] {
            {List.of(Period.once(june, june.minusDays(1)))},
            {List.of(SUMMER, new Period.Once(june, june, noon, noon))},
            {List.of(new Period.Yearly(MonthDay.of(6, 1), MonthDay.of(6, 1), noon, LocalTime.of(11, 0)))},
        };
    }

    @Test(dataProvider = "refusedPeriods")
    public void periodThatEndsBeforeItBegins_isRefused_forPagesAndItems(List<Period> periods) {
        SiteScript script = brackwater();
        String sentence = "A period ends on or after the day it begins.";
        script.refuses(
                new Change.SetPeriods(List.of(script.page("Canoes")), periods),
                Refusal.PeriodBackwards.class,
                sentence);
        script.refuses(
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(new MenuRowId("main-list"), null)),
                        ItemEdit.of(edit -> edit.periods(periods))),
                Refusal.PeriodBackwards.class,
                sentence);
    }

    @Test
    public void periodsOverTheLimit_areRefused() {
        SiteScript script = brackwater();
        script.refuses(
                new Change.SetPeriods(List.of(script.page("Canoes")), Collections.nCopies(Limits.PERIODS + 1, SUMMER)),
                Refusal.TooManyPeriods.class,
                "A page or an item has at most 20 periods; these are 21.");
    }

    @DataProvider
    public Object[][] told() {
        LocalDate june = LocalDate.of(2026, 6, 5);
        return new Object[][] {
            {List.of(), "always"},
            {List.of(SUMMER), "every year from 1 April to 15 October"},
            {List.of(Period.once(june, null), SUMMER), "from 5 June 2026 and every year from 1 April to 15 October"},
            {List.of(Period.once(null, june)), "until 5 June 2026"},
            {
                List.of(new Period.Once(june, june, LocalTime.of(18, 0), LocalTime.of(23, 30))),
                "from 18:00 on 5 June 2026 to 23:30 on 5 June 2026"
            },
        };
    }

    @Test(dataProvider = "told")
    public void periods_areTold(List<Period> periods, String words) {
        assertEquals(Days.ENGLISH.periods(periods), words);
    }

    @Test
    public void oneDay_isAPeriod() {
        LocalDate day = LocalDate.of(2026, 6, 6);
        SiteScript script = brackwater().opensFor("Canoes", Period.once(day, day));
        script.says("Canoes is there from 6 June 2026 to 6 June 2026.");
        Page page = script.site().pages().get(script.page("Canoes"));
        assertTrue(Openings.at(script.site(), day.atTime(23, 0).atZone(LONDON).toInstant())
                .run(page.periods()));
    }

    @Test
    public void timeZone_movesTheDays() {
        SiteScript script = brackwater().at("2026-04-01T00:30");
        assertTrue(script.reachOf("Rowing skiffs").startsWith("Anyone can open it until"));
        script.does(new Change.SetTimeZone(ZoneId.of("America/New_York")))
                .says("Days begin and end as in America/New_York.");
        assertTrue(script.reachOf("Rowing skiffs").startsWith("Nobody can see it now"), "still March over there");
    }
}
