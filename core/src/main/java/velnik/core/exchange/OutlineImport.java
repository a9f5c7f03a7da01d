package velnik.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.outline.Place;
import velnik.core.site.PageId;

/** Turns a list of titles into the change that adds them as pages. */
public final class OutlineImport {
    private OutlineImport() {}

    /**
     * @param place where the first top line goes; the others follow it
     * @param ids gives the id of the n-th page, n from 0
     */
    public static Change.AddPages addingPages(
            List<IndentedText.Line> lines, Place<PageId> place, IntFunction<PageId> ids) {
        List<Change.NewPage> pages = new ArrayList<>(lines.size());
        // For each level, from 1: the parent its rows stand under, and the row last added there.
        List<@Nullable PageId> parents = new ArrayList<>();
        List<@Nullable PageId> last = new ArrayList<>();
        parents.add(place.parent());
        last.add(place.after());
        for (IndentedText.Line line : lines) {
            while (last.size() > line.level()) {
                last.removeLast();
                parents.removeLast();
            }
            if (last.size() < line.level()) {
                parents.add(last.getLast());
                last.add(null);
            }
            PageId id = ids.apply(pages.size());
            Place<PageId> here = new Place<>(parents.getLast(), last.getLast());
            pages.add(Change.NewPage.open(id, here, line.title()));
            last.set(last.size() - 1, id);
        }
        return new Change.AddPages(pages);
    }
}
