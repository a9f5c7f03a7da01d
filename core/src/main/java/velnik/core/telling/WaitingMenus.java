package velnik.core.telling;

import static velnik.core.telling.Waiting.WORDS;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import velnik.core.compare.Difference;
import velnik.core.compare.KeyedDifference;
import velnik.core.explanation.Words;
import velnik.core.outline.RowDifference;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;

/** What waits about menus and where they stand: one entry for each menu, one for each assignment. */
final class WaitingMenus {
    private WaitingMenus() {}

    /** What happened to one menu. */
    private static final class Tally {
        private int added;
        private int removed;
        private int changed;
        private final List<String> itself = new ArrayList<>();
    }

    static List<Waiting.Entry> of(Site live, Site working, Difference difference) {
        Map<MenuRowId, Tally> tallies = new LinkedHashMap<>();
        for (RowDifference<MenuRowId, MenuRow> row : difference.menus().rows()) {
            Site site = working.menus().contains(row.id()) ? working : live;
            Tally tally = tallies.computeIfAbsent(site.menuOf(row.id()), menu -> new Tally());
            switch (row) {
                case RowDifference.Added<MenuRowId, MenuRow> added -> tally.added++;
                case RowDifference.Removed<MenuRowId, MenuRow> removed -> tally.removed++;
                case RowDifference.Moved<MenuRowId, MenuRow> moved
                when site.menus().get(row.id()) instanceof MenuRow.Menu -> tally.itself.add(WORDS.say("menu.moved"));
                case RowDifference.Moved<MenuRowId, MenuRow> moved -> tally.changed++;
                case RowDifference.Altered<MenuRowId, MenuRow>(MenuRowId id, MenuRow.Menu before, MenuRow.Menu after) ->
                    tally.itself.addAll(altered(before, after));
                case RowDifference.Altered<MenuRowId, MenuRow> altered -> tally.changed++;
            }
        }
        List<Waiting.Entry> entries = new ArrayList<>();
        tallies.forEach((menu, tally) -> sentence(live, working, menu, tally)
                .ifPresent(sentence -> entries.add(new Waiting.Entry(null, () -> sentence))));
        difference
                .assignments()
                .forEach(assignment -> entries.add(new Waiting.Entry(null, () -> assigned(working, assignment))));
        return entries;
    }

    private static String assigned(Site working, KeyedDifference<Assignment.Key, Assignment> assignment) {
        Map<String, String> facts = Map.of(
                "Zone",
                Words.capital(Words.zone(assignment.key().zone())),
                "scope",
                Words.scope(working, assignment.key().scope()),
                "says",
                assignment
                        .after()
                        .map(after -> Words.says(working, after.says()))
                        .orElse(""));
        return WORDS.say(assignment.after().isPresent() ? "assignment" : "assignment.none", facts);
    }

    /** Empty where only the pages that joined it are remembered otherwise. */
    private static Optional<String> sentence(Site live, Site working, MenuRowId menu, Tally tally) {
        if (!live.menus().contains(menu)) {
            return Optional.of(WORDS.say("menu.new", Map.of("menu", name(working, menu), "count", tally.added - 1)));
        }
        if (!working.menus().contains(menu)) {
            return Optional.of(WORDS.say("menu.goes", Map.of("menu", name(live, menu))));
        }
        List<String> parts = new ArrayList<>(tally.itself);
        add(parts, "menu.added", tally.added);
        add(parts, "menu.removed", tally.removed);
        add(parts, "menu.changed", tally.changed);
        return parts.isEmpty()
                ? Optional.empty()
                : Optional.of(WORDS.say("menu", Map.of("menu", name(live, menu), "parts", String.join(", ", parts))));
    }

    private static void add(List<String> parts, String key, int count) {
        if (count > 0) {
            parts.add(WORDS.say(key, Map.of("count", count)));
        }
    }

    private static List<String> altered(MenuRow.Menu before, MenuRow.Menu after) {
        List<String> parts = new ArrayList<>();
        if (!before.name().equals(after.name())) {
            parts.add(WORDS.say("menu.name", Map.of("name", after.name())));
        }
        if (before.setAside() != after.setAside()) {
            parts.add(WORDS.say(after.setAside() ? "menu.setAside" : "menu.notSetAside"));
        }
        boolean joinAlike = before.joining().from().equals(after.joining().from())
                && before.joining().spot() == after.joining().spot();
        if (!joinAlike) {
            parts.add(WORDS.say("menu.joining"));
        }
        return parts;
    }

    private static String name(Site site, MenuRowId menu) {
        return site.menus().get(menu) instanceof MenuRow.Menu named ? named.name() : "";
    }
}
