package velnik.core.reach;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/**
 * Who can get one page. The strictest reach from the page up to the top wins; by link only counts for a page itself,
 * while lists leave out what is beneath it.
 *
 * @param reach the reach that results
 * @param limitedBy the ancestor that holds the page back; null when the page's own reach decides
 * @param unlistedBy the ancestor by link only, beneath which no list goes; null when there is none
 */
public record Access(
        Reach reach, @Nullable PageId limitedBy, @Nullable PageId unlistedBy) {
    private static final Access OPEN = new Access(Reach.OPEN, null, null);

    /** O(levels). */
    public static Access of(Site site, PageId page) {
        if (site.isHome(page)) {
            return OPEN;
        }
        List<Branch<PageId, Page>> path = site.pages().pathTo(page);
        @Nullable PageId unlistedBy = null;
        for (Branch<PageId, Page> ancestor : path.subList(0, path.size() - 1)) {
            Reach reach = reachOf(site, ancestor);
            if (reach == Reach.HELD_BACK) {
                return new Access(Reach.HELD_BACK, ancestor.id(), null);
            }
            if (reach == Reach.BY_LINK_ONLY && unlistedBy == null) {
                unlistedBy = ancestor.id();
            }
        }
        return new Access(path.getLast().value().reach(), null, unlistedBy);
    }

    /** The reach set on a row; the home page is open whatever is set. */
    public static Reach reachOf(Site site, Branch<PageId, Page> row) {
        return site.isHome(row.id()) ? Reach.OPEN : row.value().reach();
    }

    /** Whether lists may go beneath a page: it and all above it are open, the home page whatever is set. O(levels). */
    public static boolean isListedBeneath(Site site, PageId page) {
        return site.pages().pathTo(page).stream().allMatch(row -> reachOf(site, row) == Reach.OPEN);
    }

    /** Whether its own address answers. */
    public boolean isGettable() {
        return reach != Reach.HELD_BACK;
    }

    /** Whether lists, search and the page index show it. */
    public boolean isListed() {
        return reach == Reach.OPEN && unlistedBy == null;
    }

    /**
     * Where the address of a group leads: its first subpage that lists may show, looked for in reading order, into
     * groups too. Empty when there is none, or when the page is not a group.
     */
    public static Optional<PageId> leadsOnTo(Site site, PageId group) {
        Branch<PageId, Page> branch = site.pages().branch(group);
        return branch.value().kind() == PageKind.GROUP ? firstListedUnder(site, branch) : Optional.empty();
    }

    private static Optional<PageId> firstListedUnder(Site site, Branch<PageId, Page> branch) {
        for (Branch<PageId, Page> child : branch.children()) {
            if (reachOf(site, child) == Reach.OPEN) {
                Optional<PageId> found = child.value().kind() == PageKind.GROUP
                        ? firstListedUnder(site, child)
                        : Optional.of(child.id());
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
