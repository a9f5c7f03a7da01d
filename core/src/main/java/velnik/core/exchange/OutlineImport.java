package velnik.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
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
        Nesting<PageId> nesting = new Nesting<>(place);
        for (IndentedText.Line line : lines) {
            PageId id = ids.apply(pages.size());
            pages.add(Change.NewPage.open(id, nesting.next(line.level(), id), line.title()));
        }
        return new Change.AddPages(pages);
    }
}
