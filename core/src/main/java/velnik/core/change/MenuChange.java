package velnik.core.change;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.RemovalId;
import velnik.core.site.Scope;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/** An edit of menus, of their items, or of where menus stand. */
public sealed interface MenuChange extends Change {

    /** @param after the menu it stands after in the owner's outline; null for first */
    record AddMenu(MenuRowId menu, @Nullable MenuRowId after, String name) implements MenuChange {}

    record RenameMenu(MenuRowId menu, String name) implements MenuChange {}

    /** Keeps menus without their standing anywhere, or brings them back to where they stood. */
    record SetAside(List<MenuRowId> menus, boolean setAside) implements MenuChange {
        public SetAside {
            menus = List.copyOf(menus);
        }
    }

    /** Says which new pages come into a menu by themselves, and where they stand then. */
    record SetJoining(MenuRowId menu, Joining.From from, Joining.Spot spot) implements MenuChange {}

    /** Says how items begin that are added to a menu from now on. */
    record SetNewItems(MenuRowId menu, ItemEdit edit) implements MenuChange {
        public SetNewItems {
            if (edit.label().isPresent()) {
                throw new IllegalArgumentException("new items have no label in common");
            }
        }
    }

    /** Adds items one after another, so that one may stand under or after another of the same change. */
    record AddItems(List<NewItem> items) implements MenuChange {
        public AddItems {
            items = List.copyOf(items);
        }
    }

    /**
     * An item to add.
     *
     * @param anchor where it stands among the rows of a list; null elsewhere
     * @param label empty to follow what it leads to
     */
    record NewItem(
            MenuRowId id, Place<MenuRowId> place, @Nullable Anchor anchor, ItemKind kind, String label) {}

    /** Puts pages into menus, each where the order of the page tree has it, or back into a list that leaves it out. */
    record PlacePages(List<NewPlace> pages) implements MenuChange {
        public PlacePages {
            pages = List.copyOf(pages);
        }
    }

    /**
     * @param item names the item that is made; a list that takes the page back makes none
     * @param label empty to follow the page's title
     */
    record NewPlace(MenuRowId menu, MenuRowId item, PageId page, String label) {}

    /**
     * Takes pages out of menus wherever they stand in them: items go into the bin with all that is under them, lists
     * leave the pages out.
     *
     * @param removal names the items in the bin
     */
    record TakePagesOut(RemovalId removal, List<OldPlace> pages) implements MenuChange {
        public TakePagesOut {
            pages = List.copyOf(pages);
        }
    }

    record OldPlace(MenuRowId menu, PageId page) {}

    /** Moves items with all that is under them, within a menu or between menus. They stand in the order given. */
    record MoveItems(
            List<MenuRowId> items,
            Place<MenuRowId> place,
            @Nullable Anchor anchor) implements MenuChange {
        public MoveItems {
            items = List.copyOf(items);
        }
    }

    /** Moves menus in the owner's outline. */
    record MoveMenus(List<MenuRowId> menus, @Nullable MenuRowId after) implements MenuChange {
        public MoveMenus {
            menus = List.copyOf(menus);
        }
    }

    /**
     * Puts menus or items into the bin with all that is under them; never a page.
     *
     * @param removal names it in the bin
     */
    record RemoveMenuRows(RemovalId removal, List<MenuRowId> rows) implements MenuChange {
        public RemoveMenuRows {
            rows = List.copyOf(rows);
        }
    }

    /**
     * Copies a menu or an item, with all that is under it and all options, to right after it.
     *
     * @param ids what the ids of the copies begin with
     */
    record CopyMenuRow(MenuRowId row, String ids) implements MenuChange {}

    /** Gives items, or rows of lists, other labels and appearances. */
    record SetItems(List<RowName> rows, ItemEdit edit) implements MenuChange {
        public SetItems {
            rows = List.copyOf(rows);
        }
    }

    /** @param page for a row of a list, the page it is about; null for the item itself */
    record RowName(MenuRowId item, @Nullable PageId page) {}

    /**
     * What becomes of each item; what is empty stays as it is. An empty label follows again.
     *
     * @param picture the id of a file; an empty one for none
     */
    @RecordBuilder
    @RecordBuilder.Options(addConcreteSettersForOptional = RecordBuilder.ConcreteSettersForOptionalMode.ENABLED)
    record ItemEdit(
            Optional<String> label,
            Optional<Boolean> hidden,
            Optional<Set<Device>> devices,
            Optional<Set<Visitor>> visitors,
            Optional<Boolean> beforeSignIn,
            Optional<List<Period>> periods,
            Optional<String> icon,
            Optional<Boolean> iconAlone,
            Optional<String> picture,
            Optional<Appearance.Weight> weight,
            Optional<Boolean> farEnd,
            Optional<Boolean> newTab,
            Optional<String> note,
            Optional<Boolean> accent,
            Optional<Appearance.Relation> relation,
            Optional<String> hook,
            Optional<Appearance.Arrangement> arrangement,
            Optional<Appearance.Panel> panel)
            implements MenuChangeItemEditBuilder.With {
        public static final ItemEdit NOTHING = new ItemEdit(
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());

        /** Only what is set. */
        public static ItemEdit of(Consumer<MenuChangeItemEditBuilder> edit) {
            return NOTHING.with(edit);
        }

        public static ItemEdit label(String label) {
            return of(edit -> edit.label(label));
        }

        public static ItemEdit hidden(boolean hidden) {
            return of(edit -> edit.hidden(hidden));
        }
    }

    /** Makes of an item another kind, or lets it lead elsewhere. */
    record SetItemKind(MenuRowId item, ItemKind kind) implements MenuChange {}

    /**
     * Puts ordinary items in the place of a list, just as its rows come out now.
     *
     * @param ids what the ids of the new items begin with
     */
    record FreezeList(MenuRowId list, String ids) implements MenuChange {}

    /**
     * Puts ordinary items in the place of one row of a list and of what is under it; the list leaves the page out.
     *
     * @param ids what the ids of the new items begin with
     */
    record DetachBranch(MenuRowId list, PageId page, String ids) implements MenuChange {}

    /** @param says null to have no assignment there any more */
    record AssignMenus(Zone zone, Scope scope, Assignment.@Nullable Says says) implements MenuChange {}
}
