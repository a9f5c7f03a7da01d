package velnik.server.workingcopy;

import java.util.List;
import velnik.core.change.Change;
import velnik.server.storage.JournalEntry;

/**
 * Who asks for what, so that a repeat is told from another request of the same name.
 *
 * @param kind of the entry that it leads to
 * @param changes none for undo and redo
 */
record Asked(String person, JournalEntry.Kind kind, List<Change> changes) {

    boolean isWhatMade(JournalEntry entry) {
        return entry.person().equals(person)
                && entry.kind() == kind
                && entry.changes().equals(changes);
    }
}
