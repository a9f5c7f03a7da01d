package velnik.core.pages;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;

/** The pages that every site has. */
public final class BuiltInPages {
    private BuiltInPages() {}

    public static Optional<Refusal> addMissing(Draft draft) {
        draft.site().lackingBuiltIns().forEach(kind -> add(draft, kind));
        return Optional.empty();
    }

    private static void add(Draft draft, PageKind kind) {
        Site site = draft.site();
        List<Branch<PageId, Page>> top = site.pages().top();
        @Nullable PageId last = top.isEmpty() ? null : top.getLast().id();
        String title = title(kind);
        String slug = Addressing.taken(site.pages().edit()).free(null, Slugs.fromTitle(title));
        Page page = Page.plain(kind, title, slug, true).withKeptFromSearchEngines(kind != PageKind.PAGE_INDEX);
        draft.become(site.withPages(
                site.pages().insert(Site.idOfBuiltIn(kind), new Place<>(null, last), page), site.home()));
    }

    private static String title(PageKind kind) {
        return switch (kind) {
            case SEARCH -> "Search";
            case PAGE_INDEX -> "Page index";
            case SIGN_IN -> "Sign in";
            case NOT_FOUND -> "Not found";
            case PAGE, GROUP -> throw new IllegalArgumentException(kind + " is not built in");
        };
    }
}
