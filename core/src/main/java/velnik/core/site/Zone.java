package velnik.core.site;

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
    PHONE_DRAWER
}
