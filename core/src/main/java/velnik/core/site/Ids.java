package velnik.core.site;

import java.util.regex.Pattern;

/** What every id looks like. Clients make them; nothing reads a meaning from them. */
final class Ids {
    private static final Pattern SHAPE = Pattern.compile("[A-Za-z0-9_-]{1,60}");

    private Ids() {}

    static boolean fits(String value) {
        return SHAPE.matcher(value).matches();
    }

    static String checked(String value) {
        if (!fits(value)) {
            throw new IllegalArgumentException(
                    "an id has 1 to 60 letters, digits, hyphens and underscores, not " + shortened(value));
        }
        return value;
    }

    private static String shortened(String value) {
        return '"' + (value.length() > 60 ? value.substring(0, 60) + "…" : value) + '"';
    }
}
