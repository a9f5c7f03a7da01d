package velnik.core.pages;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.address.TakenSlugs;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.OutlineEditor;
import velnik.core.site.Limits;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageBuilder;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** Adds pages. The first page of a site becomes its home page. */
public final class Adding {
    private Adding() {}

    public static Optional<Refusal> addPages(Draft draft, Change.AddPages change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        int count = draft.pages().size() + change.pages().size();
        if (count > Limits.PAGES) {
            return Optional.of(new Refusal.TooManyPages(count, Limits.PAGES));
        }
        Site site = draft.site();
        OutlineEditor<PageId, Page> pages = site.pages().edit();
        TakenSlugs slugs = Addressing.taken(pages);
        Set<PageId> binned = site.removedPages();
        for (Change.NewPage page : change.pages()) {
            Optional<Refusal> refusal = binned.contains(page.id())
                    ? Optional.of(new Refusal.IdTaken(page.id()))
                    : add(pages, slugs, site.details().newPages(), page);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        @Nullable PageId home = site.home();
        if (home == null) { // and the home page is open, whatever was asked
            home = change.pages().getFirst().id();
            pages.update(home, page -> page.withReach(Reach.OPEN).withMembersOnly(false));
        }
        draft.become(site.withPages(pages.done(), home));
        change.pages().forEach(page -> draft.addressed(page.id()));
        return Optional.empty();
    }

    private static Optional<Refusal> add(
            OutlineEditor<PageId, Page> pages, TakenSlugs slugs, NewPages begin, Change.NewPage fresh) {
        String title = Line.cleaned(fresh.title());
        @Nullable PageId parent = fresh.place().parent();
        if (pages.contains(fresh.id())) {
            return Optional.of(new Refusal.IdTaken(fresh.id()));
        }
        @Nullable
        String typed = fresh.slug() == null ? null : fresh.slug().strip().toLowerCase(Locale.ROOT);
        Optional<Refusal> refusal = Checks.title(title)
                .or(() -> Checks.place(pages, fresh.place()))
                .or(() -> Checks.depth(parent == null ? 0 : pages.levelOf(parent), 1))
                .or(() -> typed == null ? Optional.empty() : Addressing.typed(pages, slugs, parent, typed));
        if (refusal.isPresent()) {
            return refusal;
        }
        String slug = typed == null ? slugs.free(parent, Slugs.fromTitle(title)) : typed;
        slugs.take(parent, slug, fresh.id());
        Page page = Models.begun(Page.plain(fresh.kind(), title, slug, typed == null), begin, pages);
        PageBuilder with = PageBuilder.builder(page).reach(fresh.reach() == null ? begin.reach() : fresh.reach());
        if (fresh.keptFromSearchEngines()) {
            with.keptFromSearchEngines(true);
        }
        if (!fresh.summary().isEmpty()) {
            with.summary(fresh.summary());
        }
        if (fresh.text() != null) {
            with.text(fresh.text());
        }
        pages.insert(fresh.id(), fresh.place(), with.build());
        return Optional.empty();
    }
}
