package velnik.core.html;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.site.Contact;
import velnik.core.site.Details;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** What search engines are told of a page beside its text, in the words of schema.org as JSON-LD. */
final class StructuredData {
    private StructuredData() {}

    /**
     * All there is to tell of a page.
     *
     * @param trail the way to it, with whole addresses
     * @return null where there is nothing to tell, or the site does not know its own address
     */
    static @Nullable String of(Site site, PageId id, String summary, List<PageView.Step> trail) {
        Details details = site.details();
        if (details.address().isEmpty()) {
            return null;
        }
        Page page = site.pages().get(id);
        String canonical = AddressWriter.absolute(details.address()).write(Addresses.of(site, id));
        List<String> objects = new ArrayList<>();
        if (site.isHome(id) && !details.name().isEmpty()) {
            objects.add(business(details));
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

    private static String business(Details details) {
        Contact contact = details.contact();
        return object(
                "LocalBusiness",
                text("name", details.name()),
                text("url", details.address() + "/"),
                text("telephone", contact.phone().isEmpty() ? "" : dialled(contact.phone())),
                text("email", contact.mail()),
                text("address", contact.postal().replace("\n", ", ")));
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
                            "\"position\":" + (at + 1),
                            text("name", all.get(at).title()),
                            text("item", last ? canonical : address == null ? "" : address));
                })
                .collect(Collectors.joining(","));
        return object("BreadcrumbList", "\"itemListElement\":[" + items + "]");
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

    private static String object(String type, String... members) {
        List<String> all = new ArrayList<>(List.of("\"@type\":\"" + type + "\""));
        for (String member : members) {
            if (!member.isEmpty()) {
                all.add(member);
            }
        }
        return "{" + String.join(",", all) + "}";
    }

    private static String text(String name, String value) {
        return value.isEmpty() ? "" : "\"" + name + "\":\"" + escaped(value) + "\"";
    }

    /** As JSON wants it, and so that nothing in it ends the element it stands in. */
    private static String escaped(String value) {
        StringBuilder out = new StringBuilder();
        value.chars().forEach(character -> {
            if (character == '"'
                    || character == '\\'
                    || character < 0x20
                    || "<>&\u2028\u2029".indexOf(character) >= 0) {
                out.append("\\u%04x".formatted(character));
            } else {
                out.append((char) character);
            }
        });
        return out.toString();
    }
}
