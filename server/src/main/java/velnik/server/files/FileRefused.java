package velnik.server.files;

import java.util.Map;
import org.springframework.http.HttpStatus;
import velnik.core.text.Messages;
import velnik.server.calls.ProblemException;

/** Why what was sent is not taken, in words for the person who sent it. */
final class FileRefused {
    private static final Messages WORDS = Messages.of(FileRefused.class);

    private FileRefused() {}

    static ProblemException tooLarge(String kind, long limit) {
        return new ProblemException(
                HttpStatus.CONTENT_TOO_LARGE,
                "file-too-large",
                WORDS.say("tooLarge." + kind, Map.of("limit", limit / 1_000_000)));
    }

    /** @param why its key among the words */
    static ProblemException because(String why) {
        return because(why, Map.of());
    }

    static ProblemException because(String why, Map<String, ?> facts) {
        return new ProblemException(HttpStatus.UNPROCESSABLE_CONTENT, "file-refused", WORDS.say(why, facts));
    }
}
