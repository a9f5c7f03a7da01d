package velnik.core.navigation;

import velnik.core.site.PageId;

/** Where a row leads. */
public sealed interface Target {

    record ToPage(PageId page) implements Target {}

    /**
     * @param href ready to be written: with a scheme, or from the root of this site
     * @param ofThisSite whether it begins at the root of this site
     */
    record ToAddress(String href, boolean ofThisSite) implements Target {}

    record Nowhere() implements Target {}
}
