package velnik.core.navigation;

import java.util.List;
import java.util.Set;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/**
 * One row of a menu as visitors get it.
 *
 * @param isLink whether it leads to its page; a group whose subpages are shown opens them and leads nowhere
 * @param devices where it shows
 * @param rows the rows beneath it that show
 */
public record NavigationRow(Key key, String label, boolean isLink, Set<Device> devices, List<NavigationRow> rows) {

    /** Tells a row from all others of a site's navigation: the item it comes from and the page it leads to. */
    public record Key(MenuRowId item, PageId page) {}

    public NavigationRow {
        devices = Set.copyOf(devices);
        rows = List.copyOf(rows);
    }

    public PageId page() {
        return key.page();
    }

    public boolean isOn(Device device) {
        return devices.contains(device);
    }

    public boolean opensOn(Device device) {
        return rows.stream().anyMatch(row -> row.isOn(device));
    }
}
