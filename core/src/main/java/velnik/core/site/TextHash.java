package velnik.core.site;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.regex.Pattern;

/** Names a text by its content: SHA-256 in hexadecimal. The text itself is kept outside the site. */
public record TextHash(String value) {
    private static final Pattern SHAPE = Pattern.compile("[0-9a-f]{64}");

    public TextHash {
        if (!SHAPE.matcher(value).matches()) {
            throw new IllegalArgumentException("not a SHA-256 in hexadecimal: " + value);
        }
    }

    public static TextHash of(String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return new TextHash(HexFormat.of().formatHex(digest));
        } catch (NoSuchAlgorithmException every_jdk_has_it) {
            throw new IllegalStateException(every_jdk_has_it);
        }
    }
}
