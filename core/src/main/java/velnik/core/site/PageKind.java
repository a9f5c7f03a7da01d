package velnik.core.site;

public enum PageKind {
    PAGE,
    /** Without content of its own: it gives its subpages a parent and an address. */
    GROUP
}
