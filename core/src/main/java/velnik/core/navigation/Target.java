package velnik.core.navigation;

import java.util.List;
import velnik.core.site.Channel;
import velnik.core.site.PageId;

/** Where a row leads. */
public sealed interface Target {

    record ToPage(PageId page) implements Target {}

    /** @param name of the place on the page */
    record ToPlace(PageId page, String name) implements Target {}

    /**
     * @param href ready to be written: with a scheme, or from the root of this site
     * @param ofThisSite whether it begins at the root of this site
     */
    record ToAddress(String href, boolean ofThisSite) implements Target {}

    /** Leads to several addresses elsewhere, shown by their icons. */
    record ToChannels(List<Channel> channels) implements Target {
        public ToChannels {
            channels = List.copyOf(channels);
        }
    }

    record Nowhere() implements Target {}
}
