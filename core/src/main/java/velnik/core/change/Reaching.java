package velnik.core.change;

import java.util.Optional;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** Sets who can get pages. */
final class Reaching {
    private Reaching() {}

    static Optional<Refusal> make(Draft draft, Change.SetReach change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId id : change.pages()) {
            Optional<Refusal> refusal = Checks.exists(draft.site(), id).or(() -> homeStaysOpen(draft, id, change));
            if (refusal.isPresent()) {
                return refusal;
            }
            int visible = change.reach() == Reach.HELD_BACK ? visibleBeneath(draft.site(), id) : 0;
            draft.become(draft.pages().update(id, page -> page.withReach(change.reach())));
            if (visible > 0) {
                draft.tell(new Notice.SubpagesVanish(visible));
            }
        }
        return Optional.empty();
    }

    private static Optional<Refusal> homeStaysOpen(Draft draft, PageId id, Change.SetReach change) {
        return draft.site().isHome(id) && change.reach() != Reach.OPEN
                ? Optional.of(new Refusal.HomeStaysOpen(draft.pages().get(id).title()))
                : Optional.empty();
    }

    private static int visibleBeneath(Site site, PageId id) {
        int visible = 0;
        for (Branch<PageId, Page> row : site.pages().walk(id)) {
            if (!row.id().equals(id) && Access.of(site, row.id()).isGettable()) {
                visible++;
            }
        }
        return visible;
    }
}
