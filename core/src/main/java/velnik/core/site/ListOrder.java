package velnik.core.site;

/** How a list orders the pages of each level. */
public enum ListOrder {
    TREE,
    TITLE
}
