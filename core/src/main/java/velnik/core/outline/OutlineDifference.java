package velnik.core.outline;

import static java.util.Objects.requireNonNull;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;

/**
 * How one version of an outline becomes another: the smallest set of moved rows, and what was added, removed and
 * altered.
 */
public record OutlineDifference<K, V>(List<RowDifference<K, V>> rows) {

    public OutlineDifference {
        rows = List.copyOf(rows);
    }

    public boolean isEmpty() {
        return rows.isEmpty();
    }

    /**
     * Compares two versions. Branches that both hold as the same object are skipped, so the cost goes with what
     * differs, plus the siblings along the way to it.
     */
    public static <K, V> OutlineDifference<K, V> between(Outline<K, V> before, Outline<K, V> after) {
        return new OutlineDifference<>(new OutlineComparison<>(before, after).run());
    }

    /** The way back. */
    public OutlineDifference<K, V> reversed() {
        return new OutlineDifference<>(
                rows.stream().<RowDifference<K, V>>map(RowDifference::reversed).toList());
    }

    /**
     * Applied to the version it was made from, gives exactly the other. Applied to a later one, puts rows as near as
     * can be: after the sibling named if that still stands under the same parent, else at the end.
     *
     * @throws RuntimeException where a row or parent it needs is gone; ask {@code Undoing} first
     */
    public Outline<K, V> applyTo(Outline<K, V> outline) {
        Map<K, Place<K>> places = new LinkedHashMap<>(); // nearly in placing order already
        Map<K, V> fresh = new HashMap<>();
        List<K> removed = new ArrayList<>();
        List<K> moved = new ArrayList<>();
        for (RowDifference<K, V> row : rows) {
            switch (row) {
                case Added<K, V>(K id, Place<K> place, V value) -> {
                    places.put(id, place);
                    fresh.put(id, value);
                }
                case Removed<K, V>(K id, Place<K> place, V value) -> removed.add(id);
                case Moved<K, V>(K id, Place<K> from, Place<K> to) -> {
                    places.put(id, to);
                    moved.add(id);
                }
                case Altered<K, V> altered -> {}
            }
        }
        OutlineEditor<K, V> editor = outline.edit();
        moved.forEach(editor::unlink);
        // What is beneath one of them and goes too is gone with it.
        outline.outermost(removed).forEach(editor::remove);
        removed.stream().filter(editor::contains).forEach(editor::remove);
        for (K id : inPlacingOrder(places, outline)) {
            Place<K> place = nearest(editor, requireNonNull(places.get(id)));
            V value = fresh.get(id);
            if (value == null) {
                editor.relink(id, place);
            } else {
                editor.insert(id, place, value);
            }
        }
        for (RowDifference<K, V> row : rows) {
            if (row instanceof Altered<K, V>(K id, V before, V after)) {
                editor.replace(id, after);
            }
        }
        return editor.done();
    }

    private static <K, V> Place<K> nearest(OutlineEditor<K, V> outline, Place<K> place) {
        return outline.has(place) ? place : outline.endOf(place.parent());
    }

    /** Each row after those above it and after the sibling it stands behind, where these are placed too. */
    private static <K> Set<K> inPlacingOrder(Map<K, Place<K>> places, Outline<K, ?> outline) {
        Set<K> order = LinkedHashSet.newLinkedHashSet(places.size());
        Deque<K> waiting = new ArrayDeque<>();
        for (K start : places.keySet()) {
            waiting.push(start);
            while (!waiting.isEmpty()) {
                K id = waiting.peek();
                K needed = needed(requireNonNull(places.get(id)), places, outline, order);
                if (needed == null) {
                    order.add(waiting.pop());
                } else {
                    waiting.push(needed);
                }
            }
        }
        return order;
    }

    /** A row that has to be placed before this place can be; null for none. */
    private static <K> @Nullable K needed(
            Place<K> place, Map<K, Place<K>> places, Outline<K, ?> outline, Set<K> placed) {
        K above = nearestPlaced(place.parent(), places, outline);
        if (above != null && !placed.contains(above)) {
            return above;
        }
        K after = place.after();
        return after != null && places.containsKey(after) && !placed.contains(after) ? after : null;
    }

    /** A row that stays under its parent hangs from the nearest row above it that is placed. */
    private static <K> @Nullable K nearestPlaced(@Nullable K from, Map<K, Place<K>> places, Outline<K, ?> outline) {
        @Nullable K at = from;
        while (at != null && !places.containsKey(at)) {
            at = outline.branch(at).parent();
        }
        return at;
    }
}
