package velnik.core.html;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.site.Contact;
import velnik.core.site.Details;

/** What search engines are told of a page beside its text, in the words of schema.org as JSON-LD. */
final class StructuredData {
    private StructuredData() {}

    /** Of the business, on its home page. */
    static String business(Details details) {
        Contact contact = details.contact();
        return object(
                "LocalBusiness",
                text("name", details.name()),
                text("url", details.address().isEmpty() ? "" : details.address() + "/"),
                text("telephone", contact.phone().isEmpty() ? "" : dialled(contact.phone())),
                text("email", contact.mail()),
                text("address", contact.postal().replace("\n", ", ")));
    }

    /**
     * Of the way to a page, which is its last step; null where it is at the top.
     *
     * @param steps with whole addresses
     */
    static @Nullable String trail(List<PageView.Step> steps, String title, String canonical) {
        if (steps.isEmpty()) {
            return null;
        }
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

    /** Of a page that has a date, such as a piece of news. */
    static String dated(String title, String summary, String date, String canonical) {
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

    /** One script's worth. */
    static String together(List<String> objects) {
        return "{\"@context\":\"https://schema.org\",\"@graph\":[" + String.join(",", objects) + "]}";
    }
}
