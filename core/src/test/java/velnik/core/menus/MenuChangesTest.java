package velnik.core.menus;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotNull;
import static org.testng.Assert.assertNull;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Refusal;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

public class MenuChangesTest {
    private static final MenuRowId LIST = new MenuRowId("main-list");

    @Test
    public void menu_isAddedNamedFilledCopiedSetAsideAndRemoved() {
        SiteScript script = brackwater().addsMenu("Spring").says("Spring is a new menu.");
        MenuRowId spring = script.menu("Spring");
        script.does(new MenuChange.RenameMenu(spring, " Early  spring ")).says("Spring is now called Early spring.");
        script.putsPage("Canoes", spring).says("Canoes added to Early spring.");
        MenuRowId canoes = script.latest();
        script.puts(new ItemKind.WebLink("tides.example"), "", canoes).says("tides.example added under Canoes.");
        script.does(new MenuChange.CopyMenuRow(spring, "copy"))
                .says("Early spring copied; the copy comes right after it.");
        assertEquals(script.site().menus().walk(script.menu("Early spring 2")).size(), 3);
        script.does(new MenuChange.SetAside(List.of(spring), true))
                .says("Early spring is set aside and not shown anywhere.");
        script.removes(spring).says("The menu Early spring is in the bin.").notices("2 items under it go too.");
        script.removes(script.menu("Footer"))
                .notices("Footer was shown in 1 place and is gone from there.", "15 items under it go too.");
        assertEquals(script.sees("Home", Zone.FOOTER), "Pictures, Write to us, 01632 960 983, On the web");
    }

