package velnik.core.entry;

import java.util.List;
import java.util.regex.Pattern;

/** How well a name answers to what was typed to find it. Both are without accents and capitals. */
final class Rank {
    private static final Pattern GAPS = Pattern.compile("[^\\p{L}\\p{N}]+");

    private Rank() {}

    /** 0 is best; -1 is no match. */
    static int of(String title, String wanted) {
        if (title.equals(wanted)) {
            return 0;
        }
        if (title.startsWith(wanted)) {
            return 1;
        }
        List<String> words = List.of(GAPS.split(title));
        if (words.stream().anyMatch(word -> word.startsWith(wanted))) {
            return 2;
        }
        if (title.contains(wanted)) {
            return 3;
        }
        boolean each = List.of(GAPS.split(wanted)).stream()
                .allMatch(part -> !part.isEmpty() && words.stream().anyMatch(word -> word.startsWith(part)));
        return each ? 4 : -1;
    }
}
