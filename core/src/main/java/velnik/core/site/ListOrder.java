package velnik.core.site;

/** How a list orders the pages of each level. */
public enum ListOrder {
    TREE,
    TITLE,
    /** By the pages' dates; those without one come last, as in the tree. */
    NEWEST
}
