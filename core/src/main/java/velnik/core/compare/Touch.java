package velnik.core.compare;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import velnik.core.outline.RowDifference;
import velnik.core.site.Page;
import velnik.core.site.PageId;

/**
 * One thing that a difference decides: a field of a page, its place, or that it is there at all. Two edits collide when
 * they share a touch.
 *
 * @param field a name of {@link PageFields}, or {@code place}, or {@code existence}
 */
public record Touch(PageId page, String field) {
    public static final String PLACE = "place";
    public static final String EXISTENCE = "existence";

    public static Set<Touch> of(Difference difference) {
        Set<Touch> touches = new HashSet<>();
        for (RowDifference<PageId, Page> row : difference.pages().rows()) {
            for (String field : fields(row)) {
                touches.add(new Touch(row.id(), field));
            }
        }
        return touches;
    }

    private static List<String> fields(RowDifference<PageId, Page> row) {
        return switch (row) {
            case RowDifference.Added<PageId, Page> added -> List.of(EXISTENCE);
            case RowDifference.Removed<PageId, Page> removed -> List.of(EXISTENCE);
            case RowDifference.Moved<PageId, Page> moved -> List.of(PLACE);
            case RowDifference.Altered<PageId, Page>(PageId id, Page before, Page after) ->
                PageFields.differing(before, after);
        };
    }
}
