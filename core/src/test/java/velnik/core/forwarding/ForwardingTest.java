package velnik.core.forwarding;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.change.SortingChange;
import velnik.core.compare.Difference;
import velnik.core.site.Forward;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

/** Rules 11 and 12: where addresses lead that no page has. */
public class ForwardingTest {
    private final Forward.Target gone = new Forward.Target.Gone();
    private SiteScript script = SiteScript.brackwater();

    private SiteScript boatyard() {
        script = SiteScript.brackwater().publishes();
        return script;
    }

    private PageId page(String title) {
        return script.page(title);
    }

    private String leads(String address) {
        return Forwarding.of(script.site())
                .at(address)
                .map(target -> switch (target) {
                    case Forward.Target.ToPage(PageId page) ->
                        script.site().pages().get(page).title();
                    case Forward.Target.ToTopic(String topic) -> "the listing of " + topic;
                    case Forward.Target.Outside(String outside) -> outside;
                    case Forward.Target.Gone none -> "gone";
                })
                .orElse("nowhere");
    }

    private static Forward.Source at(String address) {
        return new Forward.Source.At(address);
    }

    @Test
    public void branchThatMoves_isFoundByEveryAddressItHad_howeverOftenItMoves() {
        boatyard().does(new Change.SetSlug(page("Hire"), "boats"));
        assertEquals(leads("/hire/canoes"), "nowhere", "nothing is forwarded before it is published");
        script.publishes().does(new Change.SetSlug(page("Hire"), "afloat")).publishes();
        for (String old : List.of("/hire/canoes", "/boats/canoes", "/BOATS/canoes/")) {
            assertEquals(leads(old), "Canoes", old);
        }
        assertEquals(leads("/hire"), "Hire");
        script.does(new Change.SetSlug(page("Hire"), "hire")).publishes();
        assertEquals(leads("/afloat/canoes"), "Canoes", "and back");
    }

    @Test
    public void addressThatNobodyKnew_isNotForwarded() {
        boatyard()
                .does(new Change.SetReach(List.of(page("Hire")), Reach.HELD_BACK))
                .publishes()
                .does(new Change.SetSlug(page("Hire"), "boats"))
                .publishes();
        assertEquals(leads("/hire/canoes"), "Canoes", "it was public before");
        script.does(new Change.SetSlug(page("Hire"), "secret")).publishes();
        assertEquals(leads("/boats/canoes"), "nowhere");
    }

    @Test
    public void slugsOfTwoPages_areSwapped_inOnePublishing() {
        boatyard()
                .does(new Change.SetSlug(page("Canoes"), "for-now"))
                .does(new Change.SetSlug(page("Kayaks"), "canoes"))
                .does(new Change.SetSlug(page("Canoes"), "kayaks"))
                .publishes();
        script.addressIs("Canoes", "/hire/kayaks");
        script.does(new Change.SetSlug(page("Canoes"), "boats")).publishes();
        assertEquals(leads("/hire/kayaks"), "Canoes", "the last that was there");
    }

    @DataProvider
    public Object[][] removals() {
        return new Object[][] {
            {new Change.Leads.ToParent(), "Hire", "leads to Hire once you publish"},
            {new Change.Leads.ToPage(page("Contact")), "Contact", "leads to Contact once you publish"},
            {new Change.Leads.Nowhere(), "gone", "says that the page is gone once you publish"}
        };
    }

    @Test(dataProvider = "removals")
    public void removedPage_leadsWhereItWasToLead_alsoByOlderAddresses(Change.Leads to, String expected, String told) {
        boatyard().does(new Change.SetSlug(page("Canoes"), "open-canoes")).publishes();
        PageId canoes = page("Canoes");
        script.does(new Change.RemovePages(new RemovalId("gone"), List.of(canoes), Change.Subpages.GO_TOO, to));
        assertTrue(
                script.told().stream().anyMatch(notice -> notice.contains(told)),
                script.told().toString());
        script.publishes();
        assertEquals(leads("/hire/open-canoes"), expected);
        assertEquals(leads("/hire/canoes"), expected);
        script.does(new Change.Restore(new RemovalId("gone"))).publishes();
        assertEquals(leads("/hire/canoes"), "Canoes", "it is there again");
        assertTrue(script.site().forwards().isEmpty());
    }

