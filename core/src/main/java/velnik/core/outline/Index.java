package velnik.core.outline;

import io.vavr.collection.HashMap;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;

/**
 * The rows of an outline by their ids, immutable; the only place that knows which library's map this is. Finding costs
 * O(log n), another version O(log n) for each row that is another.
 */
record Index<K, V>(HashMap<K, Branch<K, V>> rows) {
    static <K, V> Index<K, V> of(Map<K, Branch<K, V>> rows) {
        return new Index<>(HashMap.ofAll(rows));
    }

    int size() {
        return rows.size();
    }

    boolean has(K id) {
        return rows.containsKey(id);
    }

    Optional<Branch<K, V>> find(K id) {
        return rows.get(id).toJavaOptional();
    }

    Index<K, V> with(Branch<K, V> row) {
        return new Index<>(rows.put(row.id(), row));
    }

    Index<K, V> withAll(Collection<Branch<K, V>> others) {
        HashMap<K, Branch<K, V>> all = rows;
        for (Branch<K, V> row : others) {
            all = all.put(row.id(), row);
        }
        return new Index<>(all);
    }

    Index<K, V> without(Collection<K> ids) {
        return new Index<>(rows.removeAll(ids));
    }
}
