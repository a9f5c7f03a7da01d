package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.content.Picture;
import velnik.core.hours.HoursLine;
import velnik.core.site.Contact;
import velnik.core.site.Look;

/**
 * What every page of a site has around it.
 *
 * @param name empty before the owner has given one
 * @param logo null for none
 * @param look that visitors see it in
 * @param search where the search is; null where visitors cannot get it
 * @param index where the page index is; null likewise
 * @param hours when the business is open, from today on; none where nothing is said
 */
public record SiteView(
        String name,
        String homeAddress,
        @Nullable Picture logo,
        Contact contact,
        List<HoursLine> hours,
        Look look,
        @Nullable String search,
        @Nullable String index) {
    public SiteView {
        hours = List.copyOf(hours);
    }

    /** The lines of the postal address. */
    public List<String> postal() {
        return contact.postal().isEmpty() ? List.of() : List.of(contact.postal().split("\n"));
    }

    /** Where the phone number of the business leads. */
    public String dialling() {
        return Links.dialling(contact.phone());
    }
}
