package velnik.core.site;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;

/**
 * One removal, as it lies in the bin: what went, and where it was. Holds pages, or rows of menus, of one gesture.
 *
 * @param person who removed it
 */
public record Removal(
        RemovalId id, Instant at, String person, List<Part<PageId, Page>> pages, List<Part<MenuRowId, MenuRow>> rows) {

    public Removal {
        pages = List.copyOf(pages);
        rows = List.copyOf(rows);
    }

    /** How many earlier siblings are remembered, to find the nearest that is still there. */
    private static final int REMEMBERED = 20;

    /**
     * A branch that went.
     *
     * @param where for a page its address, for an item the name of its menu, for a menu nothing
     * @param above the rows it stood under, the nearest first
     * @param earlier siblings that stood before it, the nearest first, at most {@value #REMEMBERED}
     * @param rows the branch in reading order, its top first
     */
    public record Part<K, V>(String where, List<K> above, List<K> earlier, List<Outline.Entry<K, V>> rows) {
        public Part {
            above = List.copyOf(above);
            earlier = List.copyOf(earlier);
            rows = List.copyOf(rows);
        }

        public Outline.Entry<K, V> top() {
            return rows.getFirst();
        }
    }

    /** Says where branches are before they go. The rows under one parent are read once, however many of them go. */
    public static final class Whereabouts<K, V> {
        private final Outline<K, V> outline;
        private final Map<@Nullable K, Map<K, Integer>> positions = new HashMap<>();

        public Whereabouts(Outline<K, V> outline) {
            this.outline = outline;
        }

        /** A branch with all that is under it. */
        public Part<K, V> branch(K top, String where) {
            return part(top, where, outline.walk(top));
        }

        /** One row, without what is under it. */
        public Part<K, V> alone(K row, String where) {
            return part(row, where, List.of(outline.branch(row)));
        }

        private Part<K, V> part(K top, String where, List<Branch<K, V>> rows) {
            List<K> above = new ArrayList<>();
            for (@Nullable K at = outline.branch(top).parent();
                    at != null;
                    at = outline.branch(at).parent()) {
                above.add(at);
            }
            List<Outline.Entry<K, V>> entries = new ArrayList<>(rows.size());
            rows.forEach(row -> entries.add(new Outline.Entry<>(row.id(), row.parent(), row.value())));
            return new Part<>(where, above, earlier(top), entries);
        }

        private List<K> earlier(K top) {
            @Nullable K parent = outline.branch(top).parent();
            List<Branch<K, V>> siblings = outline.childrenOf(parent);
            int at = Objects.requireNonNull(positions
                    .computeIfAbsent(parent, any -> positions(siblings))
                    .get(top));
            List<K> earlier = new ArrayList<>(REMEMBERED);
            for (int i = at - 1; i >= Math.max(0, at - REMEMBERED); i--) {
                earlier.add(siblings.get(i).id());
            }
            return earlier;
        }

        private Map<K, Integer> positions(List<Branch<K, V>> siblings) {
            Map<K, Integer> positions = HashMap.newHashMap(siblings.size());
            for (Branch<K, V> sibling : siblings) {
                positions.put(sibling.id(), positions.size());
            }
            return positions;
        }
    }
}
