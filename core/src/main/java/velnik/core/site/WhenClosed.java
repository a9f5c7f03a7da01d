package velnik.core.site;

/** What visitors get at the address of a page outside its periods. */
public enum WhenClosed {
    NOT_FOUND,
    /** A short page that says when it opens again; not found where it never does. */
    OPENS_AGAIN
}
