package velnik.core.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;

/** One comparison of two versions of an outline; used once. */
@SuppressWarnings("ReferenceEquality") // the same branch object is what tells that there is nothing to compare
final class OutlineComparison<K, V> {
    private final Outline<K, V> before;
    private final Outline<K, V> after;
    private final List<RowDifference<K, V>> found = new ArrayList<>();
    private final Set<@Nullable K> sought = new HashSet<>();
    private final Map<@Nullable K, Map<K, Place<K>>> places = new HashMap<>();

    OutlineComparison(Outline<K, V> before, Outline<K, V> after) {
        this.before = before;
        this.after = after;
    }

    /** Rows that stand in the new version come in its reading order. */
    List<RowDifference<K, V>> run() {
        siblings(null, before.top(), after.top());
        return found;
    }

    private void siblings(@Nullable K parent, List<Branch<K, V>> old, List<Branch<K, V>> fresh) {
        if (old == fresh) {
            return;
        }
        int from = 0;
        int shorter = Math.min(old.size(), fresh.size());
        while (from < shorter && old.get(from) == fresh.get(from)) {
            from++;
        }
        int tail = 0;
        while (tail < shorter - from && old.get(old.size() - 1 - tail) == fresh.get(fresh.size() - 1 - tail)) {
            tail++;
        }
        List<Branch<K, V>> oldPart = old.subList(from, old.size() - tail);
        List<Branch<K, V>> freshPart = fresh.subList(from, fresh.size() - tail);
        if (sameIds(oldPart, freshPart)) {
            for (int i = 0; i < freshPart.size(); i++) {
                within(oldPart.get(i), freshPart.get(i));
            }
            return;
        }
        Set<K> staying = staying(oldPart, freshPart);
        for (int i = 0; i < oldPart.size(); i++) {
            Branch<K, V> row = oldPart.get(i);
            if (!after.contains(row.id())) {
                int at = from + i;
                found.add(new Removed<>(
                        row.id(),
                        new Place<>(parent, at == 0 ? null : old.get(at - 1).id()),
                        row.value()));
                siblings(row.id(), row.children(), List.of());
            }
        }
        for (int i = 0; i < freshPart.size(); i++) {
            Branch<K, V> row = freshPart.get(i);
            int at = from + i;
            present(row, new Place<>(parent, at == 0 ? null : fresh.get(at - 1).id()), staying.contains(row.id()));
        }
    }

    private void present(Branch<K, V> row, Place<K> place, boolean stays) {
        Optional<Branch<K, V>> known = before.findBranch(row.id());
        if (known.isEmpty()) {
            found.add(new Added<>(row.id(), place, row.value()));
            siblings(row.id(), List.of(), row.children());
            return;
        }
        Branch<K, V> old = known.get();
        if (!stays) {
            found.add(new Moved<>(row.id(), placeBefore(old), place));
        }
        within(old, row);
    }

    /** What differs in a row and beneath it, wherever it stands. */
    private void within(Branch<K, V> old, Branch<K, V> row) {
        if (old == row) {
            return;
        }
        if (!old.value().equals(row.value())) {
            found.add(new Altered<>(row.id(), old.value(), row.value()));
        }
        siblings(row.id(), old.children(), row.children());
    }

    private static <K> boolean sameIds(List<? extends Branch<K, ?>> old, List<? extends Branch<K, ?>> fresh) {
        boolean same = old.size() == fresh.size();
        for (int i = 0; same && i < old.size(); i++) {
            same = old.get(i).id().equals(fresh.get(i).id());
        }
        return same;
    }

    /** Where a row stood; from the second of a parent on all of its rows are looked up at once. */
    private Place<K> placeBefore(Branch<K, V> old) {
        if (sought.add(old.parent())) {
            return before.placeOf(old.id());
        }
        return Objects.requireNonNull(places.computeIfAbsent(
                        old.parent(),
                        parent -> before.placesOf(before.childrenOf(parent).stream()
                                .map(Branch::id)
                                .toList()))
                .get(old.id()));
    }

    /**
     * The largest set of rows that keep their order under this parent: a longest increasing run of old positions, read
     * in the new order. All others count as moved. O(n log n).
     */
    private Set<K> staying(List<Branch<K, V>> old, List<Branch<K, V>> fresh) {
        Map<K, Integer> oldAt = new HashMap<>();
        for (int i = 0; i < old.size(); i++) {
            oldAt.put(old.get(i).id(), i);
        }
        List<Branch<K, V>> common =
                fresh.stream().filter(row -> oldAt.containsKey(row.id())).toList();
        int[] positions = common.stream()
                .mapToInt(row -> Objects.requireNonNull(oldAt.get(row.id())))
                .toArray();
        int[] tails = new int[positions.length]; // index into common of the smallest end of a run of each length
        int[] previous = new int[positions.length];
        int length = 0;
        for (int i = 0; i < positions.length; i++) {
            int low = runsEndingBefore(positions, tails, length, positions[i]);
            previous[i] = low == 0 ? -1 : tails[low - 1];
            tails[low] = i;
            length = Math.max(length, low + 1);
        }
        Set<K> staying = new HashSet<>();
        for (int i = length == 0 ? -1 : tails[length - 1]; i >= 0; i = previous[i]) {
            staying.add(common.get(i).id());
        }
        return staying;
    }

    /** How many runs end before this position: the run lengths are sorted by the position they end at. */
    private static int runsEndingBefore(int[] positions, int[] tails, int length, int position) {
        int low = 0;
        int high = length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (positions[tails[middle]] < position) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }
}
