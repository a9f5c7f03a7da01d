package velnik.server.workingcopy;

import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import velnik.core.change.Refusal;
import velnik.core.site.Site;
import velnik.core.undo.Undoing;
import velnik.server.calls.ProblemException;
import velnik.server.storage.JournalEntry;

/** What stands in the way where an edit cannot be taken back alone. */
final class BuiltUpon {
    private BuiltUpon() {}

    /**
     * The later edits that have to go too for one to be taken back, oldest first; none where that does not help, or where
     * it is too long ago to tell.
     */
    static List<History.Recent> edits(Site present, History history, JournalEntry entry) {
        if (!history.knowsAllSince(entry.revision())) {
            return List.of();
        }
        List<History.Recent> later = history.inForceSince(entry.revision());
        return Undoing.undoTogether(
                        present,
                        entry.difference(),
                        later.stream().map(History.Recent::difference).toList())
                .map(together -> together.later().stream().map(later::get).toList())
                .orElse(List.of());
    }

    static ProblemException problem(Refusal.BuiltUpon why, List<History.Recent> later) {
        List<String> titles = later.stream().map(edit -> edit.heading().title()).toList();
        String upon = titles.isEmpty() ? "" : " Built upon it: " + String.join("; ", titles) + ".";
        return new ProblemException(
                HttpStatus.CONFLICT,
                Refusals.type(why),
                why.sentence() + upon,
                Map.of("title", why.title(), "later", titles));
    }
}
