package velnik.core.compare;

import java.util.HashSet;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.RowDifference;

/**
 * One thing that an edit decides: a field of a page, an item, an assignment or the site, the place of a row, or that it
 * is there at all. Two edits collide when they share a touch.
 *
 * @param subject a {@code PageId}, a {@code MenuRowId}, a {@code RemovalId}, a {@code LayoutId}, a {@code
 *     FileId}, an {@code Assignment.Key}, a {@code Forward.Source} or {@link #SITE}
 * @param field a name of {@link PageFields}, {@link MenuRowFields} or {@link DetailsFields}, or {@link #PLACE}, {@link
 *     #EXISTENCE} or {@link #HOME}
 * @param part of a field whose parts are edited apart; empty for the whole
 */
public record Touch(Object subject, String field, String part) {
    public static final String PLACE = "place";
    public static final String EXISTENCE = "existence";
    public static final String HOME = "home";
    public static final String SITE = "site";

    /**
     * What an edit decides.
     *
     * @param moved the rows that the edit was asked to move. A comparison finds the smallest set of moved rows, which
     *     may be the neighbours of those; empty where it is not known
     */
    public static Set<Touch> of(Difference difference, Set<Object> moved) {
        Set<Touch> touches = new HashSet<>();
        add(difference.pages(), PageFields::touched, moved, touches);
        add(difference.menus(), MenuRowFields::touched, moved, touches);
        difference.layouts().forEach(layout -> touches.add(whole(layout.key(), EXISTENCE)));
        difference.assignments().forEach(assignment -> touches.add(whole(assignment.key(), EXISTENCE)));
        difference.forwards().forEach(forward -> touches.add(whole(forward.key(), EXISTENCE)));
        difference.files().forEach(file -> touches.add(whole(file.key(), EXISTENCE)));
        difference.bin().concerned().forEach(removal -> touches.add(whole(removal, EXISTENCE)));
        difference.home().ifPresent(home -> touches.add(whole(SITE, HOME)));
        difference
                .details()
                .ifPresent(details -> Field.touched(
                                DetailsFields.ALL,
                                details.before(),
                                details.after(),
                                (field, part) -> touch(SITE, field, part))
                        .forEach(touches::add));
        return touches;
    }

    private static Touch touch(Object subject, String field, String part) {
        return new Touch(subject, field, part);
    }

    private static Touch whole(Object subject, String field) {
        return new Touch(subject, field, "");
    }

    /** Each part of a field in which two values differ. */
    private interface Fields<V> {
        Stream<Touch> touched(V one, V other, BiFunction<String, String, Touch> part);
    }

    private static <K, V> void add(
            OutlineDifference<K, V> rows, Fields<V> fields, Set<Object> moved, Set<Touch> touches) {
        boolean reordered = false;
        for (RowDifference<K, V> row : rows.rows()) {
            switch (row) {
                case RowDifference.Added<K, V> added -> touches.add(whole(row.id(), EXISTENCE));
                case RowDifference.Removed<K, V> removed -> touches.add(whole(row.id(), EXISTENCE));
                case RowDifference.Moved<K, V> other -> {
                    boolean elsewhere =
                            !Objects.equals(other.from().parent(), other.to().parent());
                    reordered = true;
                    if (elsewhere || moved.isEmpty()) {
                        touches.add(whole(row.id(), PLACE));
                    }
                }
                case RowDifference.Altered<K, V>(K id, V before, V after) ->
                    fields.touched(before, after, (field, part) -> touch(id, field, part))
                            .forEach(touches::add);
            }
        }
        if (reordered) {
            moved.forEach(row -> touches.add(whole(row, PLACE)));
        }
    }
}
