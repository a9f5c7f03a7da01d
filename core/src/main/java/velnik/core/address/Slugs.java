package velnik.core.address;

import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import velnik.core.site.Limits;
import velnik.core.text.Latin;

/** Makes slugs from titles, and judges those an owner typed. */
public final class Slugs {
    /** Letters and digits, joined by single hyphens, dots or underscores. */
    private static final Pattern SHAPE = Pattern.compile("[a-z0-9]+(?:[-._][a-z0-9]+)*");

    private static final Pattern APOSTROPHES = Pattern.compile("['’ʼ`´]");
    private static final Pattern GAPS = Pattern.compile("[^a-z0-9]+");

    /** Names that the top level keeps for the site itself. */
    private static final Set<String> RESERVED = Set.of("-", "sitemap.xml", "robots.txt", "favicon.ico");

    /** What a title without any letter or digit becomes. */
    private static final String FALLBACK = "page";

    private Slugs() {}

    /** The slug a title gives: transliterated to a to z and 0 to 9, never empty, at most {@link Limits#SLUG} long. */
    public static String fromTitle(String title) {
        String latin = APOSTROPHES.matcher(Latin.of(title)).replaceAll("");
        String joined = trimmed(GAPS.matcher(latin).replaceAll("-"));
        return joined.isEmpty() ? FALLBACK : shortened(joined, Limits.SLUG);
    }

    /** The wanted slug, or with "-2", "-3", … where it is taken. */
    public static String firstFree(String wanted, Predicate<String> taken) {
        return firstFree(wanted, 1, taken).slug();
    }

    /** @param number that the slug ends with; 1 for the wanted one itself */
    record Numbered(String slug, int number) {}

    /** @param from the number to begin at */
    static Numbered firstFree(String wanted, int from, Predicate<String> taken) {
        int number = from;
        while (taken.test(numbered(wanted, number))) {
            number++;
        }
        return new Numbered(numbered(wanted, number), number);
    }

    private static String numbered(String wanted, int number) {
        String ending = number == 1 ? "" : "-" + number;
        return shortened(wanted, Limits.SLUG - ending.length()) + ending;
    }

    /** Whether a slug that somebody typed has an allowed shape and length. */
    public static boolean isWellFormed(String slug) {
        return slug.length() <= Limits.SLUG && SHAPE.matcher(slug).matches();
    }

    /** Whether the site keeps this name at its top level for itself. */
    public static boolean isReservedAtTop(String slug) {
        return RESERVED.contains(slug);
    }

    private static String shortened(String slug, int length) {
        return slug.length() <= length ? slug : trimmed(slug.substring(0, length));
    }

    private static String trimmed(String slug) {
        int from = 0;
        int to = slug.length();
        while (from < to && slug.charAt(from) == '-') {
            from++;
        }
        while (to > from && slug.charAt(to - 1) == '-') {
            to--;
        }
        return slug.substring(from, to);
    }
}
