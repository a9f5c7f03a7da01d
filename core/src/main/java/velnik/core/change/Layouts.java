package velnik.core.change;

import java.util.Optional;
import velnik.core.site.PageId;

/** Which layout pages have. */
final class Layouts {
    private Layouts() {}

    static Optional<Refusal> make(Draft draft, Change.SetLayout change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId id : change.pages()) {
            Optional<Refusal> refusal = Checks.exists(draft.site(), id);
            if (refusal.isPresent()) {
                return refusal;
            }
            draft.become(draft.pages().update(id, page -> page.withLayout(change.layout())));
        }
        return Optional.empty();
    }
}
