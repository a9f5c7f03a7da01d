package velnik.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

/** The one way from one version of a site to the next. */
public final class Changes {
    private Changes() {}

    /** Applies one change. Pure: {@code site} is never altered. Costs O(rows touched × (levels + siblings)). */
    public static Outcome apply(Site site, Change change, Circumstances circumstances) {
        return applyAll(site, List.of(change), circumstances);
    }

    /**
     * Applies changes one after another; the first refusal refuses them all.
     *
     * @throws IllegalArgumentException when there are none
     */
    public static Outcome applyAll(Site site, List<Change> changes, Circumstances circumstances) {
        if (changes.isEmpty()) {
            throw new IllegalArgumentException("no change to apply");
        }
        Draft draft = new Draft(site, circumstances);
        List<Telling> tellings = new ArrayList<>();
        for (Change change : changes) {
            Site before = draft.site();
            Optional<Refusal> refusal = make(draft, change);
            if (refusal.isPresent()) {
                return new Outcome.Refused(refusal.get());
            }
            if (tellings.size() < Telling.TOLD) {
                tellings.add(Telling.of(change, before, draft.site()));
            }
        }
        Joins.afterAll(draft, site, changes);
        Telling telling = Telling.together(tellings, changes.size());
        return new Outcome.Applied(draft.site(), telling.title(), telling.sentence(), draft.notices());
    }

    private static Optional<Refusal> make(Draft draft, Change change) {
        return switch (change) {
            case Change.BeginSite begin -> Beginning.make(draft, begin);
            case Change.AddPages add -> Adding.make(draft, add);
            case Change.AddBuiltInPages add -> BuiltInPages.make(draft);
            case Change.RetitlePage retitle -> Titling.make(draft, retitle);
            case Change.SetSlug set -> Addressing.make(draft, set);
            case Change.MovePages move -> Moving.make(draft, move);
            case Change.SetReach set -> Reaching.make(draft, set);
            case Change.SetMembersOnly set -> Reaching.make(draft, set);
            case Change.SetLayout set -> Checks.each(draft, set.pages(), page -> page.withLayout(set.layout()));
            case Change.SetTopics set -> Topics.make(draft, set);
            case Change.SetDate set ->
                Optional.ofNullable(set.date())
                        .flatMap(Periods::day)
                        .or(() -> Checks.each(draft, set.pages(), page -> page.withDate(set.date())));
            case Change.SetPeriods set -> Periods.make(draft, set);
            case Change.SetWhenClosed set ->
                Checks.each(draft, set.pages(), page -> page.withWhenClosed(set.whenClosed()));
            case Change.SetTimeZone set -> {
                draft.become(draft.site().withDetails(draft.site().details().withTimeZone(set.timeZone())));
                yield Optional.empty();
            }
            case Change.SetLock set -> Checks.each(draft, set.pages(), page -> page.withLocked(set.locked()));
            case Change.SetSearchEngines set ->
                Checks.each(draft, set.pages(), page -> page.withKeptFromSearchEngines(!set.mayList()));
            case Change.RemovePages remove -> Removing.make(draft, remove);
            case Change.Restore restore -> Restoring.make(draft, restore);
            case Change.EmptyBin empty -> {
                Set<RemovalId> gone = Set.copyOf(empty.removals());
                draft.become(draft.site()
                        .withBin(draft.site().bin().stream()
                                .filter(removal -> !gone.contains(removal.id()))
                                .toList()));
                yield Optional.empty();
            }
            case MenuChange.AddMenu add -> Menus.make(draft, add);
            case MenuChange.RenameMenu rename -> Menus.make(draft, rename);
            case MenuChange.SetAside set -> Menus.make(draft, set);
            case MenuChange.SetJoining set -> Joins.make(draft, set);
            case MenuChange.SetNewItems set -> Items.make(draft, set);
            case MenuChange.MoveMenus move -> Menus.make(draft, move);
            case MenuChange.CopyMenuRow copy -> Menus.make(draft, copy);
            case MenuChange.RemoveMenuRows remove -> Removing.make(draft, remove);
            case MenuChange.AddItems add -> Items.make(draft, add);
            case MenuChange.PlacePages place -> PagesInMenus.make(draft, place);
            case MenuChange.TakePagesOut take -> PagesInMenus.make(draft, take);
            case MenuChange.MoveItems move -> Items.make(draft, move);
            case MenuChange.SetItems set -> Items.make(draft, set);
            case MenuChange.SetItemKind set -> Items.make(draft, set);
            case MenuChange.FreezeList freeze -> Lists.make(draft, freeze);
            case MenuChange.DetachBranch detach -> Lists.make(draft, detach);
            case MenuChange.AssignMenus assign -> Assigning.make(draft, assign);
            // no default: a new kind of change must not compile until it is handled here
        };
    }
}
