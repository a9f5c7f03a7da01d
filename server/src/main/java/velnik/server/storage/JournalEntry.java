package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.compare.Difference;

/**
 * One edit as it was made.
 *
 * @param revision that it led to; the first edit leads to 1
 * @param request the client's name for it, by which a repeat is recognised
 * @param undoes for an undo, redo or skip, the revision that it takes back or leaves
 * @param title names it in undo
 * @param told the sentences the person was told, the first of them what happened
 * @param changes as asked; none for an undo or redo
 */
public record JournalEntry(
        long revision,
        String request,
        Kind kind,
        @Nullable Long undoes,
        String person,
        Instant at,
        String title,
        List<String> told,
        List<Change> changes,
        Difference difference) {

    public enum Kind {
        EDIT,
        UNDO,
        REDO,
        /** Made by Velnik itself, and not to be undone. */
        SYSTEM,
        /** Changes nothing; says that the person leaves an edit as it is and goes on undoing with the one before. */
        SKIP
    }

    /** What undo and redo go by. */
    public record Heading(
            long revision, Kind kind, @Nullable Long undoes, String person, Instant at, String title) {}

    public Heading heading() {
        return new Heading(revision, kind, undoes, person, at, title);
    }

    /**
     * What a further entry of the same request is called; no client can name a request so.
     *
     * @param number 1 for the second entry
     */
    public static String further(String request, int number) {
        return number == 0 ? request : request + "+" + number;
    }

    public JournalEntry {
        told = List.copyOf(told);
        changes = List.copyOf(changes);
    }
}
