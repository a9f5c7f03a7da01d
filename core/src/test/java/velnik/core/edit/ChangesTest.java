package velnik.core.edit;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;
import static velnik.core.change.Change.Subpages.GO_TOO;
import static velnik.core.change.Change.Subpages.MOVE_UP;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.address.Addresses;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

public class ChangesTest {

    @Test
    public void page_addedRetitledAndMoved_takesItsAddressAlong() {
        brackwater()
                .adds("Paddleboards", "Hire")
                .says("Paddleboards added under Hire.")
                .addressIs("Paddleboards", "/hire/paddleboards")
                .retitles("Paddleboards", "SUP boards")
                .says("Paddleboards is now SUP boards.")
                .notices("The new title shows in Main.", "1 address changes; none was public yet.")
                .addressIs("SUP boards", "/hire/sup-boards")
                .movesUnder("Repairs", "SUP boards")
                .says("SUP boards moved under Repairs.")
                .addressIs("SUP boards", "/repairs/sup-boards")
                .movesUnder(null, "SUP boards")
                .addressIs("SUP boards", "/sup-boards");
    }

    @Test
    public void publishedPage_keepsItsSlug_andOffersAnother() {
        brackwater()
                .publishes()
                .retitles("Canoes", "Open canoes")
                .notices(
                        "The new title shows in Main.",
                        "Its address stays “canoes”, since it was public; “open-canoes” would fit the title.")
                .addressIs("Open canoes", "/hire/canoes")
                .setsSlug("Open canoes", null)
                .addressIs("Open canoes", "/hire/open-canoes");
    }

    @Test
    public void movedBranch_tellsHowManyAddressesChange() {
        brackwater()
                .publishes()
                .adds("Varnishing", "Hulls")
                .movesUnder("Moorings", "Hulls")
                .notices(
                        "4 addresses change when you publish; the 3 old ones that visitors know will forward.",
                        "The sidebar changes on 4 pages.")
                .addressIs("Wooden hulls", "/moorings/hulls/wooden-hulls");
    }

    @Test
    public void slugTakenAtTheDestination_isAdapted_andComesBack() {
        brackwater()
                .adds("Canoes 2", "Repairs")
                .retitles("Canoes 2", "Kayaks")
                .movesUnder("Hire", "Kayaks") // the first of that title, which stands there already
                .does(new Change.MovePages(List.of(new PageId("new-53")), Place.firstUnder(new PageId("hire"))))
                .notices(
                        "Another page there has that address, so Kayaks gets “kayaks-2”.",
                        "1 address changes; none was public yet.",
                        "The sidebar changes on 1 page.")
                .does(new Change.MovePages(List.of(new PageId("new-53")), Place.firstUnder(new PageId("repairs"))))
                .notices("1 address changes; none was public yet.", "The sidebar changes on 1 page.");
    }

    @Test
    public void homePage_answersAtTheRoot_whatIsBeneathKeepsItsSlug() {
        brackwater()
                .addressIs("Home", "/")
                .adds("Tide clock", "Home")
                .addressIs("Tide clock", "/home/tide-clock")
                .movesUnder("Repairs", "Home")
                .addressIs("Home", "/")
                .addressIs("Tide clock", "/repairs/home/tide-clock");
    }

    @Test
    public void heldBackBranch_tellsWhatGoesOutOfSight() {
        brackwater()
                .setsReach("Repairs", Reach.HELD_BACK)
                .says("Repairs is held back.")
                .notices("Its 11 subpages cannot be seen then either: Hulls, Wooden hulls, Fibreglass and 8 more.");
    }

    @Test
    public void branchByLinkOnly_tellsWhatListsNoLongerShow() {
        brackwater()
                .setsReach("Slipway Café", Reach.BY_LINK_ONLY)
                .notices(
                        "Lists do not show its 3 subpages then either: Menu of the week, Cakes to order and Evening suppers.");
    }

