package velnik.core.importing;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import velnik.core.explanation.Words;
import velnik.core.site.Limits;
import velnik.core.site.Reach;

/** What the cells of tables, and words of the kind, say. Empty where they say nothing of what is asked. */
final class Cells {
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-/.](\\d{1,2})[-/.](\\d{1,2})(?:[T ].*)?");
    private static final Pattern DAY_FIRST = Pattern.compile("(\\d{1,2})\\.(\\d{1,2})\\.(\\d{4})");
    private static final Pattern DEFUSED = Pattern.compile("(?s)'([=+\\-@\\t\\r].*)");

    private Cells() {}

    /** Without the apostrophe by which spreadsheets are kept from reckoning with a cell. */
    static String plain(String cell) {
        Matcher defused = DEFUSED.matcher(cell);
        return (defused.matches() ? defused.group(1) : cell).strip();
    }

    /** A date by which nobody can mean two days: the year first, or day.month.year. */
    static Optional<LocalDate> date(String cell) {
        Matcher first = YEAR_FIRST.matcher(cell);
        Matcher last = DAY_FIRST.matcher(cell);
        try {
            return first.matches()
                    ? date(first.group(1), first.group(2), first.group(3))
                    : last.matches() ? date(last.group(3), last.group(2), last.group(1)) : Optional.empty();
        } catch (DateTimeException noDay) {
            return Optional.empty();
        }
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        return Optional.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)))
                .filter(Limits::isReckoned);
    }

    static Optional<Reach> reach(String cell) {
        String word = cell.toLowerCase(Locale.ROOT);
        for (Reach reach : Reach.values()) {
            if (word.equals(Words.reach(reach))) {
                return Optional.of(reach);
            }
        }
        return switch (word) {
            case "published", "public", "live" -> Optional.of(Reach.OPEN);
            case "draft", "private", "hidden" -> Optional.of(Reach.HELD_BACK);
            case "unlisted" -> Optional.of(Reach.BY_LINK_ONLY);
            default -> Optional.empty();
        };
    }
}
