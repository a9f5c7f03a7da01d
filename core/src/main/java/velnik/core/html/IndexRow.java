package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A page in the page index, with those under it.
 *
 * @param address null for a group, which has no page of its own
 */
public record IndexRow(String title, @Nullable String address, List<IndexRow> rows) {
    public IndexRow {
        rows = List.copyOf(rows);
    }
}
