package velnik.core.sample;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.change.MenuChangeItemEditBuilder;
import velnik.core.change.SortingChange;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment.Says;
import velnik.core.site.ItemKind;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** The boatyard's menus and where they stand: one that follows the page tree with a few rows dressed, six by hand. */
final class BrackwaterMenus {
    static final MenuRowId MAIN = new MenuRowId("main");
    static final MenuRowId LIST = new MenuRowId("main-list");

    private static final MenuRowId FOOTER = new MenuRowId("footer");
    private static final MenuRowId WORKSHOP = new MenuRowId("workshop");
    private static final MenuRowId ELSEWHERE = new MenuRowId("elsewhere");
    private static final MenuRowId SHORT = new MenuRowId("short");
    private static final MenuRowId TIDES = new MenuRowId("tides");
    private static final MenuRowId WINTER = new MenuRowId("winter");

    private final List<Change> changes = new ArrayList<>();
    private @Nullable MenuRowId lastHeading;

    private BrackwaterMenus() {}

    static List<Change> changes() {
        BrackwaterMenus menus = new BrackwaterMenus();
        menus.main();
        menus.footer();
        menus.others();
        menus.assignments();
        return menus.changes;
    }

    private void main() {
        changes.add(new MenuChange.SetItemKind(
                LIST,
                ItemKind.PageList.of(new ListSource.WholeTree(), 2)
                        .withLeftOut(
                                Set.of(page("About us"), page("Contact"), page("Terms of hire"), page("Privacy")))));
        label(LIST, page("Slipway Café"), "Café");
        label(LIST, page("Prices"), "What it costs");
        edit(LIST, page("Hire"), edit -> edit.arrangement(Appearance.Arrangement.TWO_BESIDE));
        Anchor end = new Anchor(
                null,
                List.of(
                        page("News"),
                        page("Courses"),
                        page("Slipway Café"),
                        page("Moorings"),
                        page("Repairs"),
                        page("Hire"),
                        page("Home")),
                List.of());
        MenuRowId water = add(LIST, null, end, new ItemKind.Heading(), "On the water");
        MenuRowId tables = add(water, null, null, new ItemKind.WebLink("https://tides.example/brack"), "Tide tables");
        MenuRowId weather =
                add(water, tables, null, new ItemKind.WebLink("https://weather.example/brack"), "Weather at the bar");
        changes.add(new MenuChange.AddItems(List.of(new MenuChange.NewItem(
                new MenuRowId("main-tide-notes"),
                new Place<>(water, weather),
                null,
                ItemKind.PageList.newestOf(new ListSource.OfTopic(Brackwater.TIDE_NOTES), 3),
                ""))));
        MenuRowId findUs = add(LIST, water, end, new ItemKind.ToPage(page("Find us"), 0), "");
        edit(tables, edit -> edit.newTab(true));
        MenuRowId search = add(LIST, findUs, end, new ItemKind.ToPage(page("Search"), 0), "");
        edit(findUs, edit -> edit.farEnd(true).icon("pin"));
        edit(search, edit -> edit.farEnd(true).icon("search").iconAlone(true));
    }

    private void footer() {
        menu(FOOTER, MAIN, "Footer");
        heading(FOOTER, "The yard", "About us", "The crew", "A short history", "Find us");
        heading(FOOTER, "Afloat", "Hire", "Repairs", "Moorings", "Courses");
        heading(FOOTER, "Small print", "Terms of hire", "Privacy", "Page index", "Sign in");
    }

