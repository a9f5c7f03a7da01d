package velnik.core.pages;

import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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

    public static Optional<Refusal> setSearchWords(Draft draft, Change.SetSearchWords change) {
        @Nullable String title = change.title() == null ? null : Line.cleaned(change.title());
        @Nullable String description = change.description() == null ? null : Line.cleaned(change.description());
        if (title != null && title.length() > Limits.TITLE) {
            return Optional.of(new Refusal.TitleTooLong(title.length(), Limits.TITLE));
        }
        if (description != null && description.length() > Limits.SUMMARY) {
            return Optional.of(new Refusal.SummaryTooLong(description.length(), Limits.SUMMARY));
        }
        return written(
                draft,
                change.page(),
                draft.pages()
                        .find(change.page())
                        .map(page -> page.with()
                                .searchTitle(title == null ? page.searchTitle() : title)
                                .searchDescription(description == null ? page.searchDescription() : description)
                                .build()));
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
