package velnik.server.workingcopy;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.HttpStatus;
import velnik.core.change.Refusal;
import velnik.server.calls.ProblemException;

/** A refusal of the core as an answer: its name is the type, its components are the facts. */
public final class Refusals {
    private Refusals() {}

    public static ProblemException problem(Refusal refusal) {
        HttpStatus status = switch (refusal) {
            case Refusal.PageUnknown unknown -> HttpStatus.NOT_FOUND;
            case Refusal.MenuUnknown unknown -> HttpStatus.NOT_FOUND;
            case Refusal.ItemUnknown unknown -> HttpStatus.NOT_FOUND;
            case Refusal.BuiltUpon builtUpon -> HttpStatus.CONFLICT;
            case Refusal.TextChanged changed -> HttpStatus.CONFLICT;
            default -> HttpStatus.UNPROCESSABLE_CONTENT;
        };
        return new ProblemException(status, type(refusal), refusal.sentence(), facts(refusal));
    }

    /** {@code TitleTooLong} becomes {@code title-too-long}. */
    static String type(Refusal refusal) {
        return refusal.getClass()
                .getSimpleName()
                .replaceAll("(?<=[a-z])(?=[A-Z])", "-")
                .toLowerCase(Locale.ROOT);
    }

    private static Map<String, Object> facts(Refusal refusal) {
        Map<String, Object> facts = new LinkedHashMap<>();
        for (RecordComponent component : refusal.getClass().getRecordComponents()) {
            try {
                Object value = component.getAccessor().invoke(refusal);
                facts.put(component.getName(), value instanceof Number ? value : String.valueOf(value));
            } catch (IllegalAccessException | InvocationTargetException publicRecordsAreReadable) {
                throw new IllegalStateException(publicRecordsAreReadable);
            }
        }
        return facts;
    }
}
