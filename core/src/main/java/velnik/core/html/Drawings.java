package velnik.core.html;

import static java.util.Map.entry;

import java.util.Map;

/** The drawings of the icons that items can show: SVG path data on a field of 24 by 24, drawn with a line of 2. */
final class Drawings {
    static final Map<String, String> BY_ICON = Map.ofEntries(
            entry("anchor", "M12 7v14M7 11h10M4 14c0 5 4 7 8 7s8-2 8-7M12 3a2 2 0 1 0 .1 0"),
            entry("arrow", "M4 12h15M13 6l6 6-6 6"),
            entry("boat", "M3 16h18l-3 5H6zM11 13V3l7 10zM8 13V7l-3 6z"),
            entry("calendar", "M4 6h16v14H4zM4 10h16M8 3v4M16 3v4"),
            entry("clock", "M12 7v5l4 2M12 3a9 9 0 1 0 .1 0"),
            entry("cup", "M5 8h11v7a4 4 0 0 1-4 4H9a4 4 0 0 1-4-4zM16 10h2a2 2 0 0 1 0 5h-2M8 3v2M12 3v2"),
            entry("house", "M4 11l8-7 8 7M6 9v11h12V9M10 20v-6h4v6"),
            entry("info", "M12 11v6M12 7v1M12 3a9 9 0 1 0 .1 0"),
            entry("mail", "M3 6h18v12H3zM3 7l9 7 9-7"),
            entry("people", "M8 11a3 3 0 1 0-.1 0M2 20c0-4 3-6 6-6s6 2 6 6M16 11a3 3 0 1 0-1-5.8M17 14c3 0 5 2 5 6"),
            entry(
                    "phone",
                    "M6 3h3l2 5-2.5 2a12 12 0 0 0 5.5 5.5l2-2.5 5 2v3a2 2 0 0 1-2 2C11 20 4 13 4 5a2 2 0 0 1 2-2z"),
            entry("pin", "M12 21s7-7 7-12a7 7 0 0 0-14 0c0 5 7 12 7 12zM12 7a2 2 0 1 0 .1 0"),
            entry("search", "M15.5 15.5L21 21M10 4a6 6 0 1 0 .1 0"),
            entry("tool", "M14 6a4 4 0 0 1 6-2l-3 3 1 1 3-3a4 4 0 0 1-5 6l-8 9-3-3 9-8a4 4 0 0 1 0-3z"),
            entry("wave", "M2 9c3-3 5-3 7 0s5 3 7 0 4-3 6 0M2 16c3-3 5-3 7 0s5 3 7 0 4-3 6 0"));

    private Drawings() {}
}
