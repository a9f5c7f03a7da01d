package velnik.core.change;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** What several kinds of change ask alike. Each answers with the refusal, or with nothing when all is well. */
final class Checks {
    private Checks() {}

    static Optional<Refusal> exists(Site site, PageId page) {
        return site.pages().contains(page) ? Optional.empty() : Optional.of(new Refusal.PageUnknown(page.value()));
    }

    static Optional<Refusal> title(String cleaned) {
        if (cleaned.isEmpty()) {
            return Optional.of(new Refusal.TitleEmpty());
        }
        return cleaned.length() > Limits.TITLE
                ? Optional.of(new Refusal.TitleTooLong(cleaned.length(), Limits.TITLE))
                : Optional.empty();
    }

    static Optional<Refusal> place(Site site, Place<PageId> place) {
        return place(site.pages().edit(), place);
    }

    static Optional<Refusal> place(OutlineEditor<PageId, Page> pages, Place<PageId> place) {
        if (place.parent() != null && !pages.contains(place.parent())) {
            return Optional.of(new Refusal.PageUnknown(place.parent().value()));
        }
        if (place.after() != null && !pages.has(place)) {
            return Optional.of(new Refusal.SiblingElsewhere(place.after()));
        }
        return place.parent() == null ? Optional.empty() : BuiltInPages.parent(pages.get(place.parent()));
    }

    /** @param height levels of the branch that comes to stand under the parent */
    static Optional<Refusal> depth(Site site, @Nullable PageId parent, int height) {
        return depth(parent == null ? 0 : site.pages().levelOf(parent), height);
    }

    /** @param level of the parent; 0 above the top */
    static Optional<Refusal> depth(int level, int height) {
        int deepest = level + height;
        return deepest > Limits.LEVELS ? Optional.of(new Refusal.TooDeep(deepest, Limits.LEVELS)) : Optional.empty();
    }

    /** Alters pages that all have to be there. */
    static Optional<Refusal> each(Draft draft, List<PageId> pages, UnaryOperator<Page> alter) {
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
}