    @Test
    public void badInput_isRefusedInASentence_andNothingChanges() {
        SiteScript site = brackwater();
        PageId hire = site.page("Hire");
        PageId canoes = site.page("Canoes");
        PageId gone = new PageId("never-was");
        site.refuses(
                        new Change.RetitlePage(hire, " \t "),
                        Refusal.TitleEmpty.class,
                        "A page needs a title. Type at least one letter.")
                .refuses(
                        new Change.RetitlePage(hire, "x".repeat(10_000)),
                        Refusal.TitleTooLong.class,
                        "This has 10,000 characters; a title or a label has at most 200.")
                .refuses(
                        new Change.SetSlug(hire, "../"),
                        Refusal.SlugMalformed.class,
                        "An address is made of small letters, digits and single hyphens, at most 80 of them. “page” would do.")
                .refuses(
                        new Change.SetSlug(canoes, "-"),
                        Refusal.SlugMalformed.class,
                        "An address is made of small letters, digits and single hyphens, at most 80 of them. “page” would do.")
                .refuses(
                        new Change.SetSlug(hire, "-"),
                        Refusal.SlugReserved.class,
                        "The site itself answers at “/-”. Choose another address.")
                .refuses(
                        new Change.SetSlug(canoes, "Kayaks"),
                        Refusal.SlugTaken.class,
                        "The page Kayaks has the address “kayaks” already.")
                .refuses(
                        new Change.SetSlug(hire, "sitemap.xml"),
                        Refusal.SlugReserved.class,
                        "The site itself answers at “/sitemap.xml”. Choose another address.")
                .refuses(
                        new Change.MovePages(List.of(hire), Place.firstUnder(canoes)),
                        Refusal.UnderItself.class,
                        "Hire cannot go under itself.")
                .refuses(
                        new Change.MovePages(List.of(hire), new Place<>(null, canoes)),
                        Refusal.SiblingElsewhere.class,
                        "The page it should come after is not there any more.")
                .refuses(
                        new Change.MovePages(List.of(hire, gone), Place.top()),
                        Refusal.PageUnknown.class,
                        "That page is no longer there.")
                .refuses(
                        new Change.AddPages(List.of(Change.NewPage.open(hire, Place.top(), "Again"))),
                        Refusal.IdTaken.class,
                        "That page was added already.")
                .refuses(new Change.AddPages(List.of()), Refusal.NothingNamed.class, "Nothing is chosen.")
                .refuses(
                        new Change.SetReach(List.of(site.page("Home")), Reach.HELD_BACK),
                        Refusal.HomeStaysOpen.class,
                        "Home is the home page, and the home page is always open.")
                .refuses(
                        new Change.BeginSite("Again", "", ZoneId.of("UTC"), new MenuRowId("m"), new MenuRowId("l")),
                        Refusal.SiteBegun.class,
                        "This site was begun already.");
    }

    @Test
    public void eleventhLevel_isRefused_forNewAndForMovedPages() {
        SiteScript site = brackwater();
        String above = "Range calculator"; // level 4
        for (int level = 5; level <= 10; level++) {
            site.adds("Level " + level, above);
            above = "Level " + level;
        }
        site.refuses(
                        new Change.AddPages(List.of(Change.NewPage.open(
                                new PageId("deep"), Place.firstUnder(site.page("Level 10")), "Level 11"))),
                        Refusal.TooDeep.class,
                        "That would make 11 levels; the limit is 10.")
                .refuses(
                        new Change.MovePages(List.of(site.page("Hire")), Place.firstUnder(site.page("Level 9"))),
                        Refusal.TooDeep.class,
                        "That would make 11 levels; the limit is 10.");
    }

    @Test
    public void onePageTooMany_isRefused() {
        Outcome outcome = Changes.apply(SiteGenerator.begun(), SiteGenerator.pages(1, 20_001), Circumstances.NOBODY);
        assertEquals(
                ((Outcome.Refused) outcome).why().sentence(), "That would make 20,001 pages; the limit is 20,000.");
    }

    @Test
    public void severalChanges_areMadeAllOrNone() {
        SiteScript site = brackwater();
        Outcome outcome = Changes.applyAll(
                site.site(),
                List.of(
                        new Change.RetitlePage(site.page("Hire"), "Boats"),
                        new Change.RetitlePage(site.page("Repairs"), "")),
                Circumstances.NOBODY);
        assertEquals(((Outcome.Refused) outcome).why(), new Refusal.TitleEmpty());
        assertEquals(site.site().pages().get(site.page("Hire")).title(), "Hire");
    }

