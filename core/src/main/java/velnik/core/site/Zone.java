package velnik.core.site;

/** A part of the visitor's page that can hold menus. */
public enum Zone {
    HEADER,
    /** What a phone folds away behind one button. Shows the header's menus. */
    PHONE_DRAWER
}
