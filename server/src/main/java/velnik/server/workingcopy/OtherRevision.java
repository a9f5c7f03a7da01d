package velnik.server.workingcopy;

import java.util.Map;
import org.springframework.http.HttpStatus;
import velnik.server.calls.ProblemException;

/** What is wrong with the revision that somebody went by; always a conflict (409). */
final class OtherRevision {
    private OtherRevision() {}

    static ProblemException unknown(long basedOn, long revision) {
        return conflict(
                "revision-unknown",
                "This was meant for a state of the site that never was. Nothing was changed; load the page again.",
                Map.of("basedOn", basedOn, "revision", revision));
    }

    static ProblemException changedSince(long basedOn, long revision) {
        return conflict(
                "changed-since",
                "Somebody changed the site since you looked. Look again, then go on.",
                Map.of("basedOn", basedOn, "revision", revision));
    }

    static ProblemException tooLongAgo() {
        return conflict(
                "too-long-ago",
                "So much happened since that it is not told one by one. Load the page again.",
                Map.of());
    }

    private static ProblemException conflict(String type, String sentence, Map<String, Object> facts) {
        return new ProblemException(HttpStatus.CONFLICT, type, sentence, facts);
    }
}
