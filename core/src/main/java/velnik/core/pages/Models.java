package velnik.core.pages;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.OutlineEditor;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;

/** How new pages begin, and which pages are kept to make new ones from. */
public final class Models {
    private Models() {}

    public static Optional<Refusal> setModel(Draft draft, Change.SetModel set) {
        return noPage(draft.site(), set.pages())
                .or(() -> Checks.each(draft, set.pages(), page -> page.withModel(set.model())));
    }

    public static Optional<Refusal> setNewPages(Draft draft, Change.SetNewPages set) {
        Site site = draft.site();
        NewPages fresh = set.newPages();
        @Nullable PageId model = fresh.model();
        Optional<Refusal> refusal = Checks.layout(site, fresh.layout());
        if (refusal.isEmpty() && model != null) {
            refusal = Checks.exists(site, model).or(() -> noPage(site, List.of(model)));
        }
        if (refusal.isEmpty()) {
            draft.become(site.withDetails(site.details().withNewPages(fresh)));
        }
        return refusal;
    }

    /** The refusal for the first that is built in or a group: there is nothing on it to make another from. */
    private static Optional<Refusal> noPage(Site site, List<PageId> pages) {
        return pages.stream()
                .flatMap(page -> site.pages().find(page).stream())
                .filter(page -> page.kind() != PageKind.PAGE)
                .findFirst()
                .map(page -> new Refusal.NoModel(page.title()));
    }

    /** A plain page as new ones of the site begin, but for its reach. */
    static Page begun(Page plain, NewPages begin, OutlineEditor<PageId, Page> pages) {
        if (plain.kind() != PageKind.PAGE) {
            return plain;
        }
        @Nullable PageId model = begin.model();
        if (model == null || !pages.contains(model)) {
            return plain.withLayout(begin.layout());
        }
        Page like = pages.get(model);
        return plain.with()
                .layout(like.layout())
                .membersOnly(like.membersOnly())
                .keptFromSearchEngines(like.keptFromSearchEngines())
                .summary(like.summary())
                .topics(like.topics())
                .text(like.text())
                .whenClosed(like.whenClosed())
                .build();
    }
}
