package velnik.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** That of values in no order, each with a key of its own, the one with this key is another, is new, or is gone. */
public record KeyedDifference<K, V>(K key, Optional<V> before, Optional<V> after) {

    static <K, V> List<KeyedDifference<K, V>> between(List<V> before, List<V> after, Function<V, K> keyOf) {
        if (before == after) {
            return List.of();
        }
        Map<K, V> old = byKey(before, keyOf);
        Map<K, V> fresh = byKey(after, keyOf);
        List<KeyedDifference<K, V>> differences = new ArrayList<>();
        old.forEach((key, value) -> {
            Optional<V> now = Optional.ofNullable(fresh.get(key));
            if (!now.equals(Optional.of(value))) {
                differences.add(new KeyedDifference<>(key, Optional.of(value), now));
            }
        });
        fresh.forEach((key, value) -> {
            if (!old.containsKey(key)) {
                differences.add(new KeyedDifference<>(key, Optional.empty(), Optional.of(value)));
            }
        });
        return differences;
    }

    private static <K, V> Map<K, V> byKey(List<V> values, Function<V, K> keyOf) {
        Map<K, V> byKey = new LinkedHashMap<>();
        values.forEach(value -> byKey.put(keyOf.apply(value), value));
        return byKey;
    }

    KeyedDifference<K, V> reversed() {
        return new KeyedDifference<>(key, after, before);
    }

    static <K, V> List<V> applyTo(List<V> values, List<KeyedDifference<K, V>> differences, Function<V, K> keyOf) {
        if (differences.isEmpty()) {
            return values;
        }
        Map<K, V> byKey = byKey(values, keyOf);
        for (KeyedDifference<K, V> difference : differences) {
            difference
                    .after()
                    .ifPresentOrElse(fresh -> byKey.put(difference.key(), fresh), () -> byKey.remove(difference.key()));
        }
        return List.copyOf(byKey.values());
    }
}
