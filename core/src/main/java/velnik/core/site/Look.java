package velnik.core.site;

import java.util.Locale;

/**
 * A complete appearance of the visitor site: how each zone shows its menus, colours, type and grid. All looks have all
 * zones and the same HTML, so that another look loses nothing.
 */
public enum Look {
    /** A bar whose submenus drop. */
    STAITHE,
    /** A second row with what is under the current section. */
    WEIR,
    /** An index at the side that unfolds. */
    TOWPATH,
    /** A sheet that shows everything at once and is searched by typing. */
    TIDETABLE;

    /** How a menu shows in a zone where it is placed so. */
    public Placing.Form shows(Zone zone, Placing.Form form) {
        return switch (zone) {
            case HEADER -> inHeader(form);
            // Nothing is beside a drawer.
            case PHONE_DRAWER -> form == Placing.Form.FLYING_OUT ? Placing.Form.FOLDING : form;
            case ABOVE, SIDEBAR, BESIDE, BELOW, FOOTER -> form;
        };
    }

    /**
     * From a row it drops what would fly out, at the side nothing stands across nor flies over what scrolls there, and on
     * the sheet there is room for all of it.
     */
    private Placing.Form inHeader(Placing.Form form) {
        return switch (this) {
            case STAITHE, WEIR -> form == Placing.Form.FLYING_OUT ? Placing.Form.ACROSS : form;
            case TOWPATH ->
                switch (form) {
                    case ACROSS, FLYING_OUT -> Placing.Form.FOLDING;
                    case COLUMNS -> Placing.Form.DOWN;
                    case DOWN, FOLDING, BUTTON, DRAWER -> form;
                };
            case TIDETABLE ->
                switch (form) {
                    case ACROSS, FLYING_OUT -> Placing.Form.COLUMNS;
                    case DOWN, FOLDING, COLUMNS, BUTTON, DRAWER -> form;
                };
        };
    }

    /** Whether the header stands beside the page, so that what unfolds in it covers nothing. */
    public boolean isHeaderBeside() {
        return this == TOWPATH;
    }

    /** Whether the header's menus lie on a sheet that is opened by a button. */
    public boolean hasSheet() {
        return this == TIDETABLE;
    }

    /** As in addresses, class names and file names. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
