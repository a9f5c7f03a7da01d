package velnik.core.site;

/** Which pages a list yields. Only open ones, and nothing beneath one that is not. */
public sealed interface ListSource {

    /** From the top of the tree. A menu that holds one such list follows the tree. */
    record WholeTree() implements ListSource {}

    /** The subpages of one page. */
    record Under(PageId page) implements ListSource {}

    /** The subpages of the page being visited. */
    record UnderVisited() implements ListSource {}

    /** All pages that have a topic, wherever they stand, on one level. */
    record OfTopic(String topic) implements ListSource {}

    /** All pages, wherever they stand, on one level and the newest first. */
    record Newest() implements ListSource {}
}
