package velnik.core.compare;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import velnik.core.explanation.Words;
import velnik.core.site.Details;
import velnik.core.site.Site;
import velnik.core.site.Token;

/** The fields of a site's details one by one. */
public final class DetailsFields {
    private static final List<Field<Details>> PLAIN = List.of(
            Field.whole("name", "name", Details::name, DetailsFields::said),
            Field.whole("address", "web address", Details::address, DetailsFields::said),
            Field.whole("logo", "logo", Details::logo, Words::file),
            Field.whole("timeZone", "time zone", Details::timeZone, (site, zone) -> zone.getId()),
            Field.whole("language", "language", Details::language, (site, language) -> Words.language(language)),
            Field.whole("phone", "phone number", details -> details.contact().phone(), DetailsFields::said),
            Field.whole("mail", "mail address", details -> details.contact().mail(), DetailsFields::said),
            Field.whole("postal", "postal address", details -> details.contact().postal(), DetailsFields::said),
            Field.whole("hours", "opening hours", Details::hours, (site, hours) -> Words.hours(hours)),
            Field.whole(
                    "position",
                    "position",
                    Details::position,
                    (site, position) -> position == null ? "none" : position.written()),
            Field.whole("channels", "channels", Details::channels, (site, all) -> Words.channels(all)),
            Field.whole(
                    "allowedOrigins",
                    "websites that may show the menus",
                    Details::allowedOrigins,
                    (site, all) -> all.isEmpty() ? "none" : String.join(", ", all)),
            Field.whole("look", "look", Details::look, (site, look) -> Words.look(look)),
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

    public static final List<Field<Details>> ALL = Stream.concat(
                    PLAIN.stream(), Stream.of(Token.values()).map(DetailsFields::tuned))
            .toList();

    private DetailsFields() {}

    private static Field<Details> tuned(Token token) {
        return Field.whole(
                "tuning." + token,
                Words.token(token),
                details -> Objects.requireNonNullElse(details.tuning().get(token), ""),
                (site, value) -> Words.tokenValue(token, value.isEmpty() ? null : value));
    }

    private static String said(Site site, String value) {
        return value.isEmpty() ? "none" : value.replace("\n", ", ");
    }

    /** As {@link PageFields#carry}. */
    public static Optional<Details> carry(Details before, Details after, Details present) {
        return Carry.over(before, after, present);
    }
}
