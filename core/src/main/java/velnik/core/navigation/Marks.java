package velnik.core.navigation;

import java.util.HashSet;
import java.util.Set;

/**
 * Where a page stands in one menu, on one device.
 *
 * @param current the rows that lead to the page
 * @param trail the rows above those; where no row leads to the page, the way to its nearest ancestor that has one
 */
public record Marks(Set<NavigationRow.Key> current, Set<NavigationRow.Key> trail) {
    public static final Marks NONE = new Marks(Set.of(), Set.of());

    public Marks {
        current = Set.copyOf(current);
        trail = Set.copyOf(trail);
    }

    public boolean isCurrent(NavigationRow row) {
        return current.contains(row.key());
    }

    public boolean isInTrail(NavigationRow row) {
        return trail.contains(row.key());
    }

    /** Whether a row is marked; where none is, none under it is. */
    public boolean contains(NavigationRow row) {
        return isCurrent(row) || isInTrail(row);
    }

    /** With all rows in the trail, as where what is looked at stands beneath the page. */
    Marks asTrail() {
        Set<NavigationRow.Key> all = new HashSet<>(trail);
        all.addAll(current);
        return new Marks(Set.of(), all);
    }
}
