package velnik.core.reach;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;

/**
 * Who can get one page. The strictest reach from the page up to the top wins, and a page is closed outside the periods
 * of any of them; by link only counts for a page itself, while lists leave out what is beneath it.
 *
 * @param reach the reach that results
 * @param limitedBy the ancestor that holds the page back; null when the page's own reach decides
 * @param closedBy the page whose periods do not run, itself or the topmost above it; null when it is not closed
 * @param membersBy the page that is for members only, itself or the topmost above it; null when it is for all visitors
 * @param unlistedBy the ancestor by link only, beneath which no list goes; null when there is none
 */
public record Access(
        Reach reach,
        @Nullable PageId limitedBy,
        @Nullable PageId closedBy,
        @Nullable PageId membersBy,
        @Nullable PageId unlistedBy) {
    private static final Access OPEN = new Access(Reach.OPEN, null, null, null, null);

    /** More turns than any sensible periods of a page and those above it need to meet. */
    private static final int TURNS = 100;

    /** Which pages have to be opened so that a page is held back no more: itself, those above it, or both. O(levels). */
    public static List<PageId> heldBackBy(Site site, PageId page) {
        return site.pages().pathTo(page).stream()
                .filter(step -> step.value().reach() == Reach.HELD_BACK)
                .map(Branch::id)
                .toList();
    }

    /** O(levels). */
    public static Access of(Site site, PageId page, Openings openings) {
        if (site.isHome(page)) {
            return OPEN;
        }
        List<Branch<PageId, Page>> path = site.pages().pathTo(page);
        @Nullable PageId unlistedBy = null;
        @Nullable PageId closedBy = null;
        @Nullable PageId membersBy = null;
        boolean forAll = site.pages().get(page).kind().isForAll();
        for (Branch<PageId, Page> row : path) {
            boolean above = !row.id().equals(page);
            Reach reach = reachOf(site, row);
            if (reach == Reach.HELD_BACK) {
                return new Access(Reach.HELD_BACK, above ? row.id() : null, null, null, null);
            }
            if (reach == Reach.BY_LINK_ONLY && above && unlistedBy == null) {
                unlistedBy = row.id();
            }
            if (closedBy == null && !openings.run(periodsOf(site, row))) {
                closedBy = row.id();
            }
            if (membersBy == null && !forAll && isForMembers(site, row)) {
                membersBy = row.id();
            }
        }
        return new Access(path.getLast().value().reach(), null, closedBy, membersBy, unlistedBy);
    }

    /** The reach set on a row; the home page is open whatever is set. */
    public static Reach reachOf(Site site, Branch<PageId, Page> row) {
        return site.isHome(row.id()) ? Reach.OPEN : row.value().reach();
    }

    /** The periods set on a row; the home page has none whatever is set. */
    public static List<Period> periodsOf(Site site, Branch<PageId, Page> row) {
        return site.isHome(row.id()) ? List.of() : row.value().periods();
    }

    /** Whether a row is set to be for members only; the home page never is, whatever is set. */
    public static boolean isForMembers(Site site, Branch<PageId, Page> row) {
        return row.value().membersOnly() && !site.isHome(row.id());
    }

    /** Whether lists may show the page of a row if they go beneath what is above it; a group, if it leads on. */
    public static boolean isListed(Site site, Branch<PageId, Page> row, Openings openings, Visitor visitor) {
        return isForLists(site, row, openings, visitor)
                && (row.value().kind() != PageKind.GROUP
                        || firstListedUnder(site, row, openings, visitor).isPresent());
    }

    private static boolean isForLists(Site site, Branch<PageId, Page> row, Openings openings, Visitor visitor) {
        return (visitor == Visitor.MEMBER || !isForMembers(site, row))
                && reachOf(site, row) == Reach.OPEN
                && !row.value().kind().isBuiltIn()
                && openings.run(periodsOf(site, row));
    }

    /** Whether lists may go beneath a page, if it is not closed: it and all above it are open. O(levels). */
    public static boolean isListedBeneath(Site site, PageId page) {
        return site.pages().pathTo(page).stream().allMatch(row -> reachOf(site, row) == Reach.OPEN);
    }

    /** Whether its own address answers with the page to somebody. */
    public boolean isGettable() {
        return reach != Reach.HELD_BACK && closedBy == null;
    }

    public boolean isGettableBy(Visitor visitor) {
        return isGettable() && (membersBy == null || visitor == Visitor.MEMBER);
    }

    /** Whether lists, search and the page index show it to somebody. */
    public boolean isListed() {
        return reach == Reach.OPEN && closedBy == null && unlistedBy == null;
    }

    public boolean isListedFor(Visitor visitor) {
        return isListed() && isGettableBy(visitor);
    }

    /** When a page that is closed opens again, and with it all above it; empty for never. */
    public static Optional<Instant> opensAgain(Site site, PageId page, Openings openings) {
        List<List<Period>> all = site.pages().pathTo(page).stream()
                .map(row -> periodsOf(site, row))
                .filter(periods -> !periods.isEmpty())
                .toList();
        Optional<Instant> moment = all.stream()
                .filter(periods -> !openings.run(periods))
                .findFirst()
                .flatMap(openings::nextOpening);
        for (int turn = 0; turn < TURNS && moment.isPresent(); turn++) {
            Instant then = moment.get();
            Optional<List<Period>> closed = all.stream()
                    .filter(periods -> !openings.runAt(periods, then))
                    .findFirst();
            if (closed.isEmpty()) {
                return moment;
            }
            moment = openings.nextOpening(closed.get(), then);
        }
        return Optional.empty();
    }

    /** Whether the address of a page that is closed answers with when it opens again, as the page that closes it says. */
    public static boolean isAnnounced(Site site, PageId page, Openings openings) {
        @Nullable PageId closedBy = of(site, page, openings).closedBy();
        return closedBy != null
                && site.pages().get(closedBy).whenClosed() == WhenClosed.OPENS_AGAIN
                && opensAgain(site, page, openings).isPresent();
    }

    /** When a page that is not closed closes, by its own periods or those of one above it; empty for never. */
    public static Optional<Instant> closesNext(Site site, PageId page, Openings openings) {
        return site.pages().pathTo(page).stream()
                .flatMap(row -> openings.nextClosing(periodsOf(site, row)).stream())
                .min(Comparator.naturalOrder());
    }

    /**
     * Where the address of a group leads a visitor: its first subpage that lists may show them, looked for in reading
     * order, into groups too. Empty when there is none, or when the page is not a group.
     */
    public static Optional<PageId> leadsOnTo(Site site, PageId group, Openings openings, Visitor visitor) {
        Branch<PageId, Page> branch = site.pages().branch(group);
        return branch.value().kind() == PageKind.GROUP
                ? firstListedUnder(site, branch, openings, visitor)
                : Optional.empty();
    }

    private static Optional<PageId> firstListedUnder(
            Site site, Branch<PageId, Page> branch, Openings openings, Visitor visitor) {
        for (Branch<PageId, Page> child : branch.children()) {
            if (isForLists(site, child, openings, visitor)) {
                Optional<PageId> found = child.value().kind() == PageKind.GROUP
                        ? firstListedUnder(site, child, openings, visitor)
                        : Optional.of(child.id());
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }
}
