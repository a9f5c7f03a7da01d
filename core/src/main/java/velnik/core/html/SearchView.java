package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The field to search by, and what was found.
 *
 * @param address where the field asks
 * @param asked what was asked; empty when nothing was yet
 * @param says how many pages were found
 * @param results the best of them
 * @param index the address of the page index; null when visitors cannot get it
 */
public record SearchView(
        String address,
        String asked,
        String says,
        List<Result> results,
        @Nullable String index) {
    public SearchView {
        results = List.copyOf(results);
    }

    /** @param path the titles above it, the topmost first; empty at the top level */
    public record Result(String title, String address, String path, String passage) {}
}