    private void others() {
        menu(WORKSHOP, FOOTER, "Workshop");
        MenuRowId trades = add(
                WORKSHOP,
                null,
                null,
                ItemKind.PageList.of(new ListSource.Under(page("Repairs")), 3),
                "In the workshop");
        add(WORKSHOP, trades, null, new ItemKind.Block.ContactCard(), "Ask the yard");
        menu(ELSEWHERE, WORKSHOP, "Elsewhere");
        MenuRowId pictures =
                add(ELSEWHERE, null, null, new ItemKind.WebLink("https://pictures.example/brackwater"), "Pictures");
        MenuRowId write = add(ELSEWHERE, pictures, null, new ItemKind.OfBusiness(ItemKind.Way.MAIL), "Write to us");
        MenuRowId ring = add(ELSEWHERE, write, null, new ItemKind.OfBusiness(ItemKind.Way.PHONE), "");
        add(ELSEWHERE, ring, null, new ItemKind.Channels(), "On the web");
        edit(pictures, edit -> edit.icon("boat").newTab(true));
        edit(write, edit -> edit.icon("mail"));
        edit(ring, edit -> edit.icon("phone"));
        menu(SHORT, ELSEWHERE, "Short");
        MenuRowId home = add(SHORT, null, null, new ItemKind.ToPage(page("Home"), 0), "");
        MenuRowId contact = add(SHORT, home, null, new ItemKind.ToPage(page("Contact"), 0), "");
        edit(contact, edit -> edit.weight(Appearance.Weight.BUTTON));
        menu(TIDES, SHORT, "Tides");
        MenuRowId lane = add(TIDES, null, null, new ItemKind.Text(), "Before you set out");
        MenuRowId tables = add(TIDES, lane, null, new ItemKind.WebLink("https://tides.example/brack"), "Tide tables");
        add(TIDES, tables, null, new ItemKind.ToPage(page("Spring tides in March"), 0), "");
        note(tables, "The lane floods at 5.4 metres.");
        menu(WINTER, TIDES, "Winter");
        MenuRowId storage = add(WINTER, null, null, new ItemKind.ToPage(page("Winter storage"), 0), "");
        MenuRowId service = add(WINTER, storage, null, new ItemKind.ToPage(page("Winter service"), 0), "");
        add(WINTER, service, null, new ItemKind.ToPage(page("Slipway Café"), 0), "Soup");
        changes.add(new MenuChange.SetAside(List.of(WINTER), true));
    }

    private void assignments() {
        changes.add(
                new SortingChange.SetLayout(List.of(page("Group bookings"), page("Summer regatta")), LayoutId.LANDING));
        Placing across = Placing.AS_THE_ZONE.withForm(Placing.Form.ACROSS);
        assign(
                Zone.FOOTER,
                new Scope.Everywhere(),
                new Says.Instead(List.of(placed(FOOTER), new PlacedMenu(ELSEWHERE, across))));
        assign(Zone.SIDEBAR, new Scope.Section(page("Repairs")), new Says.Instead(List.of(placed(WORKSHOP))));
        assign(Zone.HEADER, new Scope.OfLayout(LayoutId.LANDING), new Says.Instead(List.of(placed(SHORT))));
        assign(
                Zone.FOOTER,
                new Scope.Pages(Set.of(page("Find us"))),
                new Says.Around(List.of(), List.of(placed(TIDES))));
    }

    // ---- the words the above is written in ----

    private static PageId page(String title) {
        return Brackwater.id(title);
    }

    private static PlacedMenu placed(MenuRowId menu) {
        return new PlacedMenu(menu, Placing.AS_THE_ZONE);
    }

    private void menu(MenuRowId id, MenuRowId after, String name) {
        changes.add(new MenuChange.AddMenu(id, after, name));
    }

    private void heading(MenuRowId menu, String label, String... titles) {
        MenuRowId heading = add(menu, lastHeading, null, new ItemKind.Heading(), label);
        lastHeading = heading;
        @Nullable MenuRowId last = null;
        for (String title : Arrays.asList(titles)) {
            last = add(heading, last, null, new ItemKind.ToPage(page(title), 0), "");
        }
    }

    private MenuRowId add(
            MenuRowId parent, @Nullable MenuRowId after, @Nullable Anchor anchor, ItemKind kind, String label) {
        String word = kind instanceof ItemKind.ToPage(PageId page, int carries) ? page.value() : Slugs.fromTitle(label);
        MenuRowId id = new MenuRowId(parent.value() + "-" + word);
        changes.add(new MenuChange.AddItems(
                List.of(new MenuChange.NewItem(id, new Place<>(parent, after), anchor, kind, label))));
        return id;
    }

    private void label(MenuRowId list, PageId page, String label) {
        changes.add(new MenuChange.SetItems(List.of(new MenuChange.RowName(list, page)), ItemEdit.label(label)));
    }

    private void note(MenuRowId item, String note) {
        edit(item, edit -> edit.note(note));
    }

    private void edit(MenuRowId item, Consumer<MenuChangeItemEditBuilder> edit) {
        edit(item, null, edit);
    }

    private void edit(MenuRowId item, @Nullable PageId row, Consumer<MenuChangeItemEditBuilder> edit) {
        changes.add(new MenuChange.SetItems(List.of(new MenuChange.RowName(item, row)), ItemEdit.of(edit)));
    }

    private void assign(Zone zone, Scope scope, Says says) {
        changes.add(new MenuChange.AssignMenus(zone, scope, says));
    }
}
