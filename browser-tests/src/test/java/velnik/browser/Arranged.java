package velnik.browser;

import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a person arranges for themselves, by the names of preferences. */
final class Arranged {
    private Arranged() {}

    /** As it is at first. */
    static final Map<String, String> AT_FIRST = Map.of(
            "pages-folded", "[]",
            "menus-folded", "[]",
            "sheet-folded", "[]",
            "pages-columns-away", "[\"Zones\",\"Reach\",\"Periods\"]",
            "sheet-menus-away", "[]",
            "pages-asked", "[]",
            "menus-asked", "[]",
            "sheet-asked", "[]",
            "density", "\"roomy\"");

    /** Errands that are not about folding find every group of a card open. */
    static final String ALL_GROUPS_OPEN = Stream.of(
                    "page-opening",
                    "page-properties",
                    "page-removing",
                    "page-search",
                    "item-how",
                    "menu-here",
                    "menu-joining",
                    "menu-new")
            .map(group -> "\"" + group + "\": true")
            .collect(Collectors.joining(", ", "{", "}"));
}
