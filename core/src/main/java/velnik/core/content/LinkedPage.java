package velnik.core.content;

import java.util.Optional;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * What a link in a text names when it leads to a page of the site: the page itself, written {@code page:id}, so that the
 * link lasts wherever the page moves.
 *
 * @param place what follows the address, such as {@code #prices}; empty for none
 */
public record LinkedPage(PageId page, String place) {
    private static final String SCHEME = "page:";

    /**
     * What a destination names; an address of the site is taken for the page that has it now. Empty for anything else.
     * The page may be gone.
     */
    public static Optional<LinkedPage> of(String destination, Site site) {
        String place = placeOf(destination);
        String before = destination.substring(0, destination.length() - place.length());
        if (before.startsWith(SCHEME)) {
            return PageId.of(before.substring(SCHEME.length())).map(page -> new LinkedPage(page, place));
        }
        if (before.isEmpty() || before.startsWith("//")) {
            return Optional.empty(); // a place on the page itself, or another host
        }
        return Links.pathOf(before, site.details().address())
                .flatMap(path -> Addresses.find(site, path))
                .map(page -> new LinkedPage(page, place));
    }

    /** As a text has it. */
    public String written() {
        return SCHEME + page.value() + place;
    }

    static boolean isWritten(String destination) {
        return destination.startsWith(SCHEME);
    }

    /** The name of the place on the page that it leads to; empty where it leads to the page as a whole. */
    public Optional<String> name() {
        return Optional.of(place.substring(place.indexOf('#') + 1))
                .filter(name -> place.indexOf('#') >= 0 && TextPlace.isName(name));
    }

    private static String placeOf(String destination) {
        for (int at = 0; at < destination.length(); at++) {
            if (destination.charAt(at) == '#' || destination.charAt(at) == '?') {
                return destination.substring(at);
            }
        }
        return "";
    }
}
