package velnik.core.menus;

import java.util.Optional;
import velnik.core.address.Addresses;
import velnik.core.content.TextPlace;
import velnik.core.site.ItemKind;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;

/** What addresses of this site lead to, so that an item goes on leading there when it moves. */
public final class OwnAddresses {
    private OwnAddresses() {}

    /**
     * The page of a plain address, or the place on it that the address ends with; empty where nothing is there, or the
     * address asks something of it.
     *
     * @param address from the root of this site
     */
    public static Optional<ItemKind> read(Site site, String address) {
        String[] parts = address.split("#", 2);
        if (parts[0].contains("?")) {
            return Optional.empty();
        }
        Optional<PageId> page = Addresses.find(site, parts[0]);
        return parts.length == 1 || parts[1].isEmpty()
                ? page.map(found -> new ItemKind.ToPage(found, 0))
                : page.filter(found -> site.pages().get(found).kind() == PageKind.PAGE && TextPlace.isName(parts[1]))
                        .map(found -> new ItemKind.ToPlace(found, parts[1]));
    }
}
