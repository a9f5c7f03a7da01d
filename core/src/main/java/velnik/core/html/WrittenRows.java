package velnik.core.html;

import gg.jte.Content;
import gg.jte.TemplateOutput;
import gg.jte.output.StringOutput;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.navigation.NavigationRow;

/**
 * Writes the rows of menus for pages in one frame. Where a page does not stand beneath a row, the row is the same as on all
 * others, and is written once for them: what a page costs is its own branch, and copying the rest.
 */
final class WrittenRows {
    /** Characters that most rows have; those with many beneath them get more. */
    private static final int ROOM = 256;

    private final Map<MenuView, Map<NavigationRow.Key, String>> unmarked = new HashMap<>();

    Content of(PageView view, MenuView menu) {
        Map<NavigationRow.Key, String> known = unmarked(view, menu);
        return output -> {
            for (NavigationRow row : menu.menu().rows()) {
                @Nullable String same = menu.marks().contains(row) ? null : known.get(row.key());
                if (same == null) {
                    write(view, menu, row, output);
                } else {
                    output.writeContent(same);
                }
            }
        };
    }

    private synchronized Map<NavigationRow.Key, String> unmarked(PageView view, MenuView menu) {
        if (!menu.menu().isShared()) {
            return Map.of();
        }
        return unmarked.computeIfAbsent(menu.unmarked(), any -> {
            Map<NavigationRow.Key, String> rows = new HashMap<>();
            for (NavigationRow row : any.menu().rows()) {
                if (!row.holdsBlock()) { // the ids of blocks are counted on each page
                    TemplateOutput written = new StringOutput(ROOM);
                    write(view, any, row, written);
                    rows.put(row.key(), written.toString());
                }
            }
            return rows;
        });
    }

    private static void write(PageView view, MenuView menu, NavigationRow row, TemplateOutput output) {
        Templates.write("branch.jte", Map.of("view", view, "menu", menu, "rows", List.of(row)), output);
    }
}
