package velnik.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import velnik.core.site.Assignment;

/** That the assignment for a zone and scope is another, is new, or is gone. */
public record AssignmentDifference(Assignment.Key key, Optional<Assignment> before, Optional<Assignment> after) {

    /** The order of assignments says nothing, so it is no difference. */
    static List<AssignmentDifference> between(List<Assignment> before, List<Assignment> after) {
        if (before == after) {
            return List.of();
        }
        Map<Assignment.Key, Assignment> old = byKey(before);
        Map<Assignment.Key, Assignment> fresh = byKey(after);
        List<AssignmentDifference> differences = new ArrayList<>();
        old.forEach((key, assignment) -> {
            Optional<Assignment> now = Optional.ofNullable(fresh.get(key));
            if (!now.equals(Optional.of(assignment))) {
                differences.add(new AssignmentDifference(key, Optional.of(assignment), now));
            }
        });
        fresh.forEach((key, assignment) -> {
            if (!old.containsKey(key)) {
                differences.add(new AssignmentDifference(key, Optional.empty(), Optional.of(assignment)));
            }
        });
        return differences;
    }

    private static Map<Assignment.Key, Assignment> byKey(List<Assignment> assignments) {
        Map<Assignment.Key, Assignment> byKey = new LinkedHashMap<>();
        assignments.forEach(assignment -> byKey.put(assignment.key(), assignment));
        return byKey;
    }

    AssignmentDifference reversed() {
        return new AssignmentDifference(key, after, before);
    }

    static List<Assignment> applyTo(List<Assignment> assignments, List<AssignmentDifference> differences) {
        if (differences.isEmpty()) {
            return assignments;
        }
        Map<Assignment.Key, Assignment> byKey = byKey(assignments);
        for (AssignmentDifference difference : differences) {
            difference
                    .after()
                    .ifPresentOrElse(fresh -> byKey.put(difference.key(), fresh), () -> byKey.remove(difference.key()));
        }
        return List.copyOf(byKey.values());
    }
}
