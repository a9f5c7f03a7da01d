package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.content.Picture;
import velnik.core.site.Contact;

/**
 * What every page of a site has around it.
 *
 * @param name empty before the owner has given one
 * @param logo null for none
 */
public record SiteView(
        String name, String homeAddress, @Nullable Picture logo, Contact contact) {

    /** The lines of the postal address. */
    public List<String> postal() {
        return contact.postal().isEmpty() ? List.of() : List.of(contact.postal().split("\n"));
    }

    /** Where the phone number of the business leads. */
    public String dialling() {
        return Links.dialling(contact.phone());
    }
}
