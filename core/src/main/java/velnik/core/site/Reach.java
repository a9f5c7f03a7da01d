package velnik.core.site;

/** Who can get a page, as the owner set it on that page. What its ancestors add is in {@code velnik.core.reach}. */
public enum Reach {
    /** Menus may show it. */
    OPEN,
    /** It has an address, no menu shows it. */
    BY_LINK_ONLY,
    /** Nobody can see it. */
    HELD_BACK
}
