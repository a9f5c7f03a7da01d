package velnik.core.navigation;

import java.util.List;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.site.Channel;
import velnik.core.site.PageId;
import velnik.core.site.Site;

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

    /** As an address; empty for nowhere, and for what leads to several. */
    default String address(Site site, AddressWriter addresses) {
        return switch (this) {
            case ToPage(PageId page) -> addresses.write(Addresses.of(site, page));
            case ToPlace(PageId page, String name) -> addresses.write(Addresses.of(site, page)) + "#" + name;
            case ToAddress(String href, boolean ofThisSite) -> ofThisSite ? addresses.write(href) : href;
            case ToChannels channels -> "";
            case Nowhere nowhere -> "";
        };
    }
}
