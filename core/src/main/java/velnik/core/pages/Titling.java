package velnik.core.pages;

import java.util.Optional;
import velnik.core.address.Slugs;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.menus.Following;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.text.Line;

/** Titles of pages, and what follows from them. */
public final class Titling {
    private Titling() {}

    public static Optional<Refusal> retitlePage(Draft draft, Change.RetitlePage change) {
        String title = Line.cleaned(change.title());
        PageId id = change.page();
        Optional<Refusal> refusal = Checks.exists(draft.site(), id).or(() -> Checks.title(title));
        if (refusal.isPresent()) {
            return refusal;
        }
        Page page = draft.pages().get(id).withTitle(title);
        draft.become(draft.pages().replace(id, page));
        Following.tell(draft, id);
        if (page.slugFollows() && !draft.wasPublished(id)) {
            Addressing.change(draft, id, Addressing.free(draft.site(), id, Slugs.fromTitle(title)), true);
        } else if (page.slugFollows()) {
            String suggestion = Slugs.fromTitle(title);
            if (!suggestion.equals(page.slug())) {
                draft.tell(new Notice.SlugKept(page.slug(), suggestion));
            }
        }
        return Optional.empty();
    }
}