    @Test
    public void slugsOfManyPages_areSetAtOnce_orNone() {
        SiteScript script = brackwater();
        PageId hire = script.page("Hire");
        PageId canoes = script.page("Canoes");
        PageId kayaks = script.page("Kayaks");
        script.publishes()
                .does(new Change.SetSlugs(List.of(
                        new Change.PageSlug(canoes, " Kayaks "),
                        new Change.PageSlug(kayaks, "canoes"),
                        new Change.PageSlug(hire, "hire"))))
                .says("Canoes and 2 more have another address.");
        assertEquals(Addresses.of(script.site(), canoes), "/hire/kayaks");
        assertEquals(Addresses.of(script.site(), kayaks), "/hire/canoes");
        Map.of(
                        new Change.PageSlug(kayaks, "kayaks"),
                        Refusal.SlugTaken.class,
                        new Change.PageSlug(kayaks, "rowing-skiffs"),
                        Refusal.SlugTaken.class,
                        new Change.PageSlug(kayaks, "../"),
                        Refusal.SlugMalformed.class,
                        new Change.PageSlug(hire, "sitemap.xml"),
                        Refusal.SlugReserved.class,
                        new Change.PageSlug(new PageId("nobody"), "x"),
                        Refusal.PageUnknown.class)
                .forEach((wrong, why) -> script.refuses(
                        new Change.SetSlugs(List.of(new Change.PageSlug(canoes, "kayaks"), wrong)), why));
    }

    @Test
    public void topics_areSpelledOneWay_andTakenOffAgain() {
        SiteScript script = brackwater();
        PageId canoes = script.page("Canoes");
        PageId kayaks = script.page("Kayaks");
        script.does(new SortingChange.SetTopics(List.of(canoes, kayaks), Set.of(" Tide  NOTES ", "paddling"), Set.of()))
                .says("Canoes and 1 more have other topics.");
        assertEquals(script.site().pages().get(kayaks).topics(), Set.of("tide notes", "paddling"));
        script.does(new SortingChange.SetTopics(List.of(kayaks), Set.of(), Set.of("paddling")));
        assertEquals(script.site().pages().get(kayaks).topics(), Set.of("tide notes"));
        script.refuses(
                new SortingChange.SetTopics(List.of(canoes), Set.of("  "), Set.of()),
                Refusal.TopicMalformed.class,
                "A topic is a word or two. Type at least one letter.");
        script.refuses(
                new SortingChange.SetTopics(List.of(canoes), Set.of("x".repeat(61)), Set.of()),
                Refusal.TopicMalformed.class,
                "This topic has 61 characters; the limit is 60.");
        script.refuses(new Change.SetDate(List.of(), null), Refusal.NothingNamed.class, "Nothing is chosen.");
        script.does(new Change.SetDate(List.of(canoes), LocalDate.of(2026, 5, 1)))
                .says("Canoes has another date.");
        script.does(new Change.SetDate(List.of(canoes), null)).says("Canoes has no date now.");
        script.does(new SortingChange.SortPages(List.of(
                        new SortingChange.PageSorting(canoes, Set.of("Rowing"), Set.of("tide notes"), null),
                        new SortingChange.PageSorting(kayaks, Set.of("rowing "), Set.of(), LocalDate.of(2026, 5, 1)))))
                .says("Canoes and 1 more have other topics or another date.");
        assertEquals(script.site().pages().get(canoes).topics(), Set.of("paddling", "Rowing"));
        assertEquals(script.site().pages().get(kayaks).topics(), Set.of("tide notes", "Rowing"));
        assertEquals(script.site().pages().get(kayaks).date(), LocalDate.of(2026, 5, 1));
        Map.of(
                        new SortingChange.PageSorting(kayaks, Set.of(" "), Set.of(), null),
                        Refusal.TopicMalformed.class,
                        new SortingChange.PageSorting(kayaks, Set.of(), Set.of(), LocalDate.MAX),
                        Refusal.DayOutOfRange.class,
                        new SortingChange.PageSorting(new PageId("nobody"), Set.of("x"), Set.of(), null),
                        Refusal.PageUnknown.class)
                .forEach((wrong, why) -> script.refuses(
                        new SortingChange.SortPages(List.of(
                                new SortingChange.PageSorting(canoes, Set.of("undone"), Set.of(), null), wrong)),
                        why));
    }

