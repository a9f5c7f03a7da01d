package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.net.URI;
import java.net.URISyntaxException;
import java.time.ZoneId;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What the site is called, where it lives, what it says of its business, and how its pages begin.
 *
 * @param name as visitors read it in the header and in window titles; may be empty before the owner has given one
 * @param address scheme, host and port without a final slash, such as {@code https://brackwater.example}; empty while
 *     it is not known
 * @param logo a picture that stands for it; null for none. It may be gone
 * @param timeZone where its days begin and end
 * @param language of its content, as a BCP 47 tag
 * @param position null where it is not known
 * @param channels where else it is found, in their order
 * @param allowedOrigins of websites elsewhere that may show its menus
 * @param look that visitors see it in
 * @param tuning what is otherwise than the look has it
 */
@RecordBuilder
public record Details(
        String name,
        String address,
        @Nullable FileId logo,
        ZoneId timeZone,
        String language,
        Contact contact,
        OpeningHours hours,
        @Nullable Position position,
        List<Channel> channels,
        NewPages newPages,
        List<String> allowedOrigins,
        Look look,
        Tuning tuning)
        implements DetailsBuilder.With {
    /** How many websites elsewhere may show its menus. */
    public static final int MOST_ORIGINS = 20;

    public static final Details NONE = named("", "", ZoneId.of("UTC"));

    public Details {
        channels = List.copyOf(channels);
        if (channels.size() > Channel.MOST) {
            throw new IllegalArgumentException("a business has at most " + Channel.MOST + " channels");
        }
        allowedOrigins = List.copyOf(allowedOrigins);
        if (allowedOrigins.size() > MOST_ORIGINS || !allowedOrigins.stream().allMatch(Details::isOrigin)) {
            throw new IllegalArgumentException("at most " + MOST_ORIGINS + " websites, each like"
                    + " https://brackwater.example, not " + allowedOrigins);
        }
        if (name.length() > Limits.TITLE) {
            throw new IllegalArgumentException("a site's name has at most " + Limits.TITLE + " characters");
        }
        if (!address.isEmpty() && !isOrigin(address)) {
            throw new IllegalArgumentException("a site's address is like https://brackwater.example, not " + address);
        }
    }

    /** One in English that says nothing of its business yet. */
    public static Details named(String name, String address, ZoneId timeZone) {
        return new Details(
                name,
                address,
                null,
                timeZone,
                "en",
                Contact.NONE,
                OpeningHours.NONE,
                null,
                List.of(),
                NewPages.PLAIN,
                List.of(),
                Look.STAITHE,
                Tuning.NONE);
    }

    /** Whether a text is a web address of a host alone: http or https, a host, perhaps a port, nothing more. */
    public static boolean isOrigin(String text) {
        try {
            URI uri = new URI(text);
            return ("http".equals(uri.getScheme()) || "https".equals(uri.getScheme()))
                    && uri.getHost() != null
                    && uri.getRawPath().isEmpty()
                    && uri.getRawQuery() == null
                    && uri.getRawFragment() == null
                    && uri.getRawUserInfo() == null;
        } catch (URISyntaxException malformed) {
            return false;
        }
    }
}
