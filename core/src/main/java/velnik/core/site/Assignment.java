package velnik.core.site;

import java.util.List;

/**
 * Which menus stand in a zone, and for which pages.
 *
 * @param menus in the order they stand
 */
public record Assignment(Zone zone, Scope scope, List<MenuRowId> menus) {

    public Assignment {
        menus = List.copyOf(menus);
    }
}
