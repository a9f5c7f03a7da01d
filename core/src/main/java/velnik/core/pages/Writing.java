package velnik.core.pages;

import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.OutlineEditor;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageBuilder;
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
        Change.PageWords words = new Change.PageWords(change.page(), null, null, change.title(), change.description());
        return refused(words)
                .or(() -> written(
                        draft, change.page(), draft.pages().find(change.page()).map(page -> said(page, words))));
    }

    public static Optional<Refusal> setPageWords(Draft draft, Change.SetPageWords change) {
        OutlineEditor<PageId, Page> pages = draft.pages().edit();
        for (Change.PageWords words : change.pages()) {
            Optional<Refusal> refusal = Checks.exists(draft.site(), words.page())
                    .or(() -> words.title() == null ? Optional.empty() : Checks.title(Line.cleaned(words.title())))
                    .or(() -> refused(words));
            if (refusal.isPresent()) {
                return refusal;
            }
            Page page = pages.get(words.page());
            boolean text = words.summary() != null || words.searchTitle() != null || words.searchDescription() != null;
            if (text && page.kind() != PageKind.PAGE) {
                return Optional.of(new Refusal.NoTextOf(page.title()));
            }
            pages.replace(words.page(), said(page, words));
        }
        draft.become(pages.done());
        return Optional.empty();
    }

    private static Optional<Refusal> refused(Change.PageWords words) {
        return tooLong(words.summary(), Limits.SUMMARY, Refusal.SummaryTooLong::new)
                .or(() -> tooLong(words.searchTitle(), Limits.TITLE, Refusal.TitleTooLong::new))
                .or(() -> tooLong(words.searchDescription(), Limits.SUMMARY, Refusal.SummaryTooLong::new));
    }

    private interface Refusing {
        Refusal of(int length, int limit);
    }

    private static Optional<Refusal> tooLong(@Nullable String typed, int limit, Refusing refusing) {
        int length = typed == null ? 0 : Line.cleaned(typed).length();
        return length > limit ? Optional.of(refusing.of(length, limit)) : Optional.empty();
    }

    private static Page said(Page page, Change.PageWords words) {
        PageBuilder said = PageBuilder.builder(page);
        if (words.title() != null) {
            said.title(Line.cleaned(words.title())).slugFollows(false);
        }
        return said.summary(said(words.summary(), page.summary()))
                .searchTitle(said(words.searchTitle(), page.searchTitle()))
                .searchDescription(said(words.searchDescription(), page.searchDescription()))
                .build();
    }

    private static String said(@Nullable String typed, String before) {
        return typed == null ? before : Line.cleaned(typed);
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
