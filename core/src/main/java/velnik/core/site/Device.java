package velnik.core.site;

/** What a visitor looks at the site with, as far as menus tell devices apart: a wide screen, or a phone. */
public enum Device {
    WIDE,
    PHONE
}
