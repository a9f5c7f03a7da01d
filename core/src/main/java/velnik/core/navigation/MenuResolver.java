package velnik.core.navigation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** Turns a menu's items into the rows that show. */
final class MenuResolver {
    private static final Set<Device> ALL_DEVICES = EnumSet.allOf(Device.class);

    private final Site site;

    MenuResolver(Site site) {
        this.site = site;
    }

    ZoneMenu resolve(MenuRowId id) {
        Branch<MenuRowId, MenuRow> branch = site.menus().branch(id);
        if (!(branch.value() instanceof MenuRow.Menu menu)) {
            throw new IllegalArgumentException(id + " is an item, not a menu");
        }
        List<NavigationRow> rows = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> item : branch.children()) {
            switch (item.value()) {
                case MenuRow.TreeList list ->
                    rows.addAll(listed(item.id(), site.pages().top(), list.levels()));
                case MenuRow.Menu nested ->
                    throw new IllegalStateException("menu " + item.id() + " stands inside menu " + id);
            }
        }
        return new ZoneMenu(id, menu.name(), rows);
    }

    private List<NavigationRow> listed(MenuRowId item, List<Branch<PageId, Page>> pages, int levels) {
        List<NavigationRow> rows = new ArrayList<>();
        for (Branch<PageId, Page> page : pages) {
            if (Access.reachOf(site, page) != Reach.OPEN) {
                continue; // and nothing beneath it: held back passes on, and lists do not go beneath by link only
            }
            List<NavigationRow> beneath = levels == 1 ? List.of() : listed(item, page.children(), levels - 1);
            boolean group = page.value().kind() == PageKind.GROUP;
            if (group && Access.leadsOnTo(site, page.id()).isEmpty()) {
                continue; // its address would be not found
            }
            rows.add(new NavigationRow(
                    new NavigationRow.Key(item, page.id()),
                    page.value().title(),
                    !group || beneath.isEmpty(),
                    ALL_DEVICES,
                    beneath));
        }
        return rows;
    }
}
