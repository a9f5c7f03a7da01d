package velnik.server.editing;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Refusal;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.WhenClosed;

/**
 * A page where it stands, as the editor gets it.
 *
 * @param parent null at the top level
 * @param after the sibling right before it, null when it is first
 * @param text names its text; null when it has none
 * @param stays why it cannot be removed; null where it can
 * @param closed why nothing can be put under it; null where something can
 */
record PageDto(
        String id,
        @Nullable String parent,
        @Nullable String after,
        PageKind kind,
        String title,
        String slug,
        boolean slugFollows,
        Reach reach,
        boolean membersOnly,
        boolean keptFromSearchEngines,
        String layout,
        String summary,
        String searchTitle,
        String searchDescription,
        List<String> topics,
        @Nullable LocalDate date,
        @Nullable String picture,
        @Nullable String text,
        @Nullable List<WritingDto.FieldDto> form,
        List<PeriodDto> periods,
        WhenClosed whenClosed,
        boolean locked,
        boolean model,
        @Nullable String stays,
        @Nullable String closed) {

    static PageDto of(PageId id, @Nullable PageId parent, @Nullable PageId after, Page page) {
        return new PageDto(
                id.value(),
                parent == null ? null : parent.value(),
                after == null ? null : after.value(),
                page.kind(),
                page.title(),
                page.slug(),
                page.slugFollows(),
                page.reach(),
                page.membersOnly(),
                page.keptFromSearchEngines(),
                page.layout().value(),
                page.summary(),
                page.searchTitle(),
                page.searchDescription(),
                page.topics().stream().sorted().toList(),
                page.date(),
                page.picture() == null ? null : page.picture().value(),
                page.text() == null ? null : page.text().value(),
                page.form() == null
                        ? null
                        : page.form().fields().stream()
                                .map(WritingDto.FieldDto::of)
                                .toList(),
                page.periods().stream().map(PeriodDto::of).toList(),
                page.whenClosed(),
                page.locked(),
                page.model(),
                stays(page).map(Refusal::sentence).orElse(null),
                page.kind().isBuiltIn() ? new Refusal.NothingUnderBuiltIn(page.title()).sentence() : null);
    }

    private static Optional<Refusal> stays(Page page) {
        if (page.kind().isBuiltIn()) {
            return Optional.of(new Refusal.BuiltInStays(page.title()));
        }
        return page.locked() ? Optional.of(new Refusal.PageLocked(page.title(), 0)) : Optional.empty();
    }
}
