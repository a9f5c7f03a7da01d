package velnik.core.looks;

import java.util.Locale;

/** What a colour of a look is for. */
enum Role {
    GROUND,
    INK,
    /** What is said quietly. */
    SOFT,
    /** Lines that only part. */
    RULE,
    /** Lines by which something is known, such as the rim of a field. */
    EDGE,
    ACCENT,
    ON_ACCENT,
    /** The ground of what is set apart. */
    WASH,
    /** The ground of what opens over the page. */
    PANEL,
    /** The ground of bands. */
    MAIN,
    /** A second ground of bands. */
    MAIN_BESIDE,
    ON_MAIN,
    ON_MAIN_SOFT,
    /** The accent on a band. */
    MAIN_MARK;

    /** As in style sheets, without the dashes before it. */
    String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