    @Test
    public void lockedPage_isNotRemoved_norIsWhatItStandsUnder_untilItIsUnlocked() {
        SiteScript script = brackwater();
        PageId safety = script.page("Safety on the tide");
        PageId terms = script.page("Terms of hire");
        String alone = "Safety on the tide is locked, so it stays. Unlock it before you remove it.";
        script.refuses(removing(GO_TOO, safety), Refusal.PageLocked.class, alone)
                .refuses(removing(MOVE_UP, safety), Refusal.PageLocked.class, alone)
                .refuses(removing(GO_TOO, script.page("Hire")), Refusal.PageLocked.class, alone)
                .refuses(
                        removing(GO_TOO, script.page("Canoes"), terms, safety),
                        Refusal.PageLocked.class,
                        "Terms of hire and 1 more are locked, so they stay. Unlock them before you remove them.")
                .refuses(new Change.SetLock(List.of(), true), Refusal.NothingNamed.class, "Nothing is chosen.");
        script.does(removing(MOVE_UP, script.page("Hire"))).says("Hire is in the bin.");
        script.does(new Change.SetLock(List.of(safety, terms), false))
                .says("Safety on the tide and 1 more are no longer locked.");
        script.does(removing(GO_TOO, safety)).says("Safety on the tide is in the bin.");
        script.does(new Change.SetLock(List.of(terms), true)).says("Terms of hire is locked.");
    }

    private static Change removing(Change.Subpages subpages, PageId... pages) {
        return Change.RemovePages.of(new RemovalId("removal-" + pages[0]), List.of(pages), subpages);
    }

    @Test
    public void searchEngines_areAskedToLeavePagesOut_andMayListThemAgain() {
        SiteScript script = brackwater();
        PageId canoes = script.page("Canoes");
        script.refuses(new Change.SetSearchEngines(List.of(), false), Refusal.NothingNamed.class, "Nothing is chosen.");
        script.does(new Change.SetSearchEngines(List.of(canoes), false))
                .says("Search engines are asked not to list Canoes.");
        assertTrue(script.reachOf("Canoes").endsWith("; search engines are asked not to list it."));
        script.does(new Change.SetSearchEngines(List.of(canoes, script.page("Privacy")), true))
                .says("Search engines may list Canoes and 1 more.");
        assertTrue(script.reachOf("Canoes").endsWith("; search engines may list it."));
    }

    @Test
    public void moveAfterItself_isNoEdit_andSaysThatItStays() {
        SiteScript script = brackwater();
        Site before = script.site();
        PageId kayaks = script.page("Kayaks");
        script.does(new Change.MovePages(List.of(kayaks), new Place<>(script.page("Hire"), kayaks)));
        script.says("Kayaks stays where it is.");
        assertTrue(Difference.between(before, script.site()).isEmpty());
    }

    @Test
    public void daysThatCannotBeReckonedWith_areRefused() {
        LocalDate far = LocalDate.MAX;
        SiteScript script = brackwater();
        List<PageId> contact = List.of(script.page("Contact"));
        String sentence = "A day is between 1 January 1900 and 31 December 2999; " + far + " is not.";
        script.refuses(new Change.SetDate(contact, far), Refusal.DayOutOfRange.class, sentence);
        script.refuses(
                new Change.SetPeriods(contact, List.of(Period.once(null, far))), Refusal.DayOutOfRange.class, sentence);
    }

    /** Pages of one title, each with a slug of its own, as one after another would have given them. */
    @Test
    public void manyPagesOfOneTitle_getTheSlugsThatOneByOneGives() {
        SiteScript together = brackwater();
        SiteScript oneByOne = brackwater();
        List<Change.NewPage> pages = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            Change.NewPage page = Change.NewPage.open(new PageId("same-" + i), Place.top(), "The same");
            pages.add(page);
            oneByOne.does(new Change.AddPages(List.of(page)));
        }
        together.does(new Change.AddPages(pages));
        assertEquals(together.site(), oneByOne.site());
        assertEquals(together.site().pages().get(new PageId("same-59")).slug(), "the-same-60");
    }
}
