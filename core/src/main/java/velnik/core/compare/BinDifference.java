package velnik.core.compare;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velnik.core.site.Removal;
import velnik.core.site.RemovalId;

/** Which removals came into the bin, and which left it. A removal never alters. */
public record BinDifference(List<Removal> added, List<Removal> left) {

    public BinDifference {
        added = List.copyOf(added);
        left = List.copyOf(left);
    }

    static BinDifference between(List<Removal> before, List<Removal> after) {
        return before == after
                ? new BinDifference(List.of(), List.of())
                : new BinDifference(without(after, before), without(before, after));
    }

    private static List<Removal> without(List<Removal> some, List<Removal> others) {
        Set<RemovalId> ids = others.stream().map(Removal::id).collect(Collectors.toSet());
        return some.stream().filter(removal -> !ids.contains(removal.id())).toList();
    }

    public boolean isEmpty() {
        return added.isEmpty() && left.isEmpty();
    }

    BinDifference reversed() {
        return new BinDifference(left, added);
    }

    List<RemovalId> concerned() {
        return Stream.concat(added.stream(), left.stream()).map(Removal::id).toList();
    }

    /** Whether what leaves is there, and what comes is not. */
    public boolean fits(List<Removal> bin) {
        return without(left, bin).isEmpty() && without(added, bin).equals(added);
    }

    List<Removal> applyTo(List<Removal> bin) {
        if (isEmpty()) {
            return bin;
        }
        List<Removal> result = new ArrayList<>(without(bin, left));
        result.addAll(added);
        return result;
    }
}
