package velnik.core.text;

import static java.util.stream.Collectors.joining;

import java.util.Arrays;

/** Texts as JSON has them, which scripts read as well; what is written into a page never ends the element around it. */
public final class JsonText {
    private JsonText() {}

    public static String of(String text) {
        StringBuilder out = new StringBuilder(text.length() + 2).append('"');
        text.chars().forEach(character -> {
            if (character == '"'
                    || character == '\\'
                    || character < 0x20
                    || "<>&\u2028\u2029".indexOf(character) >= 0) {
                out.append("\\u%04x".formatted(character));
            } else {
                out.append((char) character);
            }
        });
        return out.append('"').toString();
    }

    /** An array of them. */
    public static String list(String... texts) {
        return Arrays.stream(texts).map(JsonText::of).collect(joining(",", "[", "]"));
    }
}
