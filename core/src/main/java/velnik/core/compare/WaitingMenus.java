package velnik.core.compare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import velnik.core.explanation.Words;
import velnik.core.outline.RowDifference;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;

/** What waits about menus and where they stand: one entry for each menu, one for each assignment. */
final class WaitingMenus {
    private WaitingMenus() {}

    static List<Waiting.Entry> of(Site live, Site working, Difference difference) {
        Map<MenuRowId, int[]> counts = new LinkedHashMap<>(); // added, removed, moved or altered
        for (RowDifference<MenuRowId, MenuRow> row : difference.menus().rows()) {
            Site site = working.menus().contains(row.id()) ? working : live;
            int[] count = counts.computeIfAbsent(site.menuOf(row.id()), menu -> new int[3]);
            switch (row) {
                case RowDifference.Added<MenuRowId, MenuRow> added -> count[0]++;
                case RowDifference.Removed<MenuRowId, MenuRow> removed -> count[1]++;
                case RowDifference.Moved<MenuRowId, MenuRow> moved -> count[2]++;
                case RowDifference.Altered<MenuRowId, MenuRow> altered -> count[2]++;
            }
        }
        List<Waiting.Entry> entries = new ArrayList<>();
        counts.forEach((menu, count) -> entries.add(new Waiting.Entry(null, sentence(live, working, menu, count))));
        for (AssignmentDifference assignment : difference.assignments()) {
            String where = Words.zone(assignment.key().zone()) + " of "
                    + Words.scope(working, assignment.key().scope());
            String what = assignment
                    .after()
                    .map(after -> Words.says(working, after.says()))
                    .orElse("has no exception any more");
            entries.add(new Waiting.Entry(
                    null, Character.toUpperCase(where.charAt(0)) + where.substring(1) + " " + what + "."));
        }
        return entries;
    }

    private static String sentence(Site live, Site working, MenuRowId menu, int[] count) {
        if (!live.menus().contains(menu)) {
            return "The menu " + name(working, menu) + " is new, with " + items(count[0] - 1) + ".";
        }
        if (!working.menus().contains(menu)) {
            return "The menu " + name(live, menu) + " goes.";
        }
        List<String> parts = new ArrayList<>();
        if (count[0] > 0) {
            parts.add(items(count[0]) + " more");
        }
        if (count[1] > 0) {
            parts.add(items(count[1]) + " fewer");
        }
        if (count[2] > 0) {
            parts.add(items(count[2]) + " changed");
        }
        return "The menu " + name(working, menu) + ": " + String.join(", ", parts) + ".";
    }

    private static String items(int count) {
        return count == 1 ? "1 item" : count + " items";
    }

    private static String name(Site site, MenuRowId menu) {
        return site.menus().get(menu) instanceof MenuRow.Menu(String name, boolean aside) ? name : "";
    }
}
