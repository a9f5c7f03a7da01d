package velnik.server.storage;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.Place;
import velnik.core.outline.RowDifference;

/**
 * Rows as they are stored: each names its parent and the sibling before it. Moving a row therefore also rewrites the
 * rows that stood, and that come to stand, right behind it.
 */
final class Chain {
    private Chain() {}

    /**
     * Which rows a difference makes to write and delete.
     *
     * @param written those that are new, altered, or at another place, with their new place
     */
    record Writes<K>(Map<K, Place<K>> written, Set<K> deleted) {}

    static <K, V> Writes<K> writes(OutlineDifference<K, V> difference, Outline<K, V> before, Outline<K, V> after) {
        Set<K> deleted = new LinkedHashSet<>();
        Set<K> changed = new LinkedHashSet<>();
        Set<@Nullable K> reordered = new HashSet<>();
        for (RowDifference<K, V> row : difference.rows()) {
            switch (row) {
                case RowDifference.Added<K, V> added -> {
                    changed.add(added.id());
                    reordered.add(added.place().parent());
                }
                case RowDifference.Removed<K, V> removed -> {
                    deleted.add(removed.id());
                    reordered.add(removed.place().parent());
                }
                case RowDifference.Moved<K, V> moved -> {
                    changed.add(moved.id());
                    reordered.add(moved.from().parent());
                    reordered.add(moved.to().parent());
                }
                case RowDifference.Altered<K, V> altered -> changed.add(altered.id());
            }
        }
        Map<K, Place<K>> written = new LinkedHashMap<>();
        for (K parent : reordered) {
            if (parent == null || after.contains(parent)) {
                written.putAll(relinked(parent, before, after));
            }
        }
        changed.removeAll(written.keySet());
        written.putAll(after.placesOf(changed));
        return new Writes<>(written, deleted);
    }

    /** The rows under a parent that name another parent or another row before them than they did. */
    private static <K, V> Map<K, Place<K>> relinked(@Nullable K parent, Outline<K, V> before, Outline<K, V> after) {
        Map<K, @Nullable K> old = new HashMap<>();
        if (parent == null || before.contains(parent)) {
            @Nullable K previous = null;
            for (Branch<K, V> row : before.childrenOf(parent)) {
                old.put(row.id(), previous);
                previous = row.id();
            }
        }
        Map<K, Place<K>> relinked = new LinkedHashMap<>();
        @Nullable K previous = null;
        for (Branch<K, V> row : after.childrenOf(parent)) {
            if (!old.containsKey(row.id()) || !Objects.equals(old.get(row.id()), previous)) {
                relinked.put(row.id(), new Place<>(parent, previous));
            }
            previous = row.id();
        }
        return relinked;
    }

    /** Puts stored rows in order again. */
    static <R, K, V> Outline<K, V> outline(
            List<R> rows, Function<R, K> id, Function<R, Place<K>> place, Function<R, V> value) {
        Map<Place<K>, R> byPlace = HashMap.newHashMap(rows.size());
        Set<@Nullable K> parents = new LinkedHashSet<>();
        for (R row : rows) {
            byPlace.put(place.apply(row), row);
            parents.add(place.apply(row).parent());
        }
        List<Outline.Entry<K, V>> entries = new ArrayList<>(rows.size());
        for (K parent : parents) {
            R row = byPlace.get(Place.firstUnder(parent));
            while (row != null) {
                entries.add(new Outline.Entry<>(id.apply(row), parent, value.apply(row)));
                row = byPlace.get(new Place<>(parent, id.apply(row)));
            }
        }
        if (entries.size() != rows.size()) {
            throw new IllegalStateException(
                    "of " + rows.size() + " stored rows only " + entries.size() + " stand in a chain");
        }
        return Outline.of(entries);
    }
}
