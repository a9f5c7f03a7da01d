package velnik.core.exchange;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntFunction;
import velnik.core.change.Change;
import velnik.core.outline.Place;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;

/** Turns a list of titles into the change that adds them as pages. */
public final class OutlineImport {
    private OutlineImport() {}

    /** A line as the page it becomes. */
    public static PageLine page(IndentedText.Line line) {
        return PageLine.of(line.title());
    }

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
            PageLine page = page(line);
            pages.add(new Change.NewPage(
                    id,
                    nesting.next(line.level(), id),
                    PageKind.PAGE,
                    page.title(),
                    page.slug(),
                    page.reach(),
                    false,
                    "",
                    null));
        }
        return new Change.AddPages(pages);
    }
}
