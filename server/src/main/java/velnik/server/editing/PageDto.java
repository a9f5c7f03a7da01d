package velnik.server.editing;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Layout;
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
        Layout layout,
        String summary,
        List<String> topics,
        @Nullable LocalDate date,
        List<PeriodDto> periods,
        WhenClosed whenClosed,
        boolean locked) {

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
                page.layout(),
                page.summary(),
                page.topics().stream().sorted().toList(),
                page.date(),
                page.periods().stream().map(PeriodDto::of).toList(),
                page.whenClosed(),
                page.locked());
    }
}
