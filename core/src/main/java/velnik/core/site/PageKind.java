package velnik.core.site;

/**
 * What a page is. The built-in ones are there once on every site and made by Velnik: they have a title, an address and a
 * place like any page and can be placed in menus, but no list yields them, nothing stands under them, and they cannot be
 * removed.
 */
public enum PageKind {
    PAGE,
    /** Without content of its own: it gives its subpages a parent and an address. */
    GROUP,
    /** Built in: finds pages by words. */
    SEARCH,
    /** Built in: lists every page that lists may show. */
    PAGE_INDEX,
    /** Built in: lets members in, and out again. */
    SIGN_IN,
    /** Built in: what visitors get where there is no page. */
    NOT_FOUND;

    /** Whether it is there for all visitors, whatever is set on it or above it: those who are not members need it. */
    public boolean isForAll() {
        return this == SIGN_IN || this == NOT_FOUND;
    }

    public boolean isBuiltIn() {
        return this != PAGE && this != GROUP;
    }
}
