package velnik.core.compare;

import java.util.List;
import velnik.core.site.Details;

/** The fields of a site's details one by one. */
public final class DetailsFields {
    public static final List<Field<Details>> ALL = List.of(
            Field.whole("name", "name", Details::name, (site, name) -> name.isEmpty() ? "none" : name),
            Field.whole(
                    "address",
                    "web address",
                    Details::address,
                    (site, address) -> address.isEmpty() ? "none" : address),
            Field.whole("timeZone", "time zone", Details::timeZone, (site, zone) -> zone.getId()));

    private DetailsFields() {}
}
