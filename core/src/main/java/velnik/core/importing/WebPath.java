package velnik.core.importing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Links;

/** An address of the site that is read in, as the page tree knows it. */
final class WebPath {
    private static final Pattern WHOLE =
            Pattern.compile("(?i)https?://(?:[^/?#@]*@)?([^/?#]*)([^?#]*)(\\?[^#]*)?(#.*)?");
    private static final Pattern OTHER = Pattern.compile("(?s)[A-Za-z][A-Za-z0-9+.-]*:.*|[#?].*|.*\\s.*");
    private static final Pattern INDEX = Pattern.compile("(?i)(index|default)\\.(html?|php|aspx?|jsp)");
    private static final Pattern PAGE_ENDING =
            Pattern.compile("(?i)\\.(html?|xhtml|php\\d?|aspx?|jsp|cgi|md|markdown)$");
    private static final Set<String> FILES = Set.of(
            "pdf", "jpg", "jpeg", "png", "gif", "webp", "svg", "avif", "ico", "zip", "gz", "doc", "docx", "xls", "xlsx",
            "ppt", "pptx", "odt", "ods", "mp3", "mp4", "mov", "css", "js", "json", "xml", "txt", "csv", "rss");

    private WebPath() {}

    /**
     * @param host without {@code www.}, in small letters; empty where the address says none
     * @param path decoded, without a final slash
     * @param query what is asked of it, with the question mark; empty for nothing
     * @param place what follows the {@code #}, with it; empty for none
     */
    record Address(String host, String path, String query, String place) {
        boolean asks() {
            return !query.isEmpty();
        }

        boolean isFile() {
            int dot = path.lastIndexOf('.');
            return dot > path.lastIndexOf('/')
                    && FILES.contains(path.substring(dot + 1).toLowerCase(Locale.ROOT));
        }
    }

    /** An address with http or https, or from the root, or beneath another page; empty for any other. */
    static Optional<Address> read(String typed, String base) {
        String text = typed.strip();
        Matcher whole = WHOLE.matcher(text.startsWith("//") ? "https:" + text : text);
        if (whole.matches()) {
            return Optional.of(new Address(
                    hostOf(whole.group(1)), path(whole.group(2)), orEmpty(whole.group(3)), orEmpty(whole.group(4))));
        }
        if (text.isEmpty() || OTHER.matcher(text).matches()) {
            return Optional.empty();
        }
        String joined = text.startsWith("/") ? text : base.substring(0, base.lastIndexOf('/') + 1) + text;
        String place = joined.indexOf('#') < 0 ? "" : joined.substring(joined.indexOf('#'));
        String before = joined.split("#", 2)[0];
        String query = before.indexOf('?') < 0 ? "" : before.substring(before.indexOf('?'));
        return Optional.of(new Address("", path(joined), query, place));
    }

    static String hostOf(String authority) {
        String host = authority.toLowerCase(Locale.ROOT);
        return host.startsWith("www.") ? host.substring(4) : host;
    }

    private static String path(String raw) {
        return Addresses.canonical(
                Links.pathOf(raw.startsWith("/") ? raw : "/" + raw, "").orElse("/"));
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }

    static List<String> segments(String path) {
        return Stream.of(path.split("/")).filter(part -> !part.isEmpty()).toList();
    }

    /** Where a page belongs: what is called {@code index.html} is the folder it lies in. */
    static String ofPage(String path) {
        String last = last(path);
        return INDEX.matcher(last).matches() ? parent(path) : path;
    }

    static String last(String path) {
        return path.substring(path.lastIndexOf('/') + 1);
    }

    static String parent(String path) {
        int slash = path.lastIndexOf('/');
        return slash <= 0 ? "/" : path.substring(0, slash);
    }

    /** {@code shop} for {@code shop.html}. */
    static String withoutEnding(String last) {
        return PAGE_ENDING.matcher(last).replaceAll("");
    }

    /** A title until a better one is known: the words of the last part, the first with a capital. */
    static String title(String path) {
        if (path.equals("/")) {
            return "Home";
        }
        String words = withoutEnding(last(path)).replaceAll("[-_+.\\s]+", " ").strip();
        return words.isEmpty() ? last(path) : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
