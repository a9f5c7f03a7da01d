package velnik.core.site;

/** How a list orders the pages of each level. */
public enum ListOrder {
    TREE,
    TITLE,
    /** By the pages' dates, else by their first release, the newest first; of one day, as in the tree. */
    NEWEST
}
