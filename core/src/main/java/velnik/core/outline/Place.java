package velnik.core.outline;

import org.jspecify.annotations.Nullable;

/**
 * Where a row stands among its siblings: first, or right after one of them. Never a number, so that a place keeps its
 * meaning while other rows come and go.
 *
 * @param parent the row it stands under; null at the top level
 * @param after the sibling right before it; null when it is the first
 */
public record Place<K>(@Nullable K parent, @Nullable K after) {

    public static <K> Place<K> top() {
        return new Place<>(null, null);
    }

    public static <K> Place<K> firstUnder(@Nullable K parent) {
        return new Place<>(parent, null);
    }
}
