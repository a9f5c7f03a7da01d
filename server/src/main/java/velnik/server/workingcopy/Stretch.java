package velnik.server.workingcopy;

import java.util.List;
import java.util.Optional;
import velnik.core.change.Change;
import velnik.core.compare.Difference;
import velnik.core.site.Site;
import velnik.core.undo.Undoing;
import velnik.server.storage.JournalEntry;

/**
 * A stretch of typing, whose edits are kept as one: each takes the place of the one before it, and holds what became of
 * the text since the first.
 *
 * @param revision of the entry that it goes on with
 * @param difference since before that entry
 */
record Stretch(long revision, Difference difference) {

    /**
     * Whether an edit goes on with the newest one: the same person's, in the same text and stretch, with nothing between.
     * Typing that leads back to where it began is an edit of its own, since nothing would be left of the two.
     *
     * @param wanted the site as the edit makes it
     */
    static Optional<Stretch> goingOn(
            History history, WorkingCopy.State state, String person, List<Change> changes, Site wanted) {
        return history.newest()
                .filter(newest -> newest.revision() == state.revision()
                        && newest.heading().kind() == JournalEntry.Kind.EDIT
                        && newest.person().equals(person)
                        && isOne(newest.changes(), changes))
                .flatMap(newest ->
                        Undoing.undo(state.site(), newest.difference()) instanceof Undoing.Result.Undone(Site before)
                                ? Optional.of(new Stretch(newest.revision(), Difference.between(before, wanted)))
                                : Optional.empty())
                .filter(stretch -> !stretch.difference().isEmpty());
    }

    private static boolean isOne(List<Change> before, List<Change> after) {
        return before.size() == 1
                && after.size() == 1
                && before.getFirst() instanceof Change.SetText earlier
                && after.getFirst() instanceof Change.SetText later
                && earlier.page().equals(later.page())
                && earlier.stretch().equals(later.stretch());
    }
}
