package velnik.core.site;

import java.util.regex.Pattern;
import velnik.core.text.Shortened;

/** What every id looks like. Clients make them; nothing reads a meaning from them. */
final class Ids {
    private static final Pattern SHAPE = Pattern.compile("[A-Za-z0-9_-]{1,60}");

    private Ids() {}

    static boolean fits(String value) {
        return SHAPE.matcher(value).matches();
    }

    static String checked(String value) {
        if (!fits(value)) {
            throw new IllegalArgumentException("an id has 1 to 60 letters, digits, hyphens and underscores, not \""
                    + Shortened.to(60, value) + '"');
        }
        return value;
    }
}
