package velnik.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Titles as a sentence tells them: the first few by name, the rest by number. */
final class SomeTitles {
    private static final int NAMED = 3;

    private SomeTitles() {}

    /** The facts {@code count} of all, and {@code titles} as they are told: "Hulls, Engines, Batteries and 8 more". */
    static Map<String, Object> facts(List<String> titles) {
        List<String> told = new ArrayList<>(titles.subList(0, Math.min(NAMED, titles.size())));
        if (titles.size() > NAMED) {
            told.add(Notice.WORDS.say("SubpagesVanish.more", Map.of("count", titles.size() - NAMED)));
        }
        return Map.of("titles", told, "count", titles.size());
    }
}
