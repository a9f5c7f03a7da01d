package velnik.core.entry;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velnik.core.address.Links;

/**
 * A line of a menu as somebody types it, in two parts: what it is to read, and where it is to lead. {@code [label](target)},
 * {@code label = target}, and words before or after an address or a phone number are taken apart; all else is a target
 * without a label.
 *
 * @param label empty where none is given
 * @param target never empty, unless the line is
 * @param words what the line says where it leads nowhere after all
 */
record TypedLine(String label, String target, String words) {
    private static final Pattern MARKDOWN =
            Pattern.compile("\\[([^\\]]*)]\\(\\s*<?((?:[^()<>]++|\\([^()]*+\\))*+)>?\\s*\\)");
    private static final Pattern EQUATION = Pattern.compile("(.*\\S)\\s+=\\s*(\\S.*)|(.*\\S)\\s*=\\s+(\\S.*)");
    private static final String NUMBER = "[+(0][0-9 ()./-]{5,28}[0-9]";
    private static final Pattern PHONE_LAST = Pattern.compile("(.*?\\s)(" + NUMBER + ")");
    private static final Pattern PHONE_FIRST = Pattern.compile("(" + NUMBER + ")(\\s.*)");
    private static final Pattern WORD_LAST = Pattern.compile("(.*\\s)(\\S+)");
    private static final Pattern WORD_FIRST = Pattern.compile("(\\S+)(\\s.*)");
    /** What people put between words and an address. */
    private static final Pattern BETWEEN = Pattern.compile("^[\\s:>|→–—-]+|[\\s:>|→–—(<-]+$");

    private static final Pattern BRACKETS = Pattern.compile("^[(<]+|[)>:,;]+$");

    /** @param siteAddress as {@link Links#read} takes it */
    static TypedLine of(String line, String siteAddress) {
        String text = line.strip();
        Matcher markdown = MARKDOWN.matcher(text);
        if (markdown.matches()) {
            String label = markdown.group(1).strip();
            String target = markdown.group(2).strip();
            return new TypedLine(label, target, label.isEmpty() ? target : label);
        }
        boolean oneWord = text.chars().noneMatch(Character::isWhitespace);
        if (oneWord || Links.read(text, siteAddress) instanceof Links.Read.Phone) {
            return new TypedLine("", text, text);
        }
        Matcher equation = EQUATION.matcher(text);
        if (equation.matches()) {
            return equation.group(1) != null
                    ? new TypedLine(equation.group(1), equation.group(2).strip(), text)
                    : new TypedLine(equation.group(3), equation.group(4).strip(), text);
        }
        for (Pattern last : List.of(PHONE_LAST, WORD_LAST)) {
            Matcher parts = last.matcher(text);
            if (parts.matches() && leads(parts.group(2), siteAddress)) {
                return new TypedLine(trimmed(parts.group(1)), unbracketed(parts.group(2)), text);
            }
        }
        for (Pattern first : List.of(PHONE_FIRST, WORD_FIRST)) {
            Matcher parts = first.matcher(text);
            if (parts.matches() && leads(parts.group(1), siteAddress)) {
                return new TypedLine(trimmed(parts.group(2)), unbracketed(parts.group(1)), text);
            }
        }
        return new TypedLine("", text, text);
    }

    /** Whether a part of a line is an address beyond doubt: words such as “Node.js” look like a host. */
    private static boolean leads(String part, String siteAddress) {
        String target = unbracketed(part);
        boolean plain = target.contains("/") || target.contains(":") || target.equals(target.toLowerCase(Locale.ROOT));
        return plain
                && switch (Links.read(target, siteAddress)) {
                    case Links.Read.NoLink() -> false;
                    case Links.Read.Phone(String number) -> part.matches(NUMBER); // not opening hours
                    default -> true;
                };
    }

    private static String unbracketed(String part) {
        return BRACKETS.matcher(part.strip()).replaceAll("");
    }

    private static String trimmed(String label) {
        return BETWEEN.matcher(label).replaceAll("").strip();
    }
}
