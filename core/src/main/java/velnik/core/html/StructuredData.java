package velnik.core.html;

import static velnik.core.text.JsonText.member;
import static velnik.core.text.JsonText.text;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.OpeningHours;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Position;
import velnik.core.site.Site;
import velnik.core.text.JsonText;

/** What search engines are told of a page beside its text, in the words of schema.org as JSON-LD. */
final class StructuredData {
    /** One span, whose ends do not count. */
    private static final List<OpeningHours.Span> CLOSED = List.of(new OpeningHours.Span(0, 1));

    private StructuredData() {}

    /**
     * All there is to tell of a page.
     *
     * @param trail the way to it, with whole addresses
     * @param today special hours of days before it are not told
     * @return null where there is nothing to tell, or the site does not know its own address
     */
    static @Nullable String of(Site site, PageId id, String summary, List<PageView.Step> trail, LocalDate today) {
        Details details = site.details();
        if (details.address().isEmpty()) {
            return null;
        }
        Page page = site.pages().get(id);
        String canonical = AddressWriter.absolute(details.address()).write(Addresses.of(site, id));
        List<String> objects = new ArrayList<>();
        if (site.isHome(id) && !details.name().isEmpty()) {
            objects.add(business(details, today));
        }
        if (!trail.isEmpty()) {
            objects.add(trail(trail, page.title(), canonical));
        }
        if (page.date() != null) {
            objects.add(dated(page.title(), summary, page.date().toString(), canonical));
        }
        return objects.isEmpty()
                ? null
                : "{\"@context\":\"https://schema.org\",\"@graph\":[" + String.join(",", objects) + "]}";
    }

    private static String business(Details details, LocalDate today) {
        Contact contact = details.contact();
        @Nullable Position position = details.position();
        return object(
                "LocalBusiness",
                text("name", details.name()),
                text("url", details.address() + "/"),
                text("telephone", contact.phone().isEmpty() ? "" : dialled(contact.phone())),
                text("email", contact.mail()),
                text("address", contact.postal().replace("\n", ", ")),
                position == null
                        ? ""
                        : member(
                                "geo",
                                object(
                                        "GeoCoordinates",
                                        member("latitude", Double.toString(position.latitude())),
                                        member("longitude", Double.toString(position.longitude())))),
                list(
                        "sameAs",
                        details.channels().stream()
                                .map(channel -> JsonText.of(channel.address()))
                                .toList()),
                list("openingHoursSpecification", week(details.hours())),
                list("specialOpeningHoursSpecification", special(details.hours(), today)));
    }

    private static List<String> week(OpeningHours hours) {
        Map<OpeningHours.Span, List<DayOfWeek>> days = new LinkedHashMap<>();
        for (DayOfWeek day : DayOfWeek.values()) {
            hours.on(day)
                    .forEach(span ->
                            days.computeIfAbsent(span, any -> new ArrayList<>()).add(day));
        }
        return days.entrySet().stream()
                .map(each -> object(
                        "OpeningHoursSpecification",
                        list(
                                "dayOfWeek",
                                each.getValue().stream()
                                        .map(day -> JsonText.of(day.getDisplayName(TextStyle.FULL, Locale.ENGLISH)))
                                        .toList()),
                        text("opens", clock(each.getKey().opens())),
                        text("closes", clock(each.getKey().closes()))))
                .toList();
    }

    /** Of the year that begins today; a day that is closed opens and closes at midnight, as the vocabulary has it. */
    private static List<String> special(OpeningHours hours, LocalDate today) {
        List<String> days = new ArrayList<>();
        for (OpeningHours.Special special : hours.special()) {
            @Nullable LocalDate next = special.next(today);
            if (next != null && next.isBefore(today.plusYears(1))) {
                List<OpeningHours.Span> open = special.open().isEmpty() ? CLOSED : special.open();
                open.forEach(span -> days.add(object(
                        "OpeningHoursSpecification",
                        text("validFrom", next.toString()),
                        text("validThrough", next.toString()),
                        text("opens", clock(span.opens())),
                        text("closes", special.open().isEmpty() ? "00:00" : clock(span.closes())))));
            }
        }
        return days;
    }

    /** A day ends a minute early, since there is no 24:00. */
    private static String clock(int minute) {
        int within = minute == OpeningHours.Span.DAY ? minute - 1 : minute % OpeningHours.Span.DAY;
        return "%02d:%02d".formatted(within / 60, within % 60);
    }

    /** The page is the last step of the way to it. */
    private static String trail(List<PageView.Step> steps, String title, String canonical) {
        List<PageView.Step> all = new ArrayList<>(steps);
        all.add(new PageView.Step(title, null));
        String items = IntStream.range(0, all.size())
                .mapToObj(at -> {
                    @Nullable String address = all.get(at).address();
                    boolean last = at == all.size() - 1;
                    return object(
                            "ListItem",
                            member("position", Integer.toString(at + 1)),
                            text("name", all.get(at).title()),
                            text("item", last ? canonical : address == null ? "" : address));
                })
                .collect(Collectors.joining(","));
        return object("BreadcrumbList", member("itemListElement", "[" + items + "]"));
    }

    private static String dated(String title, String summary, String date, String canonical) {
        return object(
                "Article",
                text("headline", title),
                text("description", summary),
                text("datePublished", date),
                text("url", canonical));
    }

    private static String dialled(String phone) {
        return Links.dialling(phone).replaceFirst("^\\w+:", "");
    }

    /** A thing of a kind. */
    private static String object(String type, String... members) {
        return JsonText.object(Stream.concat(Stream.of(text("@type", type)), Arrays.stream(members))
                .toArray(String[]::new));
    }

    private static String list(String name, List<String> values) {
        return values.isEmpty() ? "" : member(name, JsonText.array(values));
    }
}
