package velnik.core.bin;

import java.util.Set;
import velnik.core.change.Change;
import velnik.core.draft.Draft;
import velnik.core.site.RemovalId;

/** Lets go for good of what lies in the bin. */
public final class Emptying {
    private Emptying() {}

    /** Those that are not there, or not any more, are none the worse for it. */
    public static void emptyBin(Draft draft, Change.EmptyBin empty) {
        Set<RemovalId> gone = Set.copyOf(empty.removals());
        draft.become(draft.site()
                .withBin(draft.site().bin().stream()
                        .filter(removal -> !gone.contains(removal.id()))
                        .toList()));
    }
}
