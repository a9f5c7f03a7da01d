package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.server.calls.Whole;

/** A change of menus as the editor sends it. */
sealed interface MenuChangeDto extends ChangeDto {

    /** @param after the menu it stands after; null for first */
    record AddMenu(
            @NotNull String menu,
            @Nullable String after,
            @NotNull String name) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.AddMenu(new MenuRowId(menu), id(after), name);
        }
    }

    record RenameMenu(@NotNull String menu, @NotNull String name) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.RenameMenu(new MenuRowId(menu), name);
        }
    }

    record SetAside(@NotNull List<String> menus, boolean setAside) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.SetAside(ids(menus), setAside);
        }
    }

    record SetJoining(@NotNull String menu, @NotNull JoiningDto joining) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.SetJoining(new MenuRowId(menu), joining.read(), joining.spot());
        }
    }

    record SetNewItems(@NotNull String menu, @NotNull AppearanceEdit appearance) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.SetNewItems(new MenuRowId(menu), appearance.edit(null));
        }
    }

    record AddItems(@NotNull List<NewItem> items) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.AddItems(items.stream().map(NewItem::item).toList());
        }
    }

    /** @param label empty to follow what it leads to */
    record NewItem(
            @NotNull String id,
            @NotNull RowPlace place,
            @NotNull KindDto kind,
            @NotNull String label) {
        MenuChange.NewItem item() {
            return new MenuChange.NewItem(new MenuRowId(id), place.place(), place.read(), kind.itemKind(), label);
        }
    }

    record PlacePages(@NotNull List<NewPlace> pages) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.PlacePages(pages.stream().map(NewPlace::place).toList());
        }
    }

    /**
     * @param item names the item that is made
     * @param label empty to follow the page's title
     */
    record NewPlace(
            @NotNull String menu,
            @NotNull String item,
            @NotNull String page,
            @NotNull String label) {
        MenuChange.NewPlace place() {
            return new MenuChange.NewPlace(new MenuRowId(menu), new MenuRowId(item), new PageId(page), label);
        }
    }

    /** @param removal names the items that go into the bin */
    record TakePagesOut(@NotNull String removal, @NotNull List<OldPlace> pages) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.TakePagesOut(
                    new RemovalId(removal), pages.stream().map(OldPlace::place).toList());
        }
    }

    record OldPlace(@NotNull String menu, @NotNull String page) {
        MenuChange.OldPlace place() {
            return new MenuChange.OldPlace(new MenuRowId(menu), new PageId(page));
        }
    }

    record MoveItems(@NotNull List<String> items, @NotNull RowPlace place) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.MoveItems(ids(items), place.place(), place.read());
        }
    }

    record MoveMenus(@NotNull List<String> menus, @Nullable String after) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.MoveMenus(ids(menus), id(after));
        }
    }

    /** @param removal names it in the bin */
    record RemoveMenuRows(@NotNull String removal, @NotNull List<String> rows) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.RemoveMenuRows(new RemovalId(removal), ids(rows));
        }
    }

    /** @param ids what the ids of the copies begin with */
    record CopyMenuRow(@NotNull String row, @NotNull String ids) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.CopyMenuRow(new MenuRowId(row), stem(ids));
        }
    }

    /** @param label left out, it stays as it is */
    record SetItems(
            @NotNull List<RowName> rows,
            @Nullable String label,
            @NotNull AppearanceEdit appearance) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.SetItems(rows.stream().map(RowName::name).toList(), appearance.edit(label));
        }
    }

    /**
     * What is left out stays as it is.
     *
     * @param picture a file; empty for none
     */
    record AppearanceEdit(
            @Nullable Boolean hidden,
            @Nullable Set<Device> devices,
            @Nullable Set<Visitor> visitors,
            @Nullable Boolean beforeSignIn,
            @Nullable List<PeriodDto> periods,
            @Nullable String icon,
            @Nullable Boolean iconAlone,
            @Nullable String picture,
            Appearance.@Nullable Weight weight,
            @Nullable Boolean farEnd,
            @Nullable Boolean newTab,
            @Nullable String note,
            @Nullable Boolean accent,
            Appearance.@Nullable Relation relation,
            @Nullable String hook,
            Appearance.@Nullable Arrangement arrangement,
            Appearance.@Nullable Panel panel) {
        MenuChange.ItemEdit edit(@Nullable String label) {
            return new MenuChange.ItemEdit(
                    Optional.ofNullable(label),
                    Optional.ofNullable(hidden),
                    Optional.ofNullable(devices),
                    Optional.ofNullable(visitors),
                    Optional.ofNullable(beforeSignIn),
                    Optional.ofNullable(periods)
                            .map(all -> all.stream().map(PeriodDto::period).toList()),
                    Optional.ofNullable(icon),
                    Optional.ofNullable(iconAlone),
                    Optional.ofNullable(picture),
                    Optional.ofNullable(weight),
                    Optional.ofNullable(farEnd),
                    Optional.ofNullable(newTab),
                    Optional.ofNullable(note),
                    Optional.ofNullable(accent),
                    Optional.ofNullable(relation),
                    Optional.ofNullable(hook),
                    Optional.ofNullable(arrangement),
                    Optional.ofNullable(panel));
        }
    }

    /** @param page for a row of a list, the page it is about */
    record RowName(@NotNull String item, @Nullable String page) {
        MenuChange.RowName name() {
            return new MenuChange.RowName(new MenuRowId(item), page == null ? null : new PageId(page));
        }
    }

    record SetItemKind(@NotNull String item, @NotNull KindDto to) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.SetItemKind(new MenuRowId(item), to.itemKind());
        }
    }

    /** @param ids what the ids of the new items begin with */
    record FreezeList(@NotNull String list, @NotNull String ids) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.FreezeList(new MenuRowId(list), stem(ids));
        }
    }

    /** @param ids what the ids of the new items begin with */
    record DetachBranch(
            @NotNull String list,
            @NotNull String page,
            @NotNull String ids) implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.DetachBranch(new MenuRowId(list), new PageId(page), stem(ids));
        }
    }

    /** @param says null to have no assignment there any more */
    record AssignMenus(@NotNull Zone zone, AssignmentDto.@NotNull ScopeDto scope, AssignmentDto.@Nullable SaysDto says)
            implements MenuChangeDto {
        @Override
        public Change change() {
            return new MenuChange.AssignMenus(zone, scope.read(), says == null ? null : says.read());
        }
    }

    /**
     * Where an item stands.
     *
     * @param parent a menu or an item
     * @param after the item before it there; null for first
     * @param anchor where it stands among the rows of a list; left out elsewhere
     */
    record RowPlace(
            @NotNull String parent,
            @Nullable String after,
            @Nullable AnchorDto anchor) {
        Place<MenuRowId> place() {
            return new Place<>(new MenuRowId(parent), id(after));
        }

        @Nullable
        Anchor read() {
            return anchor == null ? null : anchor.read();
        }
    }

    /**
     * @param under the page of the row it stands under; null for the first level of the list
     * @param behind pages of the rows before it, nearest first
     * @param ahead pages of the rows after it, nearest first; left out where they are not known
     */
    record AnchorDto(
            @Nullable String under,
            @NotNull List<String> behind,
            @Nullable List<String> ahead) {
        Anchor read() {
            return new Anchor(
                    under == null ? null : new PageId(under), pages(behind), ahead == null ? null : pages(ahead));
        }

        private static List<PageId> pages(List<String> nearest) {
            return nearest.stream().limit(Anchor.REMEMBERED).map(PageId::new).toList();
        }
    }

    private static @Nullable MenuRowId id(@Nullable String id) {
        return id == null ? null : new MenuRowId(id);
    }

    private static List<MenuRowId> ids(List<String> ids) {
        return ids.stream().map(MenuRowId::new).toList();
    }

    /** @throws IllegalArgumentException when no ids can begin so */
    static String stem(String ids) {
        return new MenuRowId(ids + "-" + Whole.ROWS).value().substring(0, ids.length());
    }
}
