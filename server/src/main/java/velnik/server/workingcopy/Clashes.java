package velnik.server.workingcopy;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.http.HttpStatus;
import velnik.core.change.Change;
import velnik.core.compare.Difference;
import velnik.core.compare.Touch;
import velnik.core.site.Site;
import velnik.core.undo.Clash;
import velnik.server.calls.ProblemException;

/** Notices when two edits decide the same thing and the second did not know of the first. */
final class Clashes {
    private Clashes() {}

    /**
     * Refuses an edit that collides with one made since the revision it was based on, or that nobody can judge any more.
     *
     * @param wanted the site as the edit would make it
     * @throws ProblemException naming the field, with both values
     */
    static void check(History history, long basedOn, List<Change> changes, Difference edit, Site present, Site wanted) {
        List<History.Recent> since = history.since(basedOn);
        boolean known = history.knowsAllSince(basedOn);
        if (since.isEmpty() && known) {
            return;
        }
        Set<Touch> touched = new HashSet<>(Clash.touched(changes, edit));
        if (known) {
            Set<Touch> others = new HashSet<>();
            since.forEach(other -> others.addAll(Clash.touched(other.changes(), other.difference())));
            touched.retainAll(others);
        }
        Clash.between(touched, present, wanted).ifPresent(clash -> {
            throw known ? changedSince(clash) : tooOld(clash);
        });
    }

    private static ProblemException changedSince(Clash clash) {
        return new ProblemException(HttpStatus.CONFLICT, "changed-since", clash.sentence(), facts(clash));
    }

    private static ProblemException tooOld(Clash clash) {
        return new ProblemException(
                HttpStatus.CONFLICT,
                "too-long-ago",
                "So much was changed since you loaded this page that your edit may undo somebody's: " + clash.what()
                        + " is “" + clash.theirs() + "” now, you wanted “" + clash.yours()
                        + "”. Nothing was changed; load the page again.",
                facts(clash));
    }

    private static Map<String, Object> facts(Clash clash) {
        return Map.of(
                "subject",
                String.valueOf(clash.subject()),
                "field",
                clash.field(),
                "yours",
                clash.yours(),
                "theirs",
                clash.theirs());
    }
}
