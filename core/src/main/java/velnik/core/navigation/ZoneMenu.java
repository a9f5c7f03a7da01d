package velnik.core.navigation;

import java.util.List;
import velnik.core.site.MenuRowId;

/** A menu standing in a zone, resolved. */
public record ZoneMenu(MenuRowId menu, String name, List<NavigationRow> rows) {

    public ZoneMenu {
        rows = List.copyOf(rows);
    }
}
