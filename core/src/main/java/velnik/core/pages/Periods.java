package velnik.core.pages;

import java.util.List;
import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.PeriodChecks;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.PageId;
import velnik.core.site.Reach;

/** Sets when pages are there. */
public final class Periods {
    private Periods() {}

    public static Optional<Refusal> setPeriods(Draft draft, Change.SetPeriods set) {
        Optional<Refusal> refusal = PeriodChecks.all(set.periods())
                .or(() -> set.periods().isEmpty() ? Optional.empty() : Reaching.alwaysThere(draft.site(), set.pages()));
        if (refusal.isPresent()) {
            return refusal;
        }
        Openings now = draft.openings();
        List<String> visible =
                now.run(set.periods()) ? List.of() : Reaching.visibleBeneath(draft.site(), set.pages(), now);
        refusal = Checks.each(draft, set.pages(), page -> page.withPeriods(set.periods()));
        if (refusal.isEmpty()) {
            if (!visible.isEmpty()) {
                draft.tellOfSubpages(new Notice.SubpagesVanish(visible), set.pages());
            }
            if (!set.periods().isEmpty()) {
                set.pages().forEach(page -> tellOfHeldBack(draft, page));
            }
        }
        return refusal;
    }

    private static void tellOfHeldBack(Draft draft, PageId page) {
        if (Access.of(draft.site(), page, Openings.ALWAYS).reach() == Reach.HELD_BACK) {
            draft.tell(
                    new Notice.StillHeldBack(draft.pages().get(page).title()), Access.heldBackBy(draft.site(), page));
        }
    }
}
