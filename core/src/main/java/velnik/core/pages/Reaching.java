package velnik.core.pages;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** Sets who can get pages. */
public final class Reaching {
    private Reaching() {}

    public static Optional<Refusal> setReach(Draft draft, Change.SetReach change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId id : change.pages()) {
            Optional<Refusal> refusal = Checks.exists(draft.site(), id)
                    .or(() -> change.reach() == Reach.OPEN ? Optional.empty() : staysOpen(draft.site(), id));
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        int visible =
                change.reach() == Reach.HELD_BACK ? visibleBeneath(draft.site(), change.pages(), draft.openings()) : 0;
        draft.become(draft.pages().updateAll(change.pages(), page -> page.withReach(change.reach())));
        if (visible > 0) {
            draft.tell(new Notice.SubpagesVanish(visible));
        }
        return Optional.empty();
    }

    public static Optional<Refusal> setMembersOnly(Draft draft, Change.SetMembersOnly change) {
        Optional<Refusal> refusal = change.membersOnly() ? alwaysThere(draft.site(), change.pages()) : Optional.empty();
        if (refusal.isPresent()) {
            return refusal;
        }
        Site before = draft.site();
        refusal = Checks.each(draft, change.pages(), page -> page.withMembersOnly(change.membersOnly()));
        if (refusal.isEmpty() && change.membersOnly()) {
            int beneath = visibleBeneath(before, change.pages(), draft.openings());
            if (beneath > 0) {
                draft.tell(new Notice.SubpagesForMembers(beneath));
            }
        }
        return refusal;
    }

    /** The refusal for the first of some pages that is there for everybody, always; those that are not known are not. */
    static Optional<Refusal> alwaysThere(Site site, List<PageId> pages) {
        return pages.stream()
                .filter(site.pages()::contains)
                .flatMap(page -> staysOpen(site, page).stream())
                .findFirst();
    }

    /** The home page, the one that lets members in and the one for addresses that lead nowhere. */
    static Optional<Refusal> staysOpen(Site site, PageId id) {
        String title = site.pages().get(id).title();
        if (site.isHome(id)) {
            return Optional.of(new Refusal.HomeStaysOpen(title));
        }
        return switch (site.pages().get(id).kind()) {
            case NOT_FOUND -> Optional.of(new Refusal.NotFoundStaysOpen(title));
            case SIGN_IN -> Optional.of(new Refusal.SignInStaysOpen(title));
            case PAGE, GROUP, SEARCH, PAGE_INDEX -> Optional.empty();
        };
    }

    /** How many pages beneath some can be got that are not of them; those that are not there have none. */
    static int visibleBeneath(Site site, List<PageId> pages, Openings openings) {
        Set<PageId> beneath = new HashSet<>();
        for (PageId id : pages) {
            Optional<Branch<PageId, Page>> page = site.pages().findBranch(id);
            if (page.isPresent() && !page.get().children().isEmpty()) {
                site.pages().walk(id).stream()
                        .map(Branch::id)
                        .filter(row -> Access.of(site, row, openings).isGettable())
                        .forEach(beneath::add);
            }
        }
        pages.forEach(beneath::remove);
        return beneath.size();
    }
}
