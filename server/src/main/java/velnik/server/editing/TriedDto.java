package velnik.server.editing;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.server.workingcopy.WorkingCopy;

/**
 * What would become of changes that are not made yet.
 *
 * @param told the first of them what would happen; empty when it cannot
 * @param refused why it cannot; null when it can
 */
public record TriedDto(List<String> told, @Nullable String refused) {
    public static TriedDto of(Outcome outcome) {
        return switch (outcome) {
            case Outcome.Applied applied -> new TriedDto(WorkingCopy.told(applied), null);
            case Outcome.Refused(Refusal why) -> new TriedDto(List.of(), why.sentence());
        };
    }
}
