package velnik.core.content;

import java.util.regex.Pattern;

/**
 * A place in a text that links can lead to: one of its headings.
 *
 * @param name what an address ends with to lead there, after {@code #}; unlike that of every other place in the text
 * @param words of the heading
 */
public record TextPlace(String name, String words) {
    /** Enough for any slug with a number behind it. */
    private static final Pattern NAME = Pattern.compile("[a-z0-9-]{1,100}");

    /** Whether an address that ends so could lead to a place in a text. */
    public static boolean isName(String text) {
        return NAME.matcher(text).matches();
    }
}