    @Test
    public void whatARemovedPageLeadsTo_leadsOn_whenItGoesToo() {
        boatyard();
        script.does(Change.RemovePages.of(new RemovalId("one"), List.of(page("First paddle")), Change.Subpages.GO_TOO))
                .publishes();
        script.does(new Change.RemovePages(
                        new RemovalId("two"),
                        List.of(page("Courses")),
                        Change.Subpages.GO_TOO,
                        new Change.Leads.ToPage(page("Contact"))))
                .publishes();
        assertEquals(leads("/courses/first-paddle"), "Contact");
        script.refuses(
                new Change.RemovePages(
                        new RemovalId("three"),
                        List.of(page("Repairs")),
                        Change.Subpages.GO_TOO,
                        new Change.Leads.ToPage(page("Engines"))),
                Refusal.LeadsToRemoved.class,
                "Engines goes too. Choose another page, or none.");
    }

    @DataProvider
    public Object[][] byHand() {
        return new Object[][] {
            {"/old", "/old"}, {" Old/ ", "/old"}, {"old.html", "/old.html"}, {"/Old%20Page.HTML", "/old page.html"}
        };
    }

    @Test(dataProvider = "byHand")
    public void writtenByHand_anyAddressOfOldLeads(String typed, String asked) {
        boatyard()
                .does(new Change.SetForward(at(typed), new Forward.Target.ToPage(page("Canoes"))))
                .says(asked + " leads to Canoes once you publish.");
        assertEquals(leads(asked), "Canoes");
        script.does(new Change.SetForward(at(asked), gone))
                .says(asked + " says that the page is gone once you publish.");
        assertEquals(leads(asked), "gone");
        script.does(new Change.SetForward(at(typed), null)).says("The forward from " + asked + " is removed.");
        assertEquals(leads(asked), "nowhere");
    }

    @Test
    public void whatIsBeneath_leadsToo_theClosestFirst() {
        boatyard()
                .does(new Change.SetForward(
                        new Forward.Source.Beneath("/shop"), new Forward.Target.Outside("tides.example/shop")))
                .says("What is beneath /shop leads to https://tides.example/shop once you publish.");
        script.does(new Change.SetForward(
                new Forward.Source.Beneath("/shop/boats"), new Forward.Target.ToPage(page("Hire"))));
        script.does(new Change.SetForward(at("/shop/boats/oars"), gone));
        assertEquals(leads("/shop"), "https://tides.example/shop");
        assertEquals(leads("/shop/ropes/thick"), "https://tides.example/shop");
        assertEquals(leads("/shop/boats/red"), "Hire");
        assertEquals(leads("/shop/boats/oars"), "gone");
        assertEquals(leads("/shopping"), "nowhere");
    }

