package velnik.core.site;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import org.jspecify.annotations.Nullable;

/** The icons that items can show: those of the file beside this class, each with other words that it is found by. */
public final class Icons {
    private static final ResourceBundle FILE =
            ResourceBundle.getBundle(Icons.class.getName(), Locale.ROOT, requireNonNull(Icons.class.getClassLoader()));

    /** In the order of the alphabet. */
    public static final List<String> ALL = FILE.keySet().stream().sorted().toList();

    private Icons() {}

    /** SVG path data on a field of 24 by 24, to be drawn with a line of 2; null for no icon. */
    public static @Nullable String drawingOf(String icon) {
        if (!FILE.containsKey(icon)) {
            return null;
        }
        String found = FILE.getString(icon);
        return found.substring(found.indexOf('|') + 1);
    }
}
