package velnik.core.pages;

import java.util.List;
import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/** Which page is the home page, and which pages are groups. */
public final class Homing {
    private Homing() {}

    /** Two addresses change: its own, and that of the page that was the home page. Those beneath them stay. */
    public static Optional<Refusal> setHome(Draft draft, Change.SetHome set) {
        Site site = draft.site();
        PageId home = set.page();
        Optional<Refusal> refusal = Checks.exists(site, home).or(() -> canBeHome(site, home));
        if (refusal.isPresent() || site.isHome(home)) {
            return refusal;
        }
        int published = draft.wasPublished(home) ? 1 : 0;
        int count = 1;
        if (site.home() != null) {
            count++;
            published += draft.wasPublished(site.home()) ? 1 : 0;
        }
        draft.become(site.withPages(site.pages(), home));
        draft.tell(new Notice.AddressesChange(count, published));
        if (site.home() != null) {
            draft.addressed(site.home());
        }
        return Optional.empty();
    }

    /** Everybody gets the home page at all times, so neither it nor anything above it is withheld from anybody. */
    private static Optional<Refusal> canBeHome(Site site, PageId page) {
        Page itself = site.pages().get(page);
        if (itself.kind() != PageKind.PAGE) {
            return Optional.of(new Refusal.NoHome(itself.title()));
        }
        for (Branch<PageId, Page> step : site.pages().pathTo(page)) {
            Page above = step.value();
            boolean free = (above.reach() == Reach.OPEN || !step.id().equals(page) && above.reach() != Reach.HELD_BACK)
                    && above.periods().isEmpty()
                    && !above.membersOnly();
            if (!free) {
                return Optional.of(new Refusal.HomeWithheld(itself.title(), above.title()));
            }
        }
        return Optional.empty();
    }

    public static Optional<Refusal> setGroup(Draft draft, Change.SetGroup set) {
        Site site = draft.site();
        List<PageId> pages = set.pages();
        for (PageId page : pages) {
            if (site.pages().contains(page)) {
                Page itself = site.pages().get(page);
                if (itself.kind().isBuiltIn()) {
                    return Optional.of(new Refusal.BuiltInAlone(itself.title()));
                }
                if (set.group() && site.isHome(page)) {
                    return Optional.of(new Refusal.HomeNoGroup(itself.title()));
                }
            }
        }
        return Checks.each(draft, pages, page -> page.withKind(set.group() ? PageKind.GROUP : PageKind.PAGE));
    }
}
