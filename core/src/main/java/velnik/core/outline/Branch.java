package velnik.core.outline;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A row with everything beneath it. Two versions of an outline hold the very same branch object wherever nothing in
 * it differs, which is what lets a comparison skip it.
 *
 * @param parent the id of the row it stands under; null at the top level
 * @param children in order, first to last
 */
public record Branch<K, V>(K id, @Nullable K parent, V value, List<Branch<K, V>> children) {

    public Branch {
        children = List.copyOf(children);
    }

    Branch<K, V> withValue(V newValue) {
        return new Branch<>(id, parent, newValue, children);
    }

    Branch<K, V> withChildren(List<Branch<K, V>> newChildren) {
        return new Branch<>(id, parent, value, newChildren);
    }
}
