package velnik.core.text;

import static java.util.stream.Collectors.joining;

import java.util.Arrays;
import java.util.List;

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
        return array(Arrays.stream(texts).map(JsonText::of).toList());
    }

    /** @param values written already */
    public static String array(List<String> values) {
        return "[" + String.join(",", values) + "]";
    }

    /** @param members written already; those that are empty are left out */
    public static String object(String... members) {
        return Arrays.stream(members).filter(member -> !member.isEmpty()).collect(joining(",", "{", "}"));
    }

    /** A member of an object; empty where there is nothing to say. */
    public static String text(String name, String text) {
        return text.isEmpty() ? "" : member(name, of(text));
    }

    /** @param value written already */
    public static String member(String name, String value) {
        return of(name) + ":" + value;
    }
}
