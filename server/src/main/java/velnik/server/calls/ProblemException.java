package velnik.server.calls;

import java.util.Map;
import org.springframework.http.HttpStatus;

/**
 * An answer that is an error, as RFC 9457 has it: a stable type, a sentence, and the facts.
 */
public class ProblemException extends RuntimeException {
    private final transient HttpStatus status;
    private final String sentence;
    private final String type;
    private final transient Map<String, Object> facts;

    /** @param type a word that stays the same, such as {@code title-empty} */
    public ProblemException(HttpStatus status, String type, String sentence, Map<String, Object> facts) {
        super(sentence, null, false, false);
        this.sentence = sentence;
        this.status = status;
        this.type = type;
        this.facts = Map.copyOf(facts);
    }

    public ProblemException(HttpStatus status, String type, String sentence) {
        this(status, type, sentence, Map.of());
    }

    public HttpStatus status() {
        return status;
    }

    /** For the person. */
    public String sentence() {
        return sentence;
    }

    public String type() {
        return type;
    }

    public Map<String, Object> facts() {
        return facts;
    }
}
