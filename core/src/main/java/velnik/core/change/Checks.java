package velnik.core.change;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
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
        if (place.parent() != null && !site.pages().contains(place.parent())) {
            return Optional.of(new Refusal.PageUnknown(place.parent().value()));
        }
        if (place.after() != null && !site.pages().has(place)) {
            return Optional.of(new Refusal.SiblingElsewhere(place.after()));
        }
        return BuiltInPages.parent(site, place.parent());
    }

    /** @param height levels of the branch that comes to stand under the parent */
    static Optional<Refusal> depth(Site site, @Nullable PageId parent, int height) {
        int deepest = (parent == null ? 0 : site.pages().levelOf(parent)) + height;
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
            draft.become(draft.pages().update(id, alter));
        }
        return Optional.empty();
    }
}
