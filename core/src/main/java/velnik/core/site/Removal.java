package velnik.core.site;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
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

        /** Of a branch with all that is under it. */
        public static <K, V> Part<K, V> branch(Outline<K, V> outline, K top, String where) {
            return of(outline, top, where, outline.walk(top));
        }

        /** Of one row, without what is under it. */
        public static <K, V> Part<K, V> alone(Outline<K, V> outline, K row, String where) {
            return of(outline, row, where, List.of(outline.branch(row)));
        }

        private static <K, V> Part<K, V> of(Outline<K, V> outline, K top, String where, List<Branch<K, V>> rows) {
            List<K> path = ids(outline.pathTo(top)).reversed();
            List<K> siblings = ids(outline.childrenOf(outline.branch(top).parent()));
            List<K> earlier = siblings.subList(0, siblings.indexOf(top)).reversed();
            return new Part<>(
                    where,
                    path.subList(1, path.size()),
                    earlier.subList(0, Math.min(REMEMBERED, earlier.size())),
                    rows.stream()
                            .map(row -> new Outline.Entry<>(row.id(), row.parent(), row.value()))
                            .toList());
        }

        private static <K, V> List<K> ids(List<Branch<K, V>> rows) {
            return new ArrayList<>(rows.stream().map(Branch::id).toList());
        }

        public Outline.Entry<K, V> top() {
            return rows.getFirst();
        }
    }
}
