package velnik.core;

import java.util.Locale;

/** The moves that keys and buttons make, as the editor calls them. */
public enum GestureMove {
    UP,
    DOWN,
    IN,
    OUT,
    FIRST,
    LAST;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
