package velnik.core.menus;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.site.Assignment.Says;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** What menus do not take: each is refused with its sentence, and nothing changes. */
public class MenuRefusalsTest {
    private static final MenuRowId LIST = new MenuRowId("main-list");

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
            {new MenuChange.SetAside(List.of(), true), "Nothing is chosen."},
            {
                add(new ItemKind.Heading(), "\u0000 \t", footer),
                "A heading or text needs words. Type at least one letter."
            },
            {
                add(new ItemKind.Text(), "x".repeat(201), footer),
                "This has 201 characters; a title or a label has at most 200."
            },
            {
                add(new ItemKind.WebLink("javascript:alert(1)"), "Win", footer),
                "Links that begin with “javascript:” can harm those who follow them, so a menu never holds one."
            },
            {add(new ItemKind.Mail("yard"), "", footer), "“yard” is no mail address; one has a name, an @ and a host."},
            {add(new ItemKind.Block.Words("\n \t\n"), "", footer), "Type at least one word."},
            {
                add(new ItemKind.Block.Words("x".repeat(501)), "", footer),
                "This has 501 characters; a content block of words has at most 500."
            },
            {
                add(new ItemKind.Block.Picture(new FileId("nowhere"), ItemKind.Block.Side.END), "", footer),
                "That file is not there any more."
            },
            {
                add(new ItemKind.Block.Picture(new FileId("tide-card"), ItemKind.Block.Side.END), "", footer),
                "Tide card is no picture."
            },
            {
                add(new ItemKind.Block.FormOf(hire), "", footer),
                "Hire has no form. Give it one first, under Enquiry form on its card."
            },
            {add(new ItemKind.Block.SummaryOf(new PageId("nowhere")), "", footer), "That page is no longer there."},
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
                "The item it should come after is not there any more."
            },
            {
                new MenuChange.AddItems(List.of(
                        new MenuChange.NewItem(new MenuRowId("x"), Place.top(), null, new ItemKind.Text(), "x"))),
                "That item is no longer there."
            },
            {
                new MenuChange.MoveItems(
                        List.of(yard), Place.firstUnder(new MenuRowId("footer-the-yard-find-us")), null),
                "The yard cannot go under itself."
            },
            {new MenuChange.MoveItems(List.of(footer), Place.firstUnder(main), null), "That item is no longer there."},
            {
                new MenuChange.SetItems(List.of(new MenuChange.RowName(yard, null)), ItemEdit.label("")),
                "A heading or text needs words. Type at least one letter."
            },
            {
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(yard, null)), ItemEdit.of(edit -> edit.icon("skull"))),
                "There is no icon called “skull”."
            },
            {
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(yard, null)), ItemEdit.of(edit -> edit.picture("nowhere"))),
                "That file is not there any more."
            },
            {
                new MenuChange.SetNewItems(footer, ItemEdit.of(edit -> edit.picture("tide-card"))),
                "Tide card is no picture."
            },
            {
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(yard, null)), ItemEdit.of(edit -> edit.hook("9 lives"))),
                "“9 lives” is no hook; one has small letters, digits and hyphens, and begins with a letter."
            },
            {
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(yard, null)), ItemEdit.of(edit -> edit.hook("a".repeat(41)))),
                "“" + "a".repeat(40)
                        + "…” is no hook; one has small letters, digits and hyphens, and begins with a letter."
            },
            {
                new MenuChange.SetItems(List.of(new MenuChange.RowName(yard, hire)), ItemEdit.label("x")),
                "That row is not in the list any more."
            },
            {new MenuChange.FreezeList(yard, "x"), "That row is not in the list any more."},
            {new MenuChange.DetachBranch(LIST, site.page("Junior week"), "x"), "That row is not in the list any more."},
            {
                new MenuChange.RemoveMenuRows(new RemovalId("r"), List.of(new MenuRowId("nowhere"))),
                "That item is no longer there."
            },
            {
                assign(new Scope.Section(new PageId("nowhere")), site.placed("Main", "Footer")),
                "That page is no longer there."
            },
            {
                assign(new Scope.Section(hire), site.placed("Main", "Main")),
                "Main would be shown there twice. A zone shows a menu once."
            },
            {
                assign(new Scope.Pages(Set.of(site.page("Find us"), hire)), site.placed("Main")),
                "For Find us this zone says something else already. Change that, or remove the page here."
            },
            {
                new MenuChange.AssignMenus(Zone.HEADER, new Scope.Everywhere(), new Says.Around(List.of(), List.of())),
                "“Every page” is the widest there is, so there is nothing to show a menu before or after."
            },
        };
    }

    private static MenuChange add(ItemKind kind, String label, MenuRowId parent) {
        return new MenuChange.AddItems(
                List.of(new MenuChange.NewItem(new MenuRowId("fresh"), Place.firstUnder(parent), null, kind, label)));
    }

    private static MenuChange assign(Scope scope, List<PlacedMenu> menus) {
        return new MenuChange.AssignMenus(Zone.FOOTER, scope, new Says.Instead(menus));
    }

    @Test(dataProvider = "refused")
    public void change_thatCannotBe_isRefused_andNothingChanges(Change change, String sentence) {
        SiteScript script = brackwater();
        var before = script.site();
        switch (Changes.apply(before, change, Circumstances.NOBODY)) {
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
                (Outcome.Applied) Changes.applyAll(script.site(), List.of(page, item), Circumstances.NOBODY);
        assertEquals(applied.title(), "Add Boat talk to the top level and 1 more");
        assertEquals(applied.sentence(), "Boat talk added to the top level. Boat talk added to Short.");
        Outcome refused = Changes.applyAll(
                script.site(),
                List.of(page, add(new ItemKind.Text(), " ", script.menu("Short"))),
                Circumstances.NOBODY);
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
        script.does(new MenuChange.AddItems(items)).says("2,000 items added to Full.");
        script.refuses(
                add(new ItemKind.Text(), "One more", full),
                Refusal.TooManyItems.class,
                "Full would have 2,001 items; the limit is 2,000.");
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

    /** An item that shows a menu set aside shows nothing, nor what was under it before. */
    @Test
    public void listThatIsReadNowhere_isNoListToTakeRowsFrom() {
        SiteScript script = brackwater();
        MenuRowId heading = new MenuRowId("footer-the-yard");
        script.puts(ItemKind.PageList.of(new ListSource.Under(script.page("Hire")), 1), "", heading);
        MenuRowId list = script.latest();
        script.does(new MenuChange.SetItemKind(heading, new ItemKind.OtherMenu(script.menu("Winter"))));
        script.refuses(new MenuChange.FreezeList(list, "x"), Refusal.NoSuchRow.class);
        script.refuses(new MenuChange.DetachBranch(list, script.page("Canoes"), "x"), Refusal.NoSuchRow.class);
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
