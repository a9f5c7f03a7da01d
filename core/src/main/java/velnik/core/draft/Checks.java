package velnik.core.draft;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Refusal;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;

/** What several kinds of change ask alike. Each answers with the refusal, or with nothing when all is well. */
public final class Checks {
    private Checks() {}

    public static Optional<Refusal> exists(Site site, PageId page) {
        return site.pages().contains(page) ? Optional.empty() : Optional.of(new Refusal.PageUnknown(page.value()));
    }

    public static Optional<Refusal> layout(Site site, LayoutId layout) {
        return site.hasLayout(layout) ? Optional.empty() : Optional.of(new Refusal.LayoutUnknown());
    }

    /** Nothing was removed under the name of this removal yet. */
    public static Optional<Refusal> isFree(Site site, RemovalId id) {
        return site.findRemoval(id).map(removal -> new Refusal.RemovedAlready());
    }

    public static Optional<Refusal> title(String cleaned) {
        if (cleaned.isEmpty()) {
            return Optional.of(new Refusal.TitleEmpty());
        }
        return cleaned.length() > Limits.TITLE
                ? Optional.of(new Refusal.TitleTooLong(cleaned.length(), Limits.TITLE))
                : Optional.empty();
    }

    public static Optional<Refusal> place(Site site, Place<PageId> place) {
        return place(site.pages().edit(), place);
    }

    public static Optional<Refusal> place(OutlineEditor<PageId, Page> pages, Place<PageId> place) {
        if (place.parent() != null && !pages.contains(place.parent())) {
            return Optional.of(new Refusal.PageUnknown(place.parent().value()));
        }
        if (place.after() != null && !pages.has(place)) {
            return Optional.of(new Refusal.SiblingElsewhere(place.after()));
        }
        return place.parent() == null ? Optional.empty() : builtIn(pages.get(place.parent()));
    }

    /** @param height levels of the branch that comes to stand under the parent */
    public static Optional<Refusal> depth(Site site, @Nullable PageId parent, int height) {
        return depth(parent == null ? 0 : site.pages().levelOf(parent), height);
    }

    /** @param level of the parent; 0 above the top */
    public static Optional<Refusal> depth(int level, int height) {
        int deepest = level + height;
        return deepest > Limits.LEVELS ? Optional.of(new Refusal.TooDeep(deepest, Limits.LEVELS)) : Optional.empty();
    }

    /** Alters pages that all have to be there. */
    public static Optional<Refusal> each(Draft draft, List<PageId> pages, UnaryOperator<Page> alter) {
        if (pages.isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId id : pages) {
            Optional<Refusal> refusal = exists(draft.site(), id);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        draft.become(draft.pages().updateAll(pages, alter));
        return Optional.empty();
    }

    /** Nothing goes under a built-in page. */
    private static Optional<Refusal> builtIn(Page parent) {
        return parent.kind().isBuiltIn()
                ? Optional.of(new Refusal.NothingUnderBuiltIn(parent.title()))
                : Optional.empty();
    }
}
