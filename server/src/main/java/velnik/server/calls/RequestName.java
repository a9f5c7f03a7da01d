package velnik.server.calls;

import org.springframework.http.HttpStatus;

/** What a client may call a request of its own, so that a repeat of it is recognised. */
public final class RequestName {
    public static final String SHAPE = "[A-Za-z0-9_-]{8,60}";
    public static final String SENTENCE = "A request has a name of 8 to 60 letters, digits, hyphens and underscores.";

    private RequestName() {}

    /** Another request has this name already. */
    public static ProblemException taken() {
        return new ProblemException(
                HttpStatus.CONFLICT,
                "request-name-taken",
                "Another request was sent under this name before. Nothing was changed; try again.");
    }
}