    @Test
    public void label_followsThePage_untilThereIsAnOwnOne_andAgainAfterwards() {
        SiteScript script = brackwater();
        script.dresses(LIST, "Canoes", ItemEdit.label("Open canoes")).says("Canoes reads Open canoes now.");
        script.retitles("Canoes", "Canadian canoes")
                .notices("1 item keeps its own label.", "1 address changes; none was public yet.");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Hire (Open canoes, "));
        script.dresses(LIST, "Canadian canoes", ItemEdit.label(" "))
                .says("Open canoes follows what it leads to again.");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Hire (Canadian canoes, "));
        assertTrue(
                !((ItemKind.PageList) script.site().item(LIST).kind()).dressed().containsKey(script.page("Kayaks")));
        script.retitles("Find us", "How to find us")
                .notices("The new title shows in Main and Footer.", "1 address changes; none was public yet.");
    }

    @Test
    public void manyItems_takeOneEdit_andKeepWhatItDoesNotName() {
        SiteScript script = brackwater();
        script.does(new MenuChange.SetItems(
                        List.of(row("elsewhere-pictures"), row("elsewhere-write-to-us")),
                        ItemEdit.of(edit -> edit.weight(Appearance.Weight.STRONG))))
                .says("Pictures and 1 more show another way.");
        Appearance pictures =
                script.site().item(new MenuRowId("elsewhere-pictures")).appearance();
        assertEquals(pictures.weight(), Appearance.Weight.STRONG);
        assertEquals(pictures.icon(), "boat");
        assertTrue(pictures.newTab());
        script.does(new MenuChange.SetItems(
                        List.of(row("elsewhere-pictures"), new MenuChange.RowName(LIST, script.page("News"))),
                        ItemEdit.hidden(true)))
                .says("Pictures and 1 more are hidden.");
        assertTrue(!script.sees("Home", Zone.HEADER).contains("News"));
        assertEquals(script.sees("Home", Zone.FOOTER).endsWith("| Write to us, 01632 960 983, On the web"), true);
    }

    private static MenuChange.RowName row(String id) {
        return new MenuChange.RowName(new MenuRowId(id), null);
    }

    @Test
    public void newItems_beginAsTheirMenuSays_andThoseThereStayAsTheyAre() {
        SiteScript script = brackwater();
        MenuRowId menu = script.menu("Elsewhere");
        List<Appearance> there = appearances(script, menu);
        ItemEdit begin = ItemEdit.of(edit -> edit.icon("anchor").iconAlone(true).newTab(true));
        script.does(new MenuChange.SetNewItems(menu, begin))
                .says("New items of Elsewhere begin another way; those there stay as they are.");
        assertEquals(appearances(script, menu), there);
        MenuRowId club = script.puts(new ItemKind.WebLink("club.example"), "The club", menu)
                .latest();
        MenuRowId beneath = script.putsPage("Canoes", club).latest();
        MenuRowId elsewhere = script.putsPage("Canoes", script.menu("Short")).latest();
        Appearance begun =
                Appearance.PLAIN.withIcon("anchor").withIconAlone(true).withNewTab(true);
        assertEquals(script.site().item(club).appearance(), begun);
        assertEquals(script.site().item(beneath).appearance(), begun, "at any level");
        assertEquals(script.site().item(elsewhere).appearance(), Appearance.PLAIN, "only in this menu");
        script.does(new MenuChange.PlacePages(
                List.of(new MenuChange.NewPlace(menu, new MenuRowId("placed"), script.page("Kayaks"), ""))));
        assertEquals(script.site().item(new MenuRowId("placed")).appearance(), begun);
        script.lets("Elsewhere", new Joining.From.TopLevel(), Joining.Spot.AT_END)
                .adds("Paddleboards", null);
        assertEquals(script.site().item(script.joined("Elsewhere").getFirst()).appearance(), begun);
        script.does(new MenuChange.MoveItems(List.of(elsewhere), Place.firstUnder(menu), null));
        assertEquals(script.site().item(elsewhere).appearance(), Appearance.PLAIN, "what moves in is no new item");
        script.does(new MenuChange.CopyMenuRow(menu, "copy"))
                .puts(new ItemKind.Text(), "Here", script.menu("Elsewhere 2"));
        assertEquals(script.site().item(script.latest()).appearance(), begun, "a copy begins them so too");
    }

    private static List<Appearance> appearances(SiteScript script, MenuRowId menu) {
        return script.site().menus().childrenOf(menu).stream()
                .map(row -> ((MenuRow.Item) row.value()).appearance())
                .toList();
    }

    @Test
    public void items_moveBetweenMenus_withWhatIsUnderThem() {
        SiteScript script = brackwater();
        MenuRowId afloat = new MenuRowId("footer-afloat");
        script.does(new MenuChange.MoveItems(List.of(afloat), Place.firstUnder(script.menu("Short")), null))
                .says("Afloat moved to Short.");
        assertEquals(
                script.sees("Group bookings", Zone.HEADER), "Afloat (Hire, Repairs, Moorings, Courses), Home, Contact");
        script.does(new MenuChange.MoveItems(
                List.of(new MenuRowId("short-contact")),
                new Place<>(afloat, new MenuRowId("footer-afloat-hire")),
                null));
        assertEquals(
                script.sees("Group bookings", Zone.HEADER), "Afloat (Hire, Contact, Repairs, Moorings, Courses), Home");
        Anchor first = Anchor.FIRST;
        script.does(new MenuChange.MoveItems(List.of(afloat), new Place<>(LIST, null), first))
                .says("Afloat moved to Main.");
        assertTrue(script.sees("Home", Zone.HEADER).startsWith("Afloat (Hire, Contact, "));
        assertEquals(script.site().item(afloat).anchor(), first);
        script.dresses(LIST, "Hire", ItemEdit.label("Boats"));
        script.does(new MenuChange.MoveItems(
                        List.of(afloat),
                        new Place<>(LIST, null),
                        new Anchor(script.page("Hire"), List.of(script.page("Canoes")), null)))
                .says("Afloat moved under Boats.");
    }

    @Test
    public void frozenList_showsVisitorsWhatItShowed() {
        for (MenuRowId list : List.of(LIST, new MenuRowId("workshop-in-the-workshop"))) {
            SiteScript script = brackwater().keepsForMembers("Moorings", "Hulls");
            script.dresses(LIST, "Hire", ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))))
                    .dresses(LIST, "Courses", ItemEdit.hidden(true))
                    .dresses(LIST, "News", ItemEdit.of(edit -> edit.visitors(Set.of(Visitor.NON_MEMBER))))
                    .sets(LIST, ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
            isSeenAlike(script, new MenuChange.FreezeList(list, "frozen"));
            boolean remains = script.site().menus().contains(list);
            assertTrue(!remains || script.site().item(list).kind() instanceof ItemKind.Heading);
        }
    }

    @Test
    public void frozenListForSomeVisitors_showsToNoOthers() {
        for (Visitor visitor : Visitor.values()) {
            SiteScript script = brackwater().keepsForMembers("Moorings");
            script.dresses(LIST, "News", ItemEdit.of(edit -> edit.visitors(Set.of(Visitor.NON_MEMBER))))
                    .sets(LIST, ItemEdit.of(edit -> edit.visitors(Set.of(visitor))));
            isSeenAlike(script, new MenuChange.FreezeList(LIST, "frozen"));
        }
    }

    private static void isSeenAlike(SiteScript script, Change change) {
        List<String> before = seen(script);
        script.does(change);
        assertEquals(seen(script), before, change.toString());
    }

    private static List<String> seen(SiteScript script) {
        return Stream.of(Zone.values())
                .flatMap(zone -> Stream.of(Visitor.values())
                        .map(visitor -> zone + " " + visitor + ": " + script.sees("Engines", zone, visitor)))
                .toList();
    }

