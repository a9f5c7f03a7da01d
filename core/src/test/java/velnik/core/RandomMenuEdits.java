package velnik.core;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment.Says;
import velnik.core.site.Device;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.LayoutId;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** Edits of menus drawn at random: mostly sensible, some that must be refused. */
final class RandomMenuEdits {
    private static final List<String> LABELS = List.of("", "", "Café", "<b>", "Tides", " ");

    private final Random random;
    private int made;

    RandomMenuEdits(Random random) {
        this.random = random;
    }

    /** @param pages at least one, of the site */
    Change next(Site site, List<PageId> pages) {
        List<Branch<MenuRowId, MenuRow>> rows = site.menus().walk();
        if (rows.isEmpty()) {
            return addMenu();
        }
        MenuRowId row = any(rows);
        PageId page = pages.getFirst();
        return switch (random.nextInt(23)) {
            case 0 -> addMenu();
            case 1, 2, 3, 4 ->
                new MenuChange.AddItems(
                        List.of(new MenuChange.NewItem(id(), place(rows), anchor(pages), kind(rows, page), label())));
            case 5, 6 -> new MenuChange.MoveItems(List.of(row, any(rows)), place(rows), anchor(pages));
            case 7 ->
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(row, random.nextBoolean() ? page : null)), edit());
            case 8 -> new MenuChange.RemoveMenuRows(new RemovalId("bin-" + made++), List.of(row));
            case 9 -> new MenuChange.CopyMenuRow(row, "copy-" + made++);
            case 10 -> new MenuChange.FreezeList(row, "ice-" + made++);
            case 11 -> new MenuChange.DetachBranch(row, page, "own-" + made++);
            case 13, 14 ->
                new MenuChange.PlacePages(List.of(new MenuChange.NewPlace(site.menuOf(row), id(), page, label())));
            case 15 ->
                new MenuChange.TakePagesOut(
                        new RemovalId("bin-" + made++), List.of(new MenuChange.OldPlace(site.menuOf(row), page)));
            case 12 -> new MenuChange.SetAside(List.of(row), random.nextBoolean());
            case 16 -> new MenuChange.SetJoining(site.menuOf(row), from(page), spot());
            case 17 ->
                new MenuChange.SetNewItems(site.menuOf(row), ItemEdit.of(edit -> edit.farEnd(random.nextBoolean())));
            case 18 -> new MenuChange.RenameMenu(random.nextInt(5) == 0 ? row : site.menuOf(row), "Menu " + made++);
            case 19 ->
                new MenuChange.MoveMenus(
                        List.of(site.menuOf(row)), random.nextInt(3) == 0 ? null : site.menuOf(any(rows)));
            case 20, 21 -> new MenuChange.SetItemKind(row, kind(rows, page));
            default -> assign(site, rows, pages);
        };
    }

    private Joining.From from(PageId page) {
        return switch (random.nextInt(5)) {
            case 0 -> new Joining.From.Nowhere();
            case 1 -> new Joining.From.TopLevel();
            case 2 -> new Joining.From.Section(page);
            default -> new Joining.From.Everywhere();
        };
    }

    private Joining.Spot spot() {
        return random.nextBoolean() ? Joining.Spot.AS_IN_TREE : Joining.Spot.AT_END;
    }

    private Change addMenu() {
        return new MenuChange.AddMenu(id(), null, "Menu " + random.nextInt(30));
    }

    private MenuRowId id() {
        return new MenuRowId("m" + made++);
    }

    private MenuRowId any(List<Branch<MenuRowId, MenuRow>> rows) {
        return rows.get(random.nextInt(rows.size())).id();
    }

    private Place<MenuRowId> place(List<Branch<MenuRowId, MenuRow>> rows) {
        Branch<MenuRowId, MenuRow> row = rows.get(random.nextInt(rows.size()));
        @Nullable MenuRowId parent = row.parent();
        return random.nextBoolean() || parent == null
                ? Place.firstUnder(row.id())
                : new Place<>(parent, random.nextInt(15) == 0 ? any(rows) : row.id());
    }

    private @Nullable Anchor anchor(List<PageId> pages) {
        return switch (random.nextInt(3)) {
            case 0 -> null;
            case 1 -> new Anchor(null, pages, pages.reversed());
            default -> new Anchor(pages.getFirst(), List.of(), null);
        };
    }

    private ItemKind kind(List<Branch<MenuRowId, MenuRow>> rows, PageId page) {
        return switch (random.nextInt(19)) {
            case 18 -> new ItemKind.Block.Words("Ring the yard\nafter " + random.nextInt(24));
            case 17 ->
                new ItemKind.Block.Picture(new FileId("f" + random.nextInt(6)), one(ItemKind.Block.Side.values()));
            case 16 -> block(page);
            case 14 -> new ItemKind.ToPlace(page, "prices");
            case 13 -> new ItemKind.Channels();
            case 12 -> new ItemKind.OfBusiness(ItemKind.Way.values()[random.nextInt(2)]);
            case 11 -> new ItemKind.ToFile(new FileId("f" + random.nextInt(6)));
            case 9 -> new ItemKind.Mail("yard@brackwater.example");
            case 10 -> new ItemKind.Phone("01632 960 983");
            case 0 -> new ItemKind.WebLink("https://tides.example/");
            case 1 -> new ItemKind.Heading();
            case 2 -> new ItemKind.Text();
            case 3 -> new ItemKind.OtherMenu(any(rows));
            case 4 ->
                ItemKind.PageList.of(new ListSource.WholeTree(), 1 + random.nextInt(3))
                        .withAtMost(Optional.of(1 + random.nextInt(4)).filter(most -> most < 4));
            case 5 -> ItemKind.PageList.of(new ListSource.Under(page), 2);
            case 6 -> ItemKind.PageList.of(new ListSource.UnderVisited(), 1);
            case 7 -> ItemKind.PageList.newestOf(new ListSource.OfTopic(RandomEdits.TOPICS.getFirst()), 2);
            case 8 -> ItemKind.PageList.newestOf(new ListSource.Newest(), 3);
            default -> new ItemKind.ToPage(page, random.nextInt(2));
        };
    }

    private ItemKind block(PageId page) {
        return switch (random.nextInt(5)) {
            case 0 -> new ItemKind.Block.SearchField();
            case 1 -> new ItemKind.Block.ContactCard();
            case 2 -> new ItemKind.Block.PositionMap();
            case 3 -> new ItemKind.Block.FormOf(page);
            default -> new ItemKind.Block.SummaryOf(page);
        };
    }

    private String label() {
        return LABELS.get(random.nextInt(LABELS.size()));
    }

    private <T> T one(T[] of) {
        return of[random.nextInt(of.length)];
    }

    private ItemEdit edit() {
        return switch (random.nextInt(11)) {
            case 10 -> ItemEdit.of(edit -> edit.picture(random.nextInt(3) == 0 ? "" : "f" + random.nextInt(6)));
            case 0 -> ItemEdit.label(label());
            case 1 -> ItemEdit.hidden(random.nextBoolean());
            case 2 -> ItemEdit.of(edit -> edit.devices(Set.of(random.nextBoolean() ? Device.PHONE : Device.WIDE)));
            case 3 -> ItemEdit.of(edit -> edit.weight(Appearance.Weight.BUTTON).newTab(true));
            case 4 -> ItemEdit.of(edit -> edit.periods(RandomEdits.periods(random)));
            case 5 ->
                ItemEdit.of(edit -> edit.visitors(Set.of(random.nextBoolean() ? Visitor.MEMBER : Visitor.NON_MEMBER)));
            case 6 -> ItemEdit.of(edit -> edit.beforeSignIn(random.nextBoolean()));
            case 7 ->
                ItemEdit.of(edit -> edit.accent(random.nextBoolean())
                        .relation(Appearance.Relation.PAID)
                        .hook(random.nextBoolean() ? "tide-table" : "9 lives"));
            case 8 ->
                ItemEdit.of(edit ->
                        edit.arrangement(one(Appearance.Arrangement.values())).panel(one(Appearance.Panel.values())));
            default -> ItemEdit.of(edit -> edit.farEnd(random.nextBoolean()).note("Only by the tide"));
        };
    }

    private Change assign(Site site, List<Branch<MenuRowId, MenuRow>> rows, List<PageId> pages) {
        Zone zone = Zone.values()[random.nextInt(Zone.values().length)];
        Scope scope = switch (random.nextInt(5)) {
            case 0 -> new Scope.Everywhere();
            case 1 -> new Scope.Section(pages.getFirst());
            case 2 ->
                new Scope.OfLayout(
                        site.layouts().isEmpty()
                                ? LayoutId.LANDING
                                : site.layouts().getFirst().id());
            case 3 -> new Scope.OfTopic(RandomEdits.TOPICS.getFirst());
            default -> new Scope.Pages(new HashSet<>(pages));
        };
        List<PlacedMenu> menus = new ArrayList<>();
        for (int i = random.nextInt(3); i > 0; i--) {
            menus.add(new PlacedMenu(any(rows), Placing.AS_THE_ZONE));
        }
        return switch (random.nextInt(4)) {
            case 0 -> new MenuChange.AssignMenus(zone, scope, null);
            case 1 -> new MenuChange.AssignMenus(zone, scope, new Says.Around(menus, List.of()));
            default -> new MenuChange.AssignMenus(zone, scope, new Says.Instead(menus));
        };
    }
}
