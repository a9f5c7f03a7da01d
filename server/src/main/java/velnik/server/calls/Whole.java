package velnik.server.calls;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * Whether everything that came with a call is there, however deep: every component of every record that may not be null,
 * every element of every list. What a record says of itself is enough; no field has to be named here.
 */
public final class Whole {
    /** Rows that one call may be about. */
    public static final int ROWS = 20_000;

    private Whole() {}

    /**
     * Gives back what was sent.
     *
     * @param name what it is called in the call
     * @throws ProblemException naming what is missing (400), or the list that is too long (422)
     */
    public static <T> T checked(T sent, String name) {
        check(sent, name);
        return sent;
    }

    private static void check(@Nullable Object value, String name) {
        switch (value) {
            case null -> throw missing(name);
            case Record whole -> {
                for (RecordComponent component : whole.getClass().getRecordComponents()) {
                    Object part = read(whole, component);
                    if (part != null || !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                        check(part, name + "." + component.getName());
                    }
                }
            }
            case Collection<?> elements -> {
                if (elements.size() > ROWS) {
                    throw new ProblemException(
                            HttpStatus.UNPROCESSABLE_CONTENT,
                            "too-many-rows",
                            "This is about " + elements.size() + " rows; one edit takes at most " + ROWS
                                    + ". Nothing was changed.");
                }
                elements.forEach(element -> check(element, name));
            }
            default -> {}
        }
    }

    private static @Nullable Object read(Record whole, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(whole);
        } catch (IllegalAccessException | InvocationTargetException unreadable) {
            throw new IllegalStateException(unreadable);
        }
    }

    private static ProblemException missing(String name) {
        return new ProblemException(
                HttpStatus.BAD_REQUEST,
                "not-understood",
                "This request cannot be understood, so nothing was changed.",
                Map.of("missing", name));
    }
}
