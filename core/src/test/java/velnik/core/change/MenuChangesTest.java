package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment.Says;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
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
        script.does(new MenuChange.CopyMenuRow(spring, "copy")).says("Early spring copied; the copy stands after it.");
        assertEquals(script.site().menus().walk(script.menu("Early spring 2")).size(), 3);
        script.does(new MenuChange.SetAside(List.of(spring), true))
                .says("Early spring is set aside and stands nowhere.");
        script.does(new MenuChange.RemoveMenuRows(List.of(spring)))
                .says("The menu Early spring removed.")
                .notices("2 items under it go too.");
        script.does(new MenuChange.RemoveMenuRows(List.of(script.menu("Footer"))))
                .notices("Footer stood in 1 place that now miss it.", "13 items under it go too.");
        assertEquals(script.sees("Home", Zone.FOOTER), "Pictures, Write to us, 01632 960 983");
    }

    @Test
    public void label_followsThePage_untilThereIsAnOwnOne_andAgainAfterwards() {
        SiteScript script = brackwater();
        script.dresses(LIST, "Canoes", ItemEdit.label("Open canoes")).says("Canoes reads Open canoes now.");
        script.retitles("Canoes", "Canadian canoes")
                .notices("1 item keeps its own label.", "1 address changes; none was public yet.");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Hire (Open canoes, "));
        script.dresses(LIST, "Canadian canoes", ItemEdit.label(" "))
                .says("Canadian canoes follows what it leads to again.");
        assertTrue(script.sees("Home", Zone.HEADER).contains("Hire (Canadian canoes, "));
        assertTrue(
                !((ItemKind.PageList) script.site().item(LIST).kind()).dressed().containsKey(script.page("Kayaks")));
        script.retitles("Find us", "How to find us")
                .notices("It reads so in Main, Footer.", "1 address changes; none was public yet.");
    }

    @Test
    public void manyItems_takeOneEdit_andKeepWhatItDoesNotName() {
        SiteScript script = brackwater();
        script.does(new MenuChange.SetItems(
                        List.of(row("elsewhere-pictures"), row("elsewhere-write-to-us")),
                        ItemEdit.NOTHING.withWeight(Appearance.Weight.STRONG)))
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
        assertEquals(script.sees("Home", Zone.FOOTER).endsWith("| Write to us, 01632 960 983"), true);
    }

    private static MenuChange.RowName row(String id) {
        return new MenuChange.RowName(new MenuRowId(id), null);
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
        script.does(new MenuChange.MoveItems(List.of(afloat), new Place<>(LIST, null), first));
        assertTrue(script.sees("Home", Zone.HEADER).startsWith("Afloat (Hire, Contact, "));
        assertEquals(script.site().item(afloat).anchor(), first);
    }

    @Test
    public void frozenList_showsVisitorsWhatItShowed() {
        for (MenuRowId list : List.of(LIST, new MenuRowId("workshop-in-the-workshop"))) {
            SiteScript script = brackwater();
            script.dresses(LIST, "Hire", ItemEdit.NOTHING.withDevices(Set.of(Device.WIDE)))
                    .dresses(LIST, "Courses", ItemEdit.hidden(true))
                    .sets(LIST, ItemEdit.NOTHING.withDevices(Set.of(Device.WIDE)));
            List<String> before = new ArrayList<>();
            for (Zone zone : Zone.values()) {
                before.add(script.sees("Engines", zone));
            }
            script.does(new MenuChange.FreezeList(list, "frozen"));
            for (Zone zone : Zone.values()) {
                assertEquals(script.sees("Engines", zone), before.get(zone.ordinal()), list + " in " + zone);
            }
            boolean remains = script.site().menus().contains(list);
            assertTrue(!remains || script.site().item(list).kind() instanceof ItemKind.Heading);
        }
    }

    @Test
    public void detachedBranch_staysInPlace_andNoLongerFollows() {
        SiteScript script = brackwater();
        String before = script.sees("Home", Zone.HEADER);
        script.does(new MenuChange.DetachBranch(LIST, script.page("Repairs"), "own"))
                .says("Repairs is an ordinary item now and stays where it stands.");
        assertEquals(script.sees("Home", Zone.HEADER), before);
        script.does(new Change.MovePages(List.of(script.page("Repairs")), Place.top()));
        assertEquals(script.sees("Home", Zone.HEADER), before, "the page moved, its item did not");
        script.does(new MenuChange.DetachBranch(LIST, script.page("Canoes"), "owner"));
        assertEquals(script.sees("Home", Zone.HEADER), before);
    }

    @DataProvider
    public Object[][] refused() {
        SiteScript site = brackwater();
        MenuRowId main = site.menu("Main");
        MenuRowId footer = site.menu("Footer");
        MenuRowId yard = new MenuRowId("footer-the-yard");
        PageId hire = site.page("Hire");
        return new Object[][] {
            {new MenuChange.AddMenu(new MenuRowId("x"), null, "  "), "A menu needs a name. Visitors never see it."},
            {
                new MenuChange.AddMenu(new MenuRowId("x"), null, "main"),
                "Another menu is called main. Choose another name, so that you can tell them apart."
            },
            {new MenuChange.AddMenu(main, null, "Again"), "That was added already."},
            {new MenuChange.AddMenu(new MenuRowId("x"), yard, "Again"), "That menu is no longer there."},
            {new MenuChange.RenameMenu(yard, "Yard"), "That menu is no longer there."},
            {new MenuChange.SetAside(List.of(), true), "No page is chosen."},
            {
                add(new ItemKind.Heading(), "\u0000 \t", footer),
                "A heading or text needs words. Type at least one letter."
            },
            {add(new ItemKind.Text(), "x".repeat(201), footer), "This title has 201 characters; the limit is 200."},
            {
                add(new ItemKind.WebLink("javascript:alert(1)"), "Win", footer),
                "Links that begin with “javascript:” can harm those who follow them, so a menu never holds one."
            },
            {add(new ItemKind.Mail("yard"), "", footer), "“yard” is no mail address; one has a name, an @ and a host."},
            {add(new ItemKind.WebLink("on the water"), "", footer), "“on the water” is no link."},
            {add(new ItemKind.ToPage(new PageId("nowhere"), 0), "", footer), "That page is no longer there."},
            {add(new ItemKind.OtherMenu(new MenuRowId("nowhere")), "", footer), "That menu is no longer there."},
            {
                add(new ItemKind.OtherMenu(footer), "", footer),
                "Footer would show itself, through the menus in it, without end."
            },
            {
                new MenuChange.AddItems(List.of(new MenuChange.NewItem(
                        new MenuRowId("x"), new Place<>(footer, LIST), null, new ItemKind.Text(), "x"))),
                "The item to stand after is not there any more."
            },
            {
                new MenuChange.AddItems(List.of(
                        new MenuChange.NewItem(new MenuRowId("x"), Place.top(), null, new ItemKind.Text(), "x"))),
                "That item is no longer there."
            },
            {
                new MenuChange.MoveItems(
                        List.of(yard), Place.firstUnder(new MenuRowId("footer-the-yard-find-us")), null),
                "The yard cannot stand under itself."
            },
            {new MenuChange.MoveItems(List.of(footer), Place.firstUnder(main), null), "That item is no longer there."},
            {
                new MenuChange.SetItems(List.of(row("footer-the-yard")), ItemEdit.label("")),
                "A heading or text needs words. Type at least one letter."
            },
            {
                new MenuChange.SetItems(List.of(row("footer-the-yard")), ItemEdit.NOTHING.withIcon("skull")),
                "There is no icon called “skull”."
            },
            {
                new MenuChange.SetItems(List.of(new MenuChange.RowName(yard, hire)), ItemEdit.label("x")),
                "That row is not in the list any more."
            },
            {new MenuChange.FreezeList(yard, "x"), "That row is not in the list any more."},
            {new MenuChange.DetachBranch(LIST, site.page("Junior week"), "x"), "That row is not in the list any more."},
            {new MenuChange.RemoveMenuRows(List.of(new MenuRowId("nowhere"))), "That item is no longer there."},
            {
                assign(new Scope.Section(new PageId("nowhere")), site.placed("Main", "Footer")),
                "That page is no longer there."
            },
            {
                assign(new Scope.Section(hire), site.placed("Main", "Main")),
                "Main stands there twice. A menu stands once in a zone."
            },
            {
                assign(new Scope.Pages(Set.of(site.page("Find us"), hire)), site.placed("Main")),
                "For Find us this zone says something else already. Change that, or leave the page out here."
            },
            {
                new MenuChange.AssignMenus(Zone.HEADER, new Scope.Everywhere(), new Says.Around(List.of(), List.of())),
                "Everywhere is the widest there is, so nothing can stand before or after it."
            },
        };
    }

    private static MenuChange add(ItemKind kind, String label, MenuRowId parent) {
        return new MenuChange.AddItems(
                List.of(new MenuChange.NewItem(new MenuRowId("fresh"), Place.firstUnder(parent), null, kind, label)));
    }

    private static MenuChange assign(Scope scope, List<velnik.core.site.PlacedMenu> menus) {
        return new MenuChange.AssignMenus(Zone.FOOTER, scope, new Says.Instead(menus));
    }

    @Test(dataProvider = "refused")
    public void change_thatCannotBe_isRefused_andNothingChanges(Change change, String sentence) {
        SiteScript script = brackwater();
        var before = script.site();
        switch (Changes.apply(before, change, Circumstances.NOTHING_PUBLISHED)) {
            case Outcome.Refused(Refusal why) -> assertEquals(why.sentence(), sentence);
            case Outcome.Applied applied -> throw new AssertionError("not refused: " + change);
        }
        assertEquals(before, brackwater().site());
    }

    @Test
    public void menuThatShowsItselfThroughTwoOthers_isRefused() {
        SiteScript script = brackwater().addsMenu("One").addsMenu("Two").addsMenu("Three");
        script.puts(new ItemKind.OtherMenu(script.menu("Two")), "", script.menu("One"))
                .puts(new ItemKind.OtherMenu(script.menu("Three")), "", script.menu("Two"))
                .refuses(
                        add(new ItemKind.OtherMenu(script.menu("One")), "", script.menu("Three")),
                        Refusal.MenuInItself.class,
                        "Three would show itself, through the menus in it, without end.");
    }

    @Test
    public void severalChangesAtOnce_areToldOneByOne_orNoneIsMade() {
        SiteScript script = brackwater();
        PageId fresh = new PageId("fresh");
        Change page = new Change.AddPages(List.of(Change.NewPage.open(fresh, Place.top(), "Boat talk")));
        Change item = add(new ItemKind.ToPage(fresh, 0), "", script.menu("Short"));
        Outcome.Applied applied =
                (Outcome.Applied) Changes.applyAll(script.site(), List.of(page, item), Circumstances.NOTHING_PUBLISHED);
        assertEquals(applied.title(), "Add Boat talk to the top level and 1 more");
        assertEquals(applied.sentence(), "Boat talk added to the top level. Boat talk added to Short.");
        Outcome refused = Changes.applyAll(
                script.site(),
                List.of(page, add(new ItemKind.Text(), " ", script.menu("Short"))),
                Circumstances.NOTHING_PUBLISHED);
        assertTrue(refused instanceof Outcome.Refused);
        assertEquals(script.site(), brackwater().site());
    }

    @Test
    public void limits_areNamed() {
        SiteScript script = brackwater().addsMenu("Full");
        MenuRowId full = script.menu("Full");
        List<MenuChange.NewItem> items = new ArrayList<>();
        @Nullable MenuRowId last = null;
        for (int i = 0; i < Limits.ITEMS; i++) {
            MenuRowId id = new MenuRowId("full-" + i);
            items.add(new MenuChange.NewItem(id, new Place<>(full, last), null, new ItemKind.Text(), "Item " + i));
            last = id;
        }
        script.does(new MenuChange.AddItems(items)).says("2000 items added to Full.");
        script.refuses(
                add(new ItemKind.Text(), "One more", full),
                Refusal.TooManyItems.class,
                "Full would have 2001 items; the limit is 2000.");
        MenuRowId parent = script.menu("Short");
        for (int level = 1; level <= Limits.LEVELS; level++) {
            script.puts(new ItemKind.Text(), "Level " + level, parent);
            parent = script.latest();
        }
        script.refuses(
                add(new ItemKind.Text(), "Too deep", parent),
                Refusal.TooDeep.class,
                "That would make 11 levels; the limit is 10.");
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
                "Large would have 5001 items; the limit is 2000.");
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
    public void listsAndTheirOptions_areChecked() {
        assertEquals(
                Optional.of("a list yields 1 to 10 levels, not 11"),
                message(() -> ItemKind.PageList.of(new ListSource.WholeTree(), 11)));
        SiteScript script = brackwater();
        script.refuses(
                add(ItemKind.PageList.of(new ListSource.Under(new PageId("nowhere")), 1), "", script.menu("Short")),
                Refusal.PageUnknown.class,
                "That page is no longer there.");
        script.puts(ItemKind.PageList.of(new ListSource.UnderVisited(), 1), "", script.menu("Short"))
                .refuses(
                        new MenuChange.FreezeList(script.latest(), "x"),
                        Refusal.ListOfVisited.class,
                        "This list differs from page to page, so it cannot become ordinary items.");
        assertTrue(script.site().menus().get(script.latest()) instanceof MenuRow.Item);
    }

    private static Optional<String> message(Runnable making) {
        try {
            making.run();
            return Optional.empty();
        } catch (IllegalArgumentException refused) {
            return Optional.ofNullable(refused.getMessage());
        }
    }
}
