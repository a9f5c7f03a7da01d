package velnik.server.arranging;

import java.util.ArrayList;
import java.util.List;
import velnik.core.outline.Branch;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.workingcopy.Computed;

/**
 * A menu that some of the pages asked for could be placed in.
 *
 * @param missing those of the pages that no row of it leads to
 */
record PlaceableDto(String menu, String name, List<String> missing) {
    static List<PlaceableDto> of(Computed.Revision now, List<PageId> pages) {
        Site site = now.state().site();
        List<PageId> there = pages.stream().filter(site.pages()::contains).toList();
        List<PlaceableDto> placeable = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> menu : site.menus().top()) {
            List<String> missing = there.stream()
                    .filter(page -> now.whereabouts().of(page).stream()
                            .noneMatch(place -> place.menu().equals(menu.id())))
                    .map(PageId::value)
                    .toList();
            if (menu.value() instanceof MenuRow.Menu named && !named.setAside() && !missing.isEmpty()) {
                placeable.add(new PlaceableDto(menu.id().value(), named.name(), missing));
            }
        }
        return placeable;
    }
}
