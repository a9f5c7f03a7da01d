package velnik.core.compare;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Carries what became different between two versions over to a third, part by part, and remembers where that third no
 * longer is as the first was.
 */
final class Carry {
    private boolean clash;

    boolean clashed() {
        return clash;
    }

    <T> T pick(T before, T after, T present) {
        if (before.equals(after)) {
            return present;
        }
        clash |= !before.equals(present);
        return after;
    }

    <T> @Nullable T pickNullable(@Nullable T before, @Nullable T after, @Nullable T present) {
        if (Objects.equals(before, after)) {
            return present;
        }
        clash |= !Objects.equals(before, present);
        return after;
    }

    /** Key by key, so that two people may alter different ones. */
    <K, V> Map<K, V> pickEach(Map<K, V> before, Map<K, V> after, Map<K, V> present) {
        Set<K> keys = new HashSet<>(before.keySet());
        keys.addAll(after.keySet());
        Map<K, V> result = new HashMap<>(present);
        for (K key : keys) {
            @Nullable V picked = pickNullable(before.get(key), after.get(key), present.get(key));
            if (picked == null) {
                result.remove(key);
            } else {
                result.put(key, picked);
            }
        }
        return result;
    }

    /** Member by member. */
    <T> Set<T> pickEach(Set<T> before, Set<T> after, Set<T> present) {
        Set<T> result = new HashSet<>(present);
        after.stream().filter(member -> !before.contains(member)).forEach(result::add);
        before.stream().filter(member -> !after.contains(member)).forEach(result::remove);
        return result;
    }
}
