package velnik.core.menus;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.draft.PeriodChecks;
import velnik.core.explanation.Labels;
import velnik.core.files.Files;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Dress;
import velnik.core.site.FileId;
import velnik.core.site.Icons;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Items of menus: adding, moving, labels and appearances. */
public final class Items {
    /** Characters of what was typed in a sentence. */
    private static final int SAID = 40;

    private Items() {}

    public static Optional<Refusal> addItems(Draft draft, MenuChange.AddItems add) {
        if (add.items().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        Site before = draft.site();
        if (add.items().size() > Limits.ITEMS) {
            return tooMany(before, add);
        }
        for (MenuChange.NewItem item : add.items()) {
            Optional<Refusal> refusal = add(draft, item);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return settled(
                draft, before, add.items().stream().map(MenuChange.NewItem::id).toList());
    }

    /** Found out before a list of a million lines is put anywhere. */
    private static Optional<Refusal> tooMany(Site site, MenuChange.AddItems add) {
        Place<MenuRowId> place = add.items().getFirst().place();
        return MenuChecks.place(site, place).or(() -> {
            MenuRowId menu = site.menuOf(Objects.requireNonNull(place.parent()));
            int count = site.menus().walk(menu).size() - 1 + add.items().size();
            return Optional.of(new Refusal.TooManyItems(MenuChecks.nameOf(site, menu), count, Limits.ITEMS));
        });
    }

    /** After items came to stand where they stand: whether their menus are sound, and what a zone does not show. */
    static Optional<Refusal> settled(Draft draft, Site before, List<MenuRowId> items) {
        Set<MenuRowId> menus = new HashSet<>();
        items.forEach(item -> menus.add(draft.site().menuOf(item)));
        Optional<Refusal> unsound = MenuChecks.sound(draft.site(), menus);
        if (unsound.isEmpty()) {
            Depths.afterItems(draft, before, items);
        }
        return unsound;
    }

    static Optional<Refusal> add(Draft draft, MenuChange.NewItem fresh) {
        Site site = draft.site();
        String label = Line.cleaned(fresh.label());
        Optional<Refusal> refusal = MenuChecks.isFree(draft, fresh.id())
                .or(() -> MenuChecks.place(site, fresh.place()))
                .or(() -> MenuChecks.depth(
                        site, Objects.requireNonNull(fresh.place().parent()), 1))
                .or(() -> MenuChecks.label(label));
        if (refusal.isPresent()) {
            return refusal;
        }
        return switch (Linking.look(site, fresh.kind())) {
            case Linking.Looked.Refused(Refusal why) -> Optional.of(why);
            case Linking.Looked.Kept(ItemKind kind) -> {
                Optional<Refusal> wordless = MenuChecks.words(kind, label);
                if (wordless.isEmpty()) {
                    MenuRowId parent = Objects.requireNonNull(fresh.place().parent());
                    MenuRow.Menu menu = (MenuRow.Menu) site.menus().get(site.menuOf(parent));
                    MenuRow.Item item =
                            new MenuRow.Item(kind, label, menu.newItems(), anchor(site, fresh.place(), fresh.anchor()));
                    draft.become(site.withMenus(site.menus().insert(fresh.id(), fresh.place(), item)));
                    tellOfUnseen(draft, kind);
                }
                yield wordless;
            }
        };
    }

    /** Only among the rows of a list is there anything to be anchored to. */
    public static @Nullable Anchor anchor(Site site, Place<MenuRowId> place, @Nullable Anchor wanted) {
        boolean inList = place.parent() != null
                && site.menus().get(place.parent()) instanceof MenuRow.Item item
                && item.kind() instanceof ItemKind.PageList;
        return inList ? Objects.requireNonNullElse(wanted, Anchor.FIRST) : null;
    }

    private static void tellOfUnseen(Draft draft, ItemKind kind) {
        if (kind instanceof ItemKind.ToPage(PageId page, int carries)) {
            String title = draft.pages().get(page).title();
            switch (Access.of(draft.site(), page, Openings.ALWAYS).reach()) {
                case HELD_BACK -> draft.tell(new Notice.PlacedUnseen(title), Access.heldBackBy(draft.site(), page));
                case BY_LINK_ONLY -> draft.tell(new Notice.PlacedByHandOnly(title), List.of(page));
                case OPEN -> {}
            }
        }
    }

    public static Optional<Refusal> moveItems(Draft draft, MenuChange.MoveItems move) {
        Site site = draft.site();
        Optional<Refusal> refusal = canMove(site, move);
        if (refusal.isPresent()) {
            return refusal;
        }
        List<MenuRowId> moving = site.menus().outermost(move.items());
        @Nullable Anchor anchor = anchor(site, move.place(), move.anchor());
        draft.become(site.withMenus(site.menus()
                .move(moving, move.place())
                .updateAll(moving, row -> ((MenuRow.Item) row).withAnchor(anchor))));
        return settled(draft, site, moving);
    }

    private static Optional<Refusal> canMove(Site site, MenuChange.MoveItems move) {
        if (move.items().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        return first(move.items(), item -> MenuChecks.isItem(site, item))
                .or(() -> MenuChecks.place(site, move.place()))
                .or(() -> {
                    MenuRowId parent = Objects.requireNonNull(move.place().parent());
                    return first(move.items(), item -> canStandUnder(site, item, parent));
                });
    }

    private static Optional<Refusal> canStandUnder(Site site, MenuRowId item, MenuRowId parent) {
        return site.menus().isInside(parent, item)
                ? Optional.of(new Refusal.UnderItself(Labels.of(site, item)))
                : MenuChecks.depth(site, parent, site.menus().heightOf(item));
    }

    private static Optional<Refusal> first(List<MenuRowId> items, Function<MenuRowId, Optional<Refusal>> check) {
        return items.stream().map(check).flatMap(Optional::stream).findFirst();
    }

    public static Optional<Refusal> setItems(Draft draft, MenuChange.SetItems set) {
        if (set.rows().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        String label = Line.cleaned(set.edit().label().orElse(""));
        Optional<Refusal> refusal = MenuChecks.label(label).or(() -> checked(draft.site(), set.edit()));
        if (refusal.isPresent()) {
            return refusal;
        }
        Site site = draft.site();
        Map<MenuRowId, MenuRow> edited = new HashMap<>();
        Map<MenuRowId, Map<PageId, Dress>> dressed = new HashMap<>();
        for (MenuChange.RowName row : set.rows()) {
            MenuRowId id = row.item();
            refusal = MenuChecks.isItem(site, id)
                    .or(() -> row.page() == null
                            ? item(edited, site.item(id), id, label, set.edit())
                            : listRow(draft, dressed, id, row.page(), label, set.edit()));
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        dressed.forEach((id, rows) -> {
            MenuRow.Item item = (MenuRow.Item) edited.getOrDefault(id, site.item(id));
            edited.put(id, item.withKind(((ItemKind.PageList) item.kind()).withDressed(rows)));
        });
        draft.become(site.withMenus(site.menus().replaceAll(edited)));
        if (set.edit().arrangement().isPresent()) {
            Depths.afterItems(draft, site, edited.keySet()); // what stood open in a panel may be out of sight in a list
        }
        return Optional.empty();
    }

    public static Optional<Refusal> setNewItems(Draft draft, MenuChange.SetNewItems set) {
        Site site = draft.site();
        Optional<Refusal> refusal = MenuChecks.isMenu(site, set.menu()).or(() -> checked(site, set.edit()));
        if (refusal.isEmpty()) {
            draft.become(site.withMenus(site.menus().update(set.menu(), row -> {
                MenuRow.Menu menu = (MenuRow.Menu) row;
                return menu.withNewItems(edited(menu.newItems(), set.edit()));
            })));
        }
        return refusal;
    }

    private static Optional<Refusal> checked(Site site, MenuChange.ItemEdit edit) {
        boolean nowhere = edit.devices().filter(Set::isEmpty).isPresent()
                || edit.visitors().filter(Set::isEmpty).isPresent();
        if (nowhere) {
            return Optional.of(new Refusal.ShowsNowhere());
        }
        return edit.periods()
                .flatMap(PeriodChecks::all)
                .or(() -> edit.icon()
                        .filter(icon -> !icon.isEmpty() && !Icons.ALL.contains(icon))
                        .map(Refusal.IconUnknown::new))
                .or(() -> edit.picture()
                        .filter(picture -> !picture.isEmpty())
                        .flatMap(picture -> FileId.of(picture)
                                .map(id -> Files.picture(site, id))
                                .orElseGet(() -> Optional.of(new Refusal.FileUnknown()))))
                .or(() -> MenuChecks.label(Line.cleaned(edit.note().orElse(""))))
                .or(() -> edit.hook()
                        .map(Line::cleaned)
                        .filter(hook -> !Appearance.isHook(hook))
                        .map(hook -> new Refusal.HookMalformed(Shortened.to(SAID, hook))));
    }

    private static Optional<Refusal> item(
            Map<MenuRowId, MenuRow> items, MenuRow.Item item, MenuRowId id, String label, MenuChange.ItemEdit edit) {
        MenuRow.Item fresh = (edit.label().isPresent() ? item.withLabel(label) : item)
                .withAppearance(edited(item.appearance(), edit));
        Optional<Refusal> wordless = MenuChecks.words(fresh.kind(), fresh.label());
        if (wordless.isEmpty()) {
            items.put(id, fresh);
        }
        return wordless;
    }

    private static Optional<Refusal> listRow(
            Draft draft,
            Map<MenuRowId, Map<PageId, Dress>> dressed,
            MenuRowId id,
            PageId page,
            String label,
            MenuChange.ItemEdit edit) {
        if (!(draft.site().item(id).kind() instanceof ItemKind.PageList list)
                || !draft.pages().contains(page)) {
            return Optional.of(new Refusal.NoSuchRow(id.value()));
        }
        Dress old = list.dressOf(page);
        Dress fresh = new Dress(
                edit.label().isPresent() ? label : old.label(),
                edited(old.appearance(), edit).inList());
        Map<PageId, Dress> rows = dressed.computeIfAbsent(id, any -> new HashMap<>(list.dressed()));
        if (fresh.equals(Dress.NONE)) {
            rows.remove(page);
        } else {
            rows.put(page, fresh);
        }
        return Optional.empty();
    }

    private static Appearance edited(Appearance now, MenuChange.ItemEdit edit) {
        return new Appearance(
                edit.hidden().orElse(now.hidden()),
                edit.devices().orElse(now.devices()),
                edit.visitors().orElse(now.visitors()),
                edit.beforeSignIn().orElse(now.beforeSignIn()),
                edit.periods().orElse(now.periods()),
                edit.icon().orElse(now.icon()),
                edit.iconAlone().orElse(now.iconAlone()),
                edit.picture().isPresent() ? FileId.of(edit.picture().get()).orElse(null) : now.picture(),
                edit.weight().orElse(now.weight()),
                edit.farEnd().orElse(now.farEnd()),
                edit.newTab().orElse(now.newTab()),
                edit.note().map(Line::cleaned).orElse(now.note()),
                edit.accent().orElse(now.accent()),
                edit.relation().orElse(now.relation()),
                edit.hook().map(Line::cleaned).orElse(now.hook()),
                edit.arrangement().orElse(now.arrangement()),
                edit.panel().orElse(now.panel()));
    }

    public static Optional<Refusal> setItemKind(Draft draft, MenuChange.SetItemKind set) {
        Optional<Refusal> unknown = MenuChecks.isItem(draft.site(), set.item());
        if (unknown.isPresent()) {
            return unknown;
        }
        Site before = draft.site();
        MenuRow.Item item = before.item(set.item());
        return switch (Linking.look(draft.site(), set.kind())) {
            case Linking.Looked.Refused(Refusal why) -> Optional.of(why);
            case Linking.Looked.Kept(ItemKind kind) -> {
                Optional<Refusal> wordless = MenuChecks.words(kind, item.label());
                if (wordless.isPresent()) {
                    yield wordless;
                }
                Outline<MenuRowId, MenuRow> menus =
                        before.menus().replace(set.item(), item.withKind(dressed(item.kind(), kind)));
                draft.become(before.withMenus(
                        kind instanceof ItemKind.PageList ? menus : withoutAnchors(menus, set.item())));
                tellOfUnseen(draft, kind);
                yield settled(draft, before, List.of(set.item()));
            }
        };
    }

    /** Where items stood among the rows of what is no list any more says nothing. */
    private static Outline<MenuRowId, MenuRow> withoutAnchors(Outline<MenuRowId, MenuRow> menus, MenuRowId item) {
        List<MenuRowId> beneath =
                menus.childrenOf(item).stream().map(Branch::id).toList();
        return menus.updateAll(beneath, row -> ((MenuRow.Item) row).withAnchor(null));
    }

    /** A list that is set another way keeps what its rows were given. */
    private static ItemKind dressed(ItemKind old, ItemKind fresh) {
        return old instanceof ItemKind.PageList before && fresh instanceof ItemKind.PageList list
                ? list.withDressed(before.dressed())
                : fresh;
    }
}
