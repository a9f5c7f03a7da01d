package velnik.core.site;

/**
 * A row of the one outline that holds all menus: a {@link Menu} at the top level, an item beneath it.
 */
public sealed interface MenuRow {

    /** A named tree of items. Visitors never see the name. */
    record Menu(String name) implements MenuRow {
        public Menu {
            if (name.isBlank() || name.length() > Limits.TITLE) {
                throw new IllegalArgumentException("a menu's name has 1 to " + Limits.TITLE + " characters: " + name);
            }
        }
    }

    /**
     * An item that fills itself: the whole page tree, in its order.
     *
     * @param levels how many levels of the tree it yields, from 1
     */
    record TreeList(int levels) implements MenuRow {
        public TreeList {
            if (levels < 1 || levels > Limits.LEVELS) {
                throw new IllegalArgumentException("a list yields 1 to " + Limits.LEVELS + " levels, not " + levels);
            }
        }
    }
}
