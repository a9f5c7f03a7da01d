package velnik.core.site;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Outline;

/**
 * Everything the owner arranges, as one immutable value. The working copy is a site; so is what a release shows.
 *
 * @param home the page whose address is {@code /}; null only while there are no pages
 * @param menus all menus in one outline: each {@link MenuRow.Menu} a row at the top, its items beneath
 */
public record Site(
        Details details,
        Outline<PageId, Page> pages,
        @Nullable PageId home,
        Outline<MenuRowId, MenuRow> menus,
        List<Assignment> assignments) {

    public Site {
        assignments = List.copyOf(assignments);
        if ((home == null) != (pages.size() == 0) || (home != null && !pages.contains(home))) {
            throw new IllegalArgumentException("a site with pages has one of them as its home, not " + home);
        }
    }

    /** Before anything was arranged. */
    public static Site bare() {
        return new Site(Details.NONE, Outline.empty(), null, Outline.empty(), List.of());
    }

    public boolean isHome(PageId page) {
        return page.equals(home);
    }

    public Optional<Assignment> findAssignment(Zone zone, Scope scope) {
        return assignments.stream()
                .filter(assignment ->
                        assignment.zone() == zone && assignment.scope().equals(scope))
                .findFirst();
    }

    public Site withPages(Outline<PageId, Page> newPages, @Nullable PageId newHome) {
        return new Site(details, newPages, newHome, menus, assignments);
    }

    public Site withPages(Outline<PageId, Page> newPages) {
        return withPages(newPages, home);
    }
}
