package velnik.core.entry;

import com.ibm.icu.text.RuleBasedNumberFormat;
import com.ibm.icu.util.ULocale;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Counts on from a title: "Tide notes 4" goes on with 5, "Week of 5 October" with the twelfth, "October 2026" with
 * November. A guess, for somebody to look at before anything is made of it.
 */
public final class Series {
    private static final String MONTHS = Arrays.stream(Month.values())
            .map(month -> month.getDisplayName(TextStyle.FULL, Locale.ENGLISH))
            .collect(Collectors.joining("|"));
    private static final Pattern DAY = Pattern.compile("\\b(\\d{1,2}) (" + MONTHS + ")(?: (\\d{4}))?\\b");
    private static final Pattern MONTH = Pattern.compile("\\b(" + MONTHS + ")(?: (\\d{4}))?\\b");
    /** The last number of all. */
    private static final Pattern NUMBER = Pattern.compile("(\\d{1,9})(?=\\D*$)");
    /** Capitals that end a title, or the signs that are one numeral each. */
    private static final Pattern ROMAN = Pattern.compile("(?<= )[IVXLC]+$|[\u2160-\u216B](?=\\P{L}*$)");

    private static final Pattern WEEKLY = Pattern.compile("\\bweek", Pattern.CASE_INSENSITIVE);

    private Series() {}

    /**
     * The titles that come next.
     *
     * @param today which year a day without one is of
     */
    public static List<String> after(String title, int count, LocalDate today) {
        IntFunction<String> next = day(title, today)
                .or(() -> month(title, today))
                .or(() -> number(title))
                .or(() -> roman(title))
                .orElse(step -> title + " " + (step + 1));
        List<String> titles = new ArrayList<>();
        for (int step = 1; step <= count; step++) {
            titles.add(next.apply(step));
        }
        return titles;
    }

    private static Optional<IntFunction<String>> day(String title, LocalDate today) {
        return last(DAY, title).flatMap(found -> {
            Month month = month(found.group(2));
            Optional<LocalDate> day = date(year(found.group(3), today), month, Integer.parseInt(found.group(1)));
            int days = WEEKLY.matcher(title).find() ? 7 : 1;
            return day.map(first -> step -> {
                LocalDate there = first.plusDays((long) step * days);
                String words = there.getDayOfMonth() + " " + name(there.getMonth());
                return put(title, found, found.group(3) == null ? words : words + " " + there.getYear());
            });
        });
    }

    private static Optional<IntFunction<String>> month(String title, LocalDate today) {
        return last(MONTH, title).map(found -> step -> {
            LocalDate there = LocalDate.of(year(found.group(2), today), month(found.group(1)), 1)
                    .plusMonths(step);
            String words = name(there.getMonth());
            return put(title, found, found.group(2) == null ? words : words + " " + there.getYear());
        });
    }

    private static Optional<IntFunction<String>> number(String title) {
        return last(NUMBER, title).map(found -> step -> {
            String digits = found.group(1);
            String next = String.valueOf(Integer.parseInt(digits) + step);
            return put(title, found, "0".repeat(Math.max(0, digits.length() - next.length())) + next);
        });
    }

    private static Optional<IntFunction<String>> roman(String title) {
        return last(ROMAN, title).flatMap(found -> {
            String numeral = found.group();
            char sign = numeral.charAt(0);
            int value = sign >= '\u2160' ? sign - '\u2160' + 1 : valueOf(numeral);
            return value == 0 ? Optional.empty() : Optional.of(step -> put(title, found, asRoman(value + step)));
        });
    }

    /** 0 for letters that are no numeral. */
    private static int valueOf(String numeral) {
        for (int value = 1; value < 400; value++) {
            if (asRoman(value).equals(numeral)) {
                return value;
            }
        }
        return 0;
    }

    private static String asRoman(int value) {
        RuleBasedNumberFormat format =
                new RuleBasedNumberFormat(ULocale.ENGLISH, RuleBasedNumberFormat.NUMBERING_SYSTEM);
        format.setDefaultRuleSet("%roman-upper");
        return format.format(value);
    }

    private static Optional<MatchResult> last(Pattern pattern, String title) {
        Matcher matcher = pattern.matcher(title);
        return matcher.results().reduce((one, other) -> other);
    }

    private static String put(String title, MatchResult found, String words) {
        return title.substring(0, found.start()) + words + title.substring(found.end());
    }

    private static int year(String written, LocalDate today) {
        return written == null ? today.getYear() : Integer.parseInt(written);
    }

    private static Month month(String name) {
        return Month.valueOf(name.toUpperCase(Locale.ENGLISH));
    }

    private static String name(Month month) {
        return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    private static Optional<LocalDate> date(int year, Month month, int day) {
        try {
            return Optional.of(LocalDate.of(year, month, day));
        } catch (DateTimeException noSuchDay) {
            return Optional.empty();
        }
    }
}
