package velnik.server.editing;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.workingcopy.WorkingCopy;

/**
 * The whole working copy.
 *
 * @param pages in reading order
 * @param publicPages ids of the pages that are part of the live release
 * @param release the number of the live release; 0 before the first
 */
record WorkingCopyDto(
        long revision,
        SettingsDto settings,
        @Nullable String home,
        List<PageDto> pages,
        List<String> publicPages,
        int release,
        HistoryDto history,
        int waiting) {

    /**
     * The titles of what undo and redo would do next; null when there is nothing.
     *
     * @param latest titles of what repeated undo would take back, the latest first
     */
    record HistoryDto(@Nullable String undo, @Nullable String redo, List<String> latest) {
        static HistoryDto of(WorkingCopy.Steps steps) {
            return new HistoryDto(steps.undo(), steps.redo(), steps.latest());
        }
    }

    static List<PageDto> pages(Site site) {
        List<PageDto> pages = new ArrayList<>(site.pages().size());
        collect(site.pages().top(), pages);
        return pages;
    }

    private static void collect(List<Branch<PageId, Page>> siblings, List<PageDto> into) {
        @Nullable PageId after = null;
        for (Branch<PageId, Page> row : siblings) {
            into.add(PageDto.of(row.id(), row.parent(), after, row.value()));
            after = row.id();
            collect(row.children(), into);
        }
    }
}
