package velnik.core.site;

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
    record Menu(String name, boolean setAside, Joining joining, Appearance newItems) implements MenuRow {
        public Menu {
            if (name.isBlank() || name.length() > Limits.TITLE) {
                throw new IllegalArgumentException("a menu's name has 1 to " + Limits.TITLE + " characters: " + name);
            }
        }

        public static Menu named(String name) {
            return new Menu(name, false, Joining.NEVER, Appearance.PLAIN);
        }

        public Menu withName(String newName) {
            return new Menu(newName, setAside, joining, newItems);
        }

        public Menu withSetAside(boolean newSetAside) {
            return new Menu(name, newSetAside, joining, newItems);
        }

        public Menu withJoining(Joining newJoining) {
            return new Menu(name, setAside, newJoining, newItems);
        }

        public Menu withNewItems(Appearance begin) {
            return new Menu(name, setAside, joining, begin);
        }
    }

    /**
     * One row of a menu.
     *
     * @param label typed by the owner; empty to follow what it leads to. A list or another menu without one splices its
     *     rows into its own place; with one it is a heading over them
     * @param anchor for an item among the rows of a list: where it stands there; null for every other item
     */
    record Item(
            ItemKind kind,
            String label,
            Appearance appearance,
            @Nullable Anchor anchor) implements MenuRow {
        public Item {
            if (label.length() > Limits.TITLE) {
                throw new IllegalArgumentException("a label has at most " + Limits.TITLE + " characters: " + label);
            }
        }

        public static Item of(ItemKind kind, String label) {
            return new Item(kind, label, Appearance.PLAIN, null);
        }

        public Item withKind(ItemKind newKind) {
            return new Item(newKind, label, appearance, anchor);
        }

        public Item withLabel(String newLabel) {
            return new Item(kind, newLabel, appearance, anchor);
        }

        public Item withAppearance(Appearance newAppearance) {
            return new Item(kind, label, newAppearance, anchor);
        }

        public Item withAnchor(@Nullable Anchor newAnchor) {
            return new Item(kind, label, appearance, newAnchor);
        }
    }
}
