package velnik.server.arranging;

import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.server.calls.ProblemException;

/** Things by the names that calls give them. */
final class Named {
    private Named() {}

    /** @throws ProblemException no page can have that name (404) */
    static PageId page(String name) {
        return understood(() -> new PageId(name));
    }

    /** @throws ProblemException no menu can have that name (404) */
    static MenuRowId menu(String name) {
        return understood(() -> new MenuRowId(name));
    }

    private static <T> T understood(Supplier<T> reading) {
        try {
            return reading.get();
        } catch (IllegalArgumentException malformed) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "not-there", "There is nothing of that name.");
        }
    }
}
