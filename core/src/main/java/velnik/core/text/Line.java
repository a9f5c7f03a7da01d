package velnik.core.text;

import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Text that stands on one line, such as a title, a label or a name. */
public final class Line {
    /** Line ends, tabs and other control characters, and runs of spaces. */
    private static final Pattern GAPS = Pattern.compile("[\\p{Cc}\\p{Z}]+");

    /**
     * What nobody sees, and what turns the direction in which others read; half characters too. The joiners stay, since
     * some scripts and emoji are written with them, and so do the tags that make flags.
     */
    private static final Pattern UNSEEN =
            Pattern.compile("[\\p{Cf}&&[^\\u200C\\u200D\\x{E0020}-\\x{E007F}]]|[\\x{D800}-\\x{DFFF}]|[\\uFFFE\\uFFFF]");

    private static final Pattern JOINERS = Pattern.compile("[\\u200C\\u200D\\x{E0020}-\\x{E007F}]");

    private Line() {}

    /** Each line of several as it stands on one, without those of which nothing is left. */
    public static String each(String typed) {
        return typed.lines().map(Line::cleaned).filter(line -> !line.isEmpty()).collect(Collectors.joining("\n"));
    }

    /** On one line, without what cannot be seen; empty where nothing can be. */
    public static String cleaned(String typed) {
        return isClean(typed) ? typed : sifted(typed);
    }

    /** Visible ASCII with single spaces within: the ordinary case, found out in a tenth of the time. */
    private static boolean isClean(String typed) {
        char before = ' ';
        for (int at = 0; at < typed.length(); at++) {
            char each = typed.charAt(at);
            if (each < ' ' || each > '~' || each == ' ' && before == ' ') {
                return false;
            }
            before = each;
        }
        return before != ' ' || typed.isEmpty();
    }

    private static String sifted(String typed) {
        String seen = UNSEEN.matcher(typed).replaceAll("");
        String line = GAPS.matcher(seen).replaceAll(" ").strip();
        return JOINERS.matcher(line).replaceAll("").isBlank() ? "" : line;
    }
}