    @DataProvider
    public Object[][] refused() {
        Forward.Target hire = new Forward.Target.ToPage(page("Hire"));
        return new Object[][] {
            {"/hire/canoes", hire, Refusal.AddressHeld.class},
            {"/", hire, Refusal.SlugReserved.class},
            {"/-/manage", hire, Refusal.SlugReserved.class},
            {"robots.txt", hire, Refusal.SlugReserved.class},
            {"", hire, Refusal.AddressMalformed.class},
            {"/old?page=2", hire, Refusal.AddressMalformed.class},
            {"https://elsewhere.example/old", hire, Refusal.AddressMalformed.class},
            {"/" + "a".repeat(2_001), hire, Refusal.AddressMalformed.class},
            {"/old", new Forward.Target.ToPage(new PageId("never")), Refusal.PageUnknown.class},
            {"/old", new Forward.Target.Outside("javascript:alert(1)"), Refusal.LinkRefused.class},
            {"/old", new Forward.Target.Outside("two words"), Refusal.LinkRefused.class},
            {"/old", new Forward.Target.Outside("mara@brackwater.example"), Refusal.ForwardsToWebOnly.class},
            {"/old", new Forward.Target.Outside("/older"), Refusal.NoPageThere.class},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeForwarded_isRefused_andNothingChanged(
            String from, Forward.Target to, Class<? extends Refusal> why) {
        boatyard().refuses(new Change.SetForward(at(from), to), why);
    }

    @Test
    public void ownAddress_isThePageThere_andItsRemovedPagesAloneLeadOn() {
        boatyard().does(new Change.SetForward(at("/old"), new Forward.Target.Outside("/hire/canoes")));
        assertEquals(
                script.site().findForward(at("/old")).map(Forward::to),
                Optional.of(new Forward.Target.ToPage(page("Canoes"))));
        script.refuses(
                new Change.SetForward(new Forward.Source.OfRemoved(page("Canoes")), gone),
                Refusal.NotRemoved.class,
                "Canoes is not removed, so its old addresses lead to it.");
    }

    /** Rule 11 holds for listings too. */
    @Test
    public void listingOfATopic_isFoundWhereverItWas_whateverTheTopicIsCalledNow() {
        boatyard().does(new SortingChange.RenameTopic("tide notes", "Tides"));
        script.notices("Its listing moves from /page-index/tide-notes to /page-index/tides once you publish;"
                + " the old address will forward.");
        assertEquals(leads("/page-index/tide-notes"), "nowhere", "nothing is forwarded before it is published");
        script.publishes();
        assertEquals(leads("/page-index/tide-notes"), "the listing of Tides");
        script.does(
                        new SortingChange.RenameTopic("Tides", "workshop"),
                        new Change.SetSlug(Site.idOfBuiltIn(PageKind.PAGE_INDEX), "all"))
                .publishes();
        for (String old : List.of("/page-index/tide-notes", "/page-index/tides", "/Page-Index/Workshop/")) {
            assertEquals(leads(old), "the listing of workshop", old);
        }
        script.does(new SortingChange.RemoveTopic("workshop"));
        script.notices(
                "Its listing, /all/workshop, says that it is gone once you publish.",
                "1 list in the menus has nothing to show now.");
        script.publishes();
        assertEquals(leads("/page-index/tide-notes"), "gone");
        assertEquals(leads("/all/workshop"), "gone");
    }

    /** A browser may remember for an hour where the old address led. */
    @Test
    public void listingOfATopicWhoseNewNameIsTakenBack_isFoundByThatNameToo() {
        Site before = boatyard().site();
        script.does(new SortingChange.RenameTopic("tide notes", "Tides"));
        Difference renamed = Difference.between(before, script.site());
        script.publishes().undoes(renamed).publishes();
        assertEquals(leads("/page-index/tides"), "the listing of tide notes");
        script.undoes(renamed.reversed()).publishes();
        assertEquals(leads("/page-index/tide-notes"), "the listing of Tides", "and forth");
    }

    @Test
    public void listingOfHeldBackPages_wasNeverPublic() {
        boatyard()
                .setsReach("Canoes", Reach.HELD_BACK)
                .does(new SortingChange.SetTopics(List.of(page("Canoes")), Set.of("secret"), Set.of()))
                .publishes()
                .does(new SortingChange.RenameTopic("secret", "quiet"))
                .publishes();
        assertEquals(leads("/page-index/secret"), "nowhere");
    }

    @Test
    public void pageThatTakesAnAddress_isSaidBefore() {
        boatyard()
                .does(new Change.SetSlug(page("Canoes"), "open-canoes"))
                .publishes()
                .does(new Change.SetSlug(page("Kayaks"), "canoes"));
        assertTrue(
                script.told()
                        .contains("/hire/canoes leads to Canoes today. Once you publish, Kayaks is there instead."),
                script.told().toString());
    }
}
