package velnik.core.compare;

import java.util.List;
import java.util.Optional;
import velnik.core.explanation.Words;
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
            Field.whole("timeZone", "time zone", Details::timeZone, (site, zone) -> zone.getId()),
            Field.whole(
                    "newPagesReach",
                    "reach of new pages",
                    details -> details.newPages().reach(),
                    (site, reach) -> Words.reach(reach)),
            Field.whole(
                    "newPagesLayout",
                    "layout of new pages",
                    details -> details.newPages().layout(),
                    Words::layout),
            Field.whole(
                    "newPagesModel",
                    "model of new pages",
                    details -> details.newPages().model(),
                    Words::titleAndAddress));

    private DetailsFields() {}

    /** As {@link PageFields#carry}. */
    public static Optional<Details> carry(Details before, Details after, Details present) {
        return Carry.over(before, after, present);
    }
}
