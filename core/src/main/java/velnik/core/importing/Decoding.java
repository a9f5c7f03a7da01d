package velnik.core.importing;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Bytes as text: by the mark they begin with, else as XML and HTML say of themselves, else as UTF-8 where they are that,
 * else as what old spreadsheets write (windows-1252).
 */
public final class Decoding {
    private static final int DECLARED_WITHIN = 1_024;
    private static final Pattern DECLARED =
            Pattern.compile("(?:encoding|charset)\\s*=\\s*[\"']?\\s*([A-Za-z0-9._:-]{2,40})", Pattern.CASE_INSENSITIVE);

    private Decoding() {}

    /** Empty for what is no text: it has bytes of nothing, and no mark that says why. */
    public static Optional<String> text(byte[] bytes) {
        if (begins(bytes, 0xEF, 0xBB, 0xBF)) {
            return marked(bytes, StandardCharsets.UTF_8);
        }
        if (begins(bytes, 0xFF, 0xFE)) {
            return marked(bytes, StandardCharsets.UTF_16LE);
        }
        if (begins(bytes, 0xFE, 0xFF)) {
            return marked(bytes, StandardCharsets.UTF_16BE);
        }
        return declared(bytes)
                .or(() -> strict(bytes))
                .or(() -> Optional.of(new String(bytes, Charset.forName("windows-1252"))))
                .filter(text -> text.indexOf('\0') < 0);
    }

    private static Optional<String> marked(byte[] bytes, Charset charset) {
        return Optional.of(new String(bytes, charset).substring(1)).filter(text -> text.indexOf('\0') < 0);
    }

    private static Optional<String> declared(byte[] bytes) {
        String start = new String(bytes, 0, Math.min(bytes.length, DECLARED_WITHIN), StandardCharsets.ISO_8859_1);
        Matcher declared = DECLARED.matcher(start);
        boolean markup = start.stripLeading().startsWith("<");
        if (!markup
                || !declared.find()
                || declared.group(1).toLowerCase(Locale.ROOT).startsWith("utf")) {
            return Optional.empty();
        }
        try {
            return Optional.of(new String(bytes, Charset.forName(declared.group(1))));
        } catch (IllegalArgumentException unknown) {
            return Optional.empty();
        }
    }

    private static Optional<String> strict(byte[] bytes) {
        try {
            return Optional.of(StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException other) {
            return Optional.empty();
        }
    }

    private static boolean begins(byte[] bytes, int... mark) {
        if (bytes.length < mark.length) {
            return false;
        }
        for (int i = 0; i < mark.length; i++) {
            if ((bytes[i] & 0xFF) != mark[i]) {
                return false;
            }
        }
        return true;
    }
}
