package velnik.core.pages;

import java.util.Objects;
import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.text.Line;

/** What a page says. */
public final class Writing {
    private Writing() {}

    public static Optional<Refusal> setSummary(Draft draft, Change.SetSummary change) {
        String summary = Line.cleaned(change.summary());
        if (summary.length() > Limits.SUMMARY) {
            return Optional.of(new Refusal.SummaryTooLong(summary.length(), Limits.SUMMARY));
        }
        return written(draft, change.page(), draft.pages().find(change.page()).map(page -> page.withSummary(summary)));
    }

    /** What somebody else wrote meanwhile is never written over. */
    public static Optional<Refusal> setText(Draft draft, Change.SetText change) {
        Optional<Page> page = draft.pages().find(change.page());
        return page.filter(there -> !Objects.equals(there.text(), change.upon()))
                .<Refusal>map(there -> new Refusal.TextChanged(there.title()))
                .or(() -> written(draft, change.page(), page.map(there -> there.withText(change.text()))));
    }

    private static Optional<Refusal> written(Draft draft, PageId id, Optional<Page> page) {
        if (page.isEmpty()) {
            return Checks.exists(draft.site(), id);
        }
        if (page.get().kind() != PageKind.PAGE) {
            return Optional.of(new Refusal.NoTextOf(page.get().title()));
        }
        draft.become(draft.pages().replace(id, page.get()));
        return Optional.empty();
    }
}
