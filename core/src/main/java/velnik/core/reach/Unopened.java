package velnik.core.reach;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/**
 * A site as it will be once all of it is open. What stays as it is: pages that never open again, by link only or for
 * members, and items that are hidden or have periods of their own.
 *
 * @param site with every page open that is held back now, or closed until a day to come
 * @param pages those pages and all beneath them: visitors cannot get them yet
 */
public record Unopened(Site site, Set<PageId> pages) {
    public Unopened {
        pages = Set.copyOf(pages);
    }

    /** O(pages). */
    public static Unopened of(Site site, Openings openings) {
        Set<PageId> shut = new HashSet<>();
        Set<PageId> pages = new HashSet<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            boolean isShut = Access.reachOf(site, row) == Reach.HELD_BACK || opensLater(site, row, openings);
            if (isShut) {
                shut.add(row.id());
            }
            if (isShut
                    || site.pages().parentOf(row.id()).filter(pages::contains).isPresent()) {
                pages.add(row.id());
            }
        }
        return new Unopened(
                site.withPages(site.pages().updateAll(shut, page -> opened(page, openings)), site.home()), pages);
    }

    private static Page opened(Page page, Openings openings) {
        return page.with()
                .reach(page.reach() == Reach.HELD_BACK ? Reach.OPEN : page.reach())
                .periods(openings.nextOpening(page.periods()).isPresent() ? List.of() : page.periods())
                .build();
    }

    private static boolean opensLater(Site site, Branch<PageId, Page> row, Openings openings) {
        List<Period> periods = Access.periodsOf(site, row);
        return !openings.run(periods) && openings.nextOpening(periods).isPresent();
    }
}
