package velnik.core.navigation;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.site.Channel;
import velnik.core.site.ItemKind;
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

    /**
     * Is no word that leads somewhere: it shows something itself.
     *
     * @param title its own; empty for none
     */
    record Shown(ItemKind.Block block, String title) implements Target {
        /** As it shows where its title was read already; a caption, a prompt and what leads to a page are more than that. */
        public Shown behindItsTitle() {
            return switch (block) {
                case ItemKind.Block.Words words -> new Shown(block, "");
                case ItemKind.Block.ContactCard card -> new Shown(block, "");
                case ItemKind.Block.FormOf form -> new Shown(block, "");
                case ItemKind.Block.PositionMap map -> new Shown(block, "");
                case ItemKind.Block.Picture picture -> this;
                case ItemKind.Block.SearchField search -> this;
                case ItemKind.Block.SummaryOf summary -> this;
            };
        }
    }

    record Nowhere() implements Target {}

    /** The page that somebody comes to by it; null where it leads elsewhere or nowhere. */
    default @Nullable PageId leadsTo() {
        return switch (this) {
            case ToPage(PageId page) -> page;
            case ToPlace(PageId page, String name) -> page;
            case Shown(ItemKind.Block block, String title) ->
                block instanceof ItemKind.Block.SummaryOf(PageId page) ? page : null;
            case ToAddress address -> null;
            case ToChannels channels -> null;
            case Nowhere nowhere -> null;
        };
    }

    /** As an address; empty for nowhere, and for what leads to several. */
    default String address(Site site, AddressWriter addresses) {
        return switch (this) {
            case ToPage(PageId page) -> addresses.write(Addresses.of(site, page));
            case ToPlace(PageId page, String name) -> addresses.write(Addresses.of(site, page)) + "#" + name;
            case ToAddress(String href, boolean ofThisSite) -> ofThisSite ? addresses.write(href) : href;
            case ToChannels channels -> "";
            case Shown shown -> {
                @Nullable PageId page = shown.leadsTo();
                yield page == null ? "" : addresses.write(Addresses.of(site, page));
            }
            case Nowhere nowhere -> "";
        };
    }
}
