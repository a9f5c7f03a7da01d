package velnik.core.pages;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
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
        Site before = draft.site();
        draft.become(draft.pages().updateAll(change.pages(), page -> page.withReach(change.reach())));
        switch (change.reach()) {
            case HELD_BACK -> {
                List<String> vanish = visibleBeneath(before, change.pages(), draft.openings());
                if (!vanish.isEmpty()) {
                    draft.tellOfSubpages(new Notice.SubpagesVanish(vanish), change.pages());
                }
            }
            case BY_LINK_ONLY -> {
                List<String> unlisted = beneath(before, change.pages(), page -> isListed(before, page, draft));
                if (!unlisted.isEmpty()) {
                    draft.tellOfSubpages(new Notice.SubpagesUnlisted(unlisted), change.pages());
                }
            }
            case OPEN -> {}
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
            int beneath =
                    visibleBeneath(before, change.pages(), draft.openings()).size();
            if (beneath > 0) {
                draft.tellOfSubpages(new Notice.SubpagesForMembers(beneath), change.pages());
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

    private static boolean isListed(Site site, PageId page, Draft draft) {
        return Access.of(site, page, draft.openings()).isListed();
    }

    /** Titles of the pages beneath some that can be got and are not of them; those that are not there have none. */
    static List<String> visibleBeneath(Site site, List<PageId> pages, Openings openings) {
        return beneath(site, pages, page -> Access.of(site, page, openings).isGettable());
    }

    /** Costs O(pages beneath). */
    private static List<String> beneath(Site site, List<PageId> pages, Predicate<PageId> counts) {
        Set<PageId> beneath = new LinkedHashSet<>();
        for (PageId id : pages) {
            Optional<Branch<PageId, Page>> page = site.pages().findBranch(id);
            if (page.isPresent() && !page.get().children().isEmpty()) {
                site.pages().walk(id).stream().map(Branch::id).filter(counts).forEach(beneath::add);
            }
        }
        pages.forEach(beneath::remove);
        return beneath.stream().map(page -> site.pages().get(page).title()).toList();
    }
}
