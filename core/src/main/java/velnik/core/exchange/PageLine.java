package velnik.core.exchange;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Reach;

/**
 * A line of a pasted list as a page: its title, and at its end, in any order, an address of its own and who gets it, as
 * in "Summer camp /camp (held back)".
 *
 * @param slug as typed, without the slash; null where it is to follow the title
 * @param reach null where the line says nothing, so that the page begins as new ones do
 */
public record PageLine(
        String title, @Nullable String slug, @Nullable Reach reach) {
    private static final Pattern SLUG = Pattern.compile("(.*\\S)\\s+/([^\\s/]+)");
    private static final Pattern REACH =
            Pattern.compile("(.*\\S)\\s+\\((open|by link only|held back)\\)", Pattern.CASE_INSENSITIVE);

    public static PageLine of(String line) {
        String title = line.strip();
        @Nullable String slug = null;
        @Nullable Reach reach = null;
        while (true) {
            Matcher marked = REACH.matcher(title);
            Matcher addressed = SLUG.matcher(title);
            if (reach == null && marked.matches()) {
                title = marked.group(1);
                reach = switch (Character.toLowerCase(marked.group(2).charAt(0))) {
                    case 'o' -> Reach.OPEN;
                    case 'b' -> Reach.BY_LINK_ONLY;
                    default -> Reach.HELD_BACK;
                };
            } else if (slug == null && addressed.matches()) {
                title = addressed.group(1);
                slug = addressed.group(2);
            } else {
                return new PageLine(title, slug, reach);
            }
        }
    }

    /** How a line says who gets a page. */
    static String word(Reach reach) {
        return switch (reach) {
            case OPEN -> "open";
            case BY_LINK_ONLY -> "by link only";
            case HELD_BACK -> "held back";
        };
    }

    /** What the line says beside its title, for somebody to look at. */
    public String marks() {
        String address = slug == null ? "" : "/" + slug;
        String word = reach == null ? "" : word(reach);
        return address.isEmpty() || word.isEmpty() ? address + word : address + ", " + word;
    }
}
