package velnik.core.fit;

import java.util.List;
import velnik.core.fit.Spans.Span;
import velnik.core.site.MenuRowId;
import velnik.core.site.Zone;

/** How a menu fits where it stands on a page. */
public sealed interface MenuFit permits RowFit, ColumnFit {

    Zone zone();

    MenuRowId menu();

    /** As the owner calls it. */
    String name();

    /** Whether the font that ships has every letter; otherwise it depends on the visitor's own. */
    boolean isKnown();

    /** Where it stands in one line, or each of its labels does. Costs O(items × widths looked at), which are some 300. */
    List<Span> holds();

    /**
     * What would make it so there, and after that what would help without being enough, each with the least trouble
     * first. Nothing where it is so.
     *
     * @param screen its width in pixels, from {@link Spans#LEAST} to {@link Spans#MOST}
     */
    List<Adjustment> adjustments(int screen);
}