    @Test
    public void detachedBranch_staysInPlace_andNoLongerFollows() {
        SiteScript script = brackwater();
        String before = script.sees("Home", Zone.HEADER);
        script.does(new MenuChange.DetachBranch(LIST, script.page("Repairs"), "own"))
                .says("Repairs is its own item now and stays where it is.");
        assertEquals(script.sees("Home", Zone.HEADER), before);
        script.does(new Change.MovePages(List.of(script.page("Repairs")), Place.top()));
        assertEquals(script.sees("Home", Zone.HEADER), before, "the page moved, its item did not");
        script.does(new MenuChange.DetachBranch(LIST, script.page("Canoes"), "owner"));
        assertEquals(script.sees("Home", Zone.HEADER), before);
    }

    @Test
    public void menuDeeperThanItsZoneShows_isToldWhenItIsAssigned() {
        SiteScript script = brackwater().addsMenu("Deep");
        MenuRowId parent = script.menu("Deep");
        for (int level = 1; level <= 9; level++) {
            script.puts(new ItemKind.Text(), "Level " + level, parent);
            parent = script.latest();
        }
        script.assigns(Zone.HEADER, new Scope.Everywhere(), "Deep")
                .says("The header of every page shows Deep.")
                .notices("Deep has 9 levels; the header shows 2 of them.");
        assertEquals(script.sees("Home", Zone.HEADER), "Level 1 (Level 2)");
        assertTrue(script.sees("Home", Zone.PHONE_DRAWER).contains("Level 9"));
    }

    @Test
    public void menuOfWhichHeadingsAloneWouldShow_isTold() {
        SiteScript script = brackwater().addsMenu("Deep");
        MenuRowId parent = script.menu("Deep");
        for (int level = 1; level <= 3; level++) {
            script.puts(level < 3 ? new ItemKind.Heading() : new ItemKind.Text(), "Level " + level, parent);
            parent = script.latest();
        }
        script.assigns(Zone.HEADER, new Scope.Everywhere(), "Deep")
                .notices(
                        "Deep has 3 levels; the header shows 2 of them. Those are headings, which show only with what is"
                                + " under them, so nothing of Deep is seen there until more levels show.");
        assertEquals(script.sees("Home", Zone.HEADER), "");
    }

    @Test
    public void menuThatStandsOtherwise_isToldWithHow() {
        SiteScript script = brackwater().addsMenu("Deep").assigns(Zone.HEADER, new Scope.Everywhere(), "Deep");
        Placing behindAButton = Placing.AS_THE_ZONE.withForm(Placing.Form.BUTTON);
        script.does(new MenuChange.AssignMenus(
                        Zone.HEADER,
                        new Scope.Everywhere(),
                        new Assignment.Says.Instead(List.of(new PlacedMenu(script.menu("Deep"), behindAButton)))))
                .says("The header of every page shows Deep (behind a button).");
    }

    @Test
    public void assignment_isOneForAZoneAndScope_andOutlivesItsPages() {
        SiteScript script = brackwater().adds("Sheds", "Moorings");
        Scope sheds = new Scope.Section(script.page("Sheds"));
        script.assigns(Zone.ABOVE, sheds, "Main").assigns(Zone.ABOVE, sheds, "Short");
        assertEquals(script.sees("Sheds", Zone.ABOVE), "Home, Contact");
        assertEquals(
                script.site().assignments().stream()
                        .filter(each -> each.scope().equals(sheds))
                        .count(),
                1);
        var without = script.site().withPages(script.site().pages().remove(script.page("Sheds")));
        assertEquals(
                SiteNavigation.of(without, Instant.EPOCH)
                        .forPage(script.page("Moorings"))
                        .in(Zone.ABOVE)
                        .size(),
                0);
        assertEquals(without.assignments(), script.site().assignments(), "it is there again when the page is");
    }

    @Test
    public void fortyItemsInTheHeader_allShow() {
        SiteScript script = brackwater().addsMenu("Long").assigns(Zone.HEADER, new Scope.Everywhere(), "Long");
        for (int i = 0; i < 40; i++) {
            script.puts(new ItemKind.Text(), "Item " + i, script.menu("Long"));
        }
        assertEquals(script.sees("Home", Zone.HEADER).split(", ").length, 40);
    }

    @Test
    public void listOverFiveThousandPages_yieldsThemAll() {
        SiteScript script = brackwater();
        List<Change.NewPage> pages = new ArrayList<>();
        for (int i = 0; i < 5_001; i++) {
            pages.add(Change.NewPage.open(
                    new PageId("p" + i), script.site().pages().endOf(script.page("Contact")), "Page " + i));
        }
        script.does(new Change.AddPages(pages)).addsMenu("Large").assigns(Zone.BELOW, new Scope.Everywhere(), "Large");
        script.puts(ItemKind.PageList.of(new ListSource.Under(script.page("Contact")), 1), "", script.menu("Large"));
        assertEquals(script.sees("Home", Zone.BELOW).split(", ").length, 5_001);
        MenuRowId list = script.latest();
        script.refuses(
                new MenuChange.FreezeList(list, "ice"),
                Refusal.TooManyItems.class,
                "Large would have 5,001 items; the limit is 2,000.");
    }

