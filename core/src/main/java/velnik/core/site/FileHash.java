package velnik.core.site;

import java.util.regex.Pattern;

/** Names what a file holds: SHA-256, in hexadecimal, of the bytes it was made from. They are kept outside the site. */
public record FileHash(String value) {
    private static final Pattern SHAPE = Pattern.compile("[0-9a-f]{64}");

    public FileHash {
        if (!SHAPE.matcher(value).matches()) {
            throw new IllegalArgumentException("not a SHA-256 in hexadecimal: " + value);
        }
    }

    /** Enough of it to tell one content from the one before it under the same address. */
    public String brief() {
        return value.substring(0, 12);
    }
}
