package velnik.core.content;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velnik.core.address.FileAddresses;
import velnik.core.address.Links;
import velnik.core.site.FileId;
import velnik.core.site.Site;

/** What a link or a picture in a text names when it is a file of the site: the file itself, written {@code file:id}. */
public record LinkedFile(FileId file) {
    static final String SCHEME = "file:";
    private static final Pattern ADDRESS = Pattern.compile(FileAddresses.BASE + "([^/?#]+)/[^/?#]*");

    /** What a destination names; the address of a file of the site is taken for the file. It may be gone. */
    public static Optional<LinkedFile> of(String destination, Site site) {
        if (destination.startsWith(SCHEME)) {
            return FileId.of(destination.substring(SCHEME.length())).map(LinkedFile::new);
        }
        return Links.pathOf(destination, site.details().address())
                .map(ADDRESS::matcher)
                .filter(Matcher::matches)
                .flatMap(found -> FileId.of(found.group(1)))
                .map(LinkedFile::new);
    }

    /** As a text has it. */
    public String written() {
        return SCHEME + file.value();
    }
}