    @Test
    public void ownAddress_isTheItemOfThatPage() {
        SiteScript script = brackwater();
        script.puts(new ItemKind.WebLink("http://brackwater.example/hire/Canoes/"), "", script.menu("Short"));
        assertEquals(script.site().item(script.latest()).kind(), new ItemKind.ToPage(script.page("Canoes"), 0));
        script.puts(new ItemKind.WebLink("brackwater.example/old.pdf"), "Old list", script.menu("Short"));
        assertEquals(script.site().item(script.latest()).kind(), new ItemKind.WebLink("/old.pdf"));
    }

    @Test
    public void rightToLeftText_andMarkup_areLabelsLikeAnyOther() {
        SiteScript script = brackwater();
        script.puts(new ItemKind.Text(), "<b>مرحبا</b>", script.menu("Short"));
        assertEquals(script.site().item(script.latest()).label(), "<b>مرحبا</b>");
    }

    @Test
    public void itemSetAnotherWay_isToldByWhatBecameOther() {
        SiteScript script = brackwater();
        ItemKind.PageList list = ItemKind.PageList.of(new ListSource.WholeTree(), 1);
        script.does(new MenuChange.SetItemKind(LIST, list)).says("The list contains other rows now.");
        script.does(new MenuChange.SetItemKind(LIST, list.withLevels(2))).says("The list has 2 levels now.");
        Set<PageId> out = Set.of(script.page("Moorings"), script.page("Hire"));
        script.does(new MenuChange.SetItemKind(LIST, list.withLevels(2).withLeftOut(out)))
                .says("Hire and 1 more are left out of the list.");
        script.does(new MenuChange.SetItemKind(LIST, list.withLevels(2).withLeftOut(Set.of(script.page("Hire")))))
                .says("Moorings is back in the list.");
        MenuRowId home = new MenuRowId("short-home");
        script.does(new MenuChange.SetItemKind(home, new ItemKind.ToPage(script.page("Home"), 1)))
                .says("Home shows other subpages now.");
        script.does(new MenuChange.SetItemKind(home, new ItemKind.ToPage(script.page("Hire"), 1)))
                .says("Home leads elsewhere now.");
    }

    /** What is removed from there later comes back just as it was. */
    @Test
    public void listThatBecomesSomethingElse_leavesNoAnchorsToItsItems() {
        SiteScript script = brackwater();
        Site listed = script.site();
        MenuRowId own = listed.menus().childrenOf(LIST).getFirst().id();
        assertNotNull(listed.item(own).anchor());
        script.does(new MenuChange.SetItemKind(LIST, new ItemKind.ToPage(script.page("Hire"), 0)));
        assertNull(script.site().item(own).anchor());
        Site before = script.site();
        script.does(new MenuChange.RemoveMenuRows(new RemovalId("gone"), List.of(own)))
                .does(new Change.Restore(new RemovalId("gone")));
        assertEquals(script.site(), before);
    }

    /** Typed before there was a page; once one stands there, the link is judged like the page. */
    @Test
    public void ownAddressTypedAsALink_isJudgedLikeThePageThatStandsThere() {
        SiteScript script = brackwater().addsMenu("Links").assigns(Zone.FOOTER, new Scope.Everywhere(), "Links");
        script.puts(new ItemKind.WebLink("/secret-sale?from=menu"), "Sale", script.menu("Links"));
        MenuRowId link = script.latest();
        script.puts(new ItemKind.WebLink("/hire/../s%65cret-sale/"), "Sale again", script.menu("Links"));
        assertEquals(script.sees("Home", Zone.FOOTER), "Sale, Sale again");
        script.adds("Secret sale", null, Reach.HELD_BACK);
        assertEquals(script.sees("Home", Zone.FOOTER), "");
        assertEquals(script.whyNot(link), "Its page is held back.");
        script.setsReach("Secret sale", Reach.BY_LINK_ONLY);
        assertEquals(script.sees("Home", Zone.FOOTER), "Sale, Sale again");
        script.setsReach("Secret sale", Reach.OPEN).keepsForMembers("Secret sale");
        assertEquals(script.sees("Home", Zone.FOOTER, Visitor.NON_MEMBER), "");
        assertEquals(script.sees("Home", Zone.FOOTER, Visitor.MEMBER), "Sale, Sale again");
    }
}
