package velnik.core.change;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.site.Layout;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.WhenClosed;

/** Adds pages. The first page of a site becomes its home page. */
final class Adding {
    private Adding() {}

    static Optional<Refusal> make(Draft draft, Change.AddPages change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        int count = draft.pages().size() + change.pages().size();
        if (count > Limits.PAGES) {
            return Optional.of(new Refusal.TooManyPages(count, Limits.PAGES));
        }
        for (Change.NewPage page : change.pages()) {
            Optional<Refusal> refusal = add(draft, page);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return Optional.empty();
    }

    private static Optional<Refusal> add(Draft draft, Change.NewPage fresh) {
        Site site = draft.site();
        String title = Titling.cleaned(fresh.title());
        @Nullable PageId parent = fresh.place().parent();
        if (site.pages().contains(fresh.id()) || site.findRemoved(fresh.id()).isPresent()) {
            return Optional.of(new Refusal.IdTaken(fresh.id()));
        }
        @Nullable
        String typed = fresh.slug() == null ? null : fresh.slug().strip().toLowerCase(Locale.ROOT);
        Optional<Refusal> refusal = Checks.title(title)
                .or(() -> Checks.place(site, fresh.place()))
                .or(() -> Checks.depth(site, parent, 1))
                .or(() -> typed == null ? Optional.empty() : Addressing.typed(site, parent, typed, null));
        if (refusal.isPresent()) {
            return refusal;
        }
        String slug = typed == null ? Addressing.free(site, parent, Slugs.fromTitle(title), null) : typed;
        Page page = new Page(
                fresh.kind(),
                title,
                slug,
                typed == null,
                fresh.reach(),
                false,
                fresh.keptFromSearchEngines(),
                Layout.STANDARD,
                fresh.summary(),
                Set.of(),
                null,
                fresh.text(),
                List.of(),
                WhenClosed.NOT_FOUND,
                false);
        @Nullable PageId home = site.home() == null ? fresh.id() : site.home();
        draft.become(site.withPages(site.pages().insert(fresh.id(), fresh.place(), page), home));
        return Optional.empty();
    }
}
