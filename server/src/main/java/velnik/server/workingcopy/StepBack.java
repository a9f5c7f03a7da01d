package velnik.server.workingcopy;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import velnik.core.compare.Difference;
import velnik.core.site.Site;
import velnik.core.undo.Undoing;
import velnik.server.storage.JournalEntry;

/**
 * An undo, a redo, or an edit left as it is, in the making.
 *
 * @param entries it is kept by, of consecutive revisions
 * @param site that the last of them leads to
 */
record StepBack(List<JournalEntry> entries, Site site) {

    /** Who asks for it, under which name. */
    record Asked(JournalEntry.Kind kind, String person, String request, Instant at) {
        JournalEntry entry(long revision, int number, JournalEntry done, String told, Difference difference) {
            return new JournalEntry(
                    revision,
                    JournalEntry.further(request, number),
                    kind,
                    done.revision(),
                    person,
                    at,
                    done.title(),
                    List.of(told + done.title() + "."),
                    List.of(),
                    difference);
        }
    }

    /**
     * Takes back one edit after another, each with an entry of its own, so that each can be made again by itself.
     *
     * @param taken the newest first
     * @throws velnik.server.calls.ProblemException built upon (409)
     */
    static StepBack taking(Asked asked, WorkingCopy.State state, History history, List<JournalEntry> taken) {
        String said = asked.kind() == JournalEntry.Kind.REDO ? "Redone: " : "Undone: ";
        List<JournalEntry> entries = new ArrayList<>();
        Site site = state.site();
        for (JournalEntry each : taken) {
            Site before = site;
            site = switch (Undoing.undo(before, each.difference())) {
                case Undoing.Result.Blocked blocked ->
                    throw BuiltUpon.problem(blocked.why(), BuiltUpon.edits(state.site(), history, each));
                case Undoing.Result.Undone(Site without) -> without;
            };
            long revision = state.revision() + 1 + entries.size();
            entries.add(asked.entry(revision, entries.size(), each, said, Difference.between(before, site)));
        }
        return new StepBack(entries, site);
    }

    /** Changes nothing; undo goes on with the edit before. */
    static StepBack skipping(Asked asked, WorkingCopy.State state, JournalEntry done) {
        Difference nothing = Difference.between(state.site(), state.site());
        return new StepBack(
                List.of(asked.entry(state.revision() + 1, 0, done, "Left as it is: ", nothing)), state.site());
    }
}
