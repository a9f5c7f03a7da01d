package velnik.core.site;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Outline;

/**
 * Everything the owner arranges, as one immutable value. The working copy is a site; so is what a release shows.
 *
 * @param home the page whose address is {@code /}; null only while there are no pages
 * @param menus all menus in one outline: each {@link MenuRow.Menu} a row at the top, its items beneath
 * @param assignments at most one for each zone and scope
 */
public record Site(
        Details details,
        Outline<PageId, Page> pages,
        @Nullable PageId home,
        Outline<MenuRowId, MenuRow> menus,
        List<Assignment> assignments) {

    public Site {
        assignments = ordered(assignments);
        if ((home == null) != (pages.size() == 0) || (home != null && !pages.contains(home))) {
            throw new IllegalArgumentException("a site with pages has one of them as its home, not " + home);
        }
    }

    /** Their order says nothing; one order makes equal sites equal. */
    private static List<Assignment> ordered(List<Assignment> assignments) {
        Comparator<Assignment> order = Comparator.comparing(Assignment::zone)
                .thenComparing(assignment -> assignment.scope().word());
        for (int i = 1; i < assignments.size(); i++) {
            if (order.compare(assignments.get(i - 1), assignments.get(i)) >= 0) {
                return assignments.stream().sorted(order).toList();
            }
        }
        return List.copyOf(assignments);
    }

    /** Before anything was arranged. */
    public static Site bare() {
        return new Site(Details.NONE, Outline.empty(), null, Outline.empty(), List.of());
    }

    public boolean isHome(PageId page) {
        return page.equals(home);
    }

    public Optional<Assignment> findAssignment(Assignment.Key key) {
        return assignments.stream()
                .filter(assignment -> assignment.key().equals(key))
                .findFirst();
    }

    /** The menu that a row of the outline of menus belongs to; itself for a menu. */
    public MenuRowId menuOf(MenuRowId row) {
        return menus.pathTo(row).getFirst().id();
    }

    /** @throws IllegalArgumentException when the row is a menu */
    public MenuRow.Item item(MenuRowId row) {
        if (menus.get(row) instanceof MenuRow.Item item) {
            return item;
        }
        throw new IllegalArgumentException(row + " is a menu, not an item");
    }

    public Site withPages(Outline<PageId, Page> newPages, @Nullable PageId newHome) {
        return new Site(details, newPages, newHome, menus, assignments);
    }

    public Site withMenus(Outline<MenuRowId, MenuRow> newMenus) {
        return new Site(details, pages, home, newMenus, assignments);
    }

    public Site withAssignments(List<Assignment> newAssignments) {
        return new Site(details, pages, home, menus, newAssignments);
    }

    public Site withPages(Outline<PageId, Page> newPages) {
        return withPages(newPages, home);
    }
}
