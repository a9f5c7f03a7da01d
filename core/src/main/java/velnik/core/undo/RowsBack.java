package velnik.core.undo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.Place;
import velnik.core.outline.RowDifference;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;

/** How a difference of one outline applies to what is there now, if nothing was built upon it. */
final class RowsBack<K, V> {
    private final Outline<K, V> present;
    private final OutlineDifference<K, V> back;
    private final Carrying<V> carrying;
    /** Where rows go that come back or move. */
    private final Map<K, Place<K>> places = new HashMap<>();

    private final Set<K> leaving = new HashSet<>();

    /** Carries what became different between two values over to a third; empty where that was changed too. */
    interface Carrying<V> {
        Optional<V> carry(V before, V after, V present);
    }

    /** What became of it: the difference as it applies now, or the first row that stands in the way. */
    sealed interface Result<K, V> {
        record Fits<K, V>(OutlineDifference<K, V> difference) implements Result<K, V> {}

        record Blocked<K, V>(K row) implements Result<K, V> {}
    }

    RowsBack(Outline<K, V> present, OutlineDifference<K, V> back, Carrying<V> carrying) {
        this.present = present;
        this.back = back;
        this.carrying = carrying;
        for (RowDifference<K, V> row : back.rows()) {
            switch (row) {
                case Added<K, V> added -> places.put(added.id(), added.place());
                case Moved<K, V> moved -> places.put(moved.id(), moved.to());
                case Removed<K, V> removed -> leaving.add(removed.id());
                case Altered<K, V> altered -> {}
            }
        }
    }

    Result<K, V> run() {
        List<RowDifference<K, V>> rows = new ArrayList<>();
        for (RowDifference<K, V> row : back.rows()) {
            Optional<RowDifference<K, V>> now = presently(row);
            if (now.isEmpty()) {
                return new Result.Blocked<>(row.id());
            }
            rows.add(now.get());
        }
        return new Result.Fits<>(new OutlineDifference<>(rows));
    }

    /** The row's difference as it applies to the present; empty when something was built upon it. */
    private Optional<RowDifference<K, V>> presently(RowDifference<K, V> row) {
        K id = row.id();
        boolean there = present.contains(id);
        return switch (row) {
            case Added<K, V> added -> when(!there && parentIsThere(added.place()), added);
            case Removed<K, V> removed ->
                when(there && present.get(id).equals(removed.value()) && onlyGoingBeneath(id), removed);
            case Moved<K, V> moved ->
                when(
                        there
                                && Objects.equals(
                                        present.branch(id).parent(),
                                        moved.from().parent())
                                && parentIsThere(moved.to())
                                && !wouldStandUnderItself(id),
                        moved);
            case Altered<K, V> altered -> there ? carried(altered) : Optional.empty();
        };
    }

    private Optional<RowDifference<K, V>> when(boolean holds, RowDifference<K, V> row) {
        return holds ? Optional.of(row) : Optional.empty();
    }

    private Optional<RowDifference<K, V>> carried(Altered<K, V> altered) {
        V now = present.get(altered.id());
        return carrying.carry(altered.before(), altered.after(), now)
                .map(fresh -> new Altered<>(altered.id(), now, fresh));
    }

    private boolean parentIsThere(Place<K> place) {
        @Nullable K parent = place.parent();
        return parent == null || places.containsKey(parent) || (present.contains(parent) && !leaving.contains(parent));
    }

    /** Follows the parents as they will be. */
    private boolean wouldStandUnderItself(K id) {
        @Nullable K at = parentToBe(id);
        while (at != null && !at.equals(id)) {
            at = parentToBe(at);
        }
        return at != null;
    }

    private @Nullable K parentToBe(K id) {
        Place<K> place = places.get(id);
        return place == null ? present.branch(id).parent() : place.parent();
    }

    private boolean onlyGoingBeneath(K row) {
        return present.branch(row).children().stream()
                .allMatch(child -> leaving.contains(child.id()) || places.containsKey(child.id()));
    }
}
