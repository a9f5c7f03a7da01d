package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import org.jspecify.annotations.Nullable;

/**
 * A row of the one outline that holds all menus: a {@link Menu} at the top level, an {@link Item} beneath it.
 */
public sealed interface MenuRow {

    /**
     * A named tree of items. Visitors never see the name.
     *
     * @param setAside whether it is kept without standing anywhere
     * @param newItems how items that are added to it begin
     */
    @RecordBuilder
    record Menu(String name, boolean setAside, Joining joining, Appearance newItems)
            implements MenuRow, MenuRowMenuBuilder.With {
        public Menu {
            if (name.isBlank() || name.length() > Limits.TITLE) {
                throw new IllegalArgumentException("a menu's name has 1 to " + Limits.TITLE + " characters: " + name);
            }
        }

        public static Menu named(String name) {
            return new Menu(name, false, Joining.NEVER, Appearance.PLAIN);
        }
    }

    /**
     * One row of a menu.
     *
     * @param label typed by the owner; empty to follow what it leads to. A list or another menu without one splices its
     *     rows into its own place; with one it is a heading over them
     * @param anchor for an item among the rows of a list: where it stands there; null for every other item
     */
    @RecordBuilder
    record Item(
            ItemKind kind,
            String label,
            Appearance appearance,
            @Nullable Anchor anchor) implements MenuRow, MenuRowItemBuilder.With {
        public Item {
            if (label.length() > Limits.TITLE) {
                throw new IllegalArgumentException("a label has at most " + Limits.TITLE + " characters: " + label);
            }
        }

        public static Item of(ItemKind kind, String label) {
            return new Item(kind, label, Appearance.PLAIN, null);
        }
    }
}
