package velnik.core.site;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** A part of the visitor's page that can hold menus. */
public enum Zone {
    HEADER,
    /** Between the header and the text. */
    ABOVE,
    SIDEBAR,
    /** Beside the text, on the side away from the sidebar. */
    BESIDE,
    /** Under the text. */
    BELOW,
    FOOTER,
    /** What a phone folds away behind one button. Shows the header's menus unless assigned. */
    PHONE_DRAWER;

    /** As in addresses, class names and file names: {@code phone-drawer}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** By its {@link #word}; empty where none has it. */
    public static Optional<Zone> named(String word) {
        return Arrays.stream(values()).filter(zone -> zone.word().equals(word)).findFirst();
    }
}
