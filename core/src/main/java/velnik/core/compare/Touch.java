package velnik.core.compare;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.RowDifference;

/**
 * One thing that a difference decides: a field of a page, item or assignment, its place, or that it is there at all.
 * Two edits collide when they share a touch.
 *
 * @param subject a {@code PageId}, a {@code MenuRowId}, a {@code RemovalId} or an {@code Assignment.Key}
 * @param field a name of {@link PageFields} or {@link MenuRowFields}, or {@code place}, or {@code existence}
 */
public record Touch(Object subject, String field) {
    public static final String PLACE = "place";
    public static final String EXISTENCE = "existence";

    public static Set<Touch> of(Difference difference) {
        Set<Touch> touches = new HashSet<>();
        add(difference.pages(), PageFields::differing, touches);
        add(difference.menus(), MenuRowFields::differing, touches);
        difference.assignments().forEach(assignment -> touches.add(new Touch(assignment.key(), EXISTENCE)));
        difference.bin().concerned().forEach(removal -> touches.add(new Touch(removal, EXISTENCE)));
        return touches;
    }

    private static <K, V> void add(
            OutlineDifference<K, V> rows, BiFunction<V, V, List<String>> differing, Set<Touch> touches) {
        for (RowDifference<K, V> row : rows.rows()) {
            List<String> fields = switch (row) {
                case RowDifference.Added<K, V> added -> List.of(EXISTENCE);
                case RowDifference.Removed<K, V> removed -> List.of(EXISTENCE);
                case RowDifference.Moved<K, V> moved -> List.of(PLACE);
                case RowDifference.Altered<K, V>(K id, V before, V after) -> differing.apply(before, after);
            };
            fields.forEach(field -> touches.add(new Touch(row.id(), field)));
        }
    }
}
