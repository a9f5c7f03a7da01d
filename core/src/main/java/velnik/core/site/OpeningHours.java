package velnik.core.site;

import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * When the business is open, by the clock on its wall.
 *
 * @param week hours of each day of the week, in order; a day that is missing is closed
 * @param special days on which it is otherwise, one by one: those of every year first, then by date
 */
public record OpeningHours(Map<DayOfWeek, List<Span>> week, List<Special> special) {
    /** Says nothing. */
    public static final OpeningHours NONE = new OpeningHours(Map.of(), List.of());

    /** Days that are otherwise, at most. */
    public static final int SPECIAL = 400;
    /** Spans of a day, at most. */
    public static final int SPANS = 6;

    public OpeningHours {
        week = Map.copyOf(week);
        special = special.stream().sorted(Special.IN_ORDER).toList();
        if (special.size() > SPECIAL) {
            throw new IllegalArgumentException("at most " + SPECIAL + " days are otherwise, not " + special.size());
        }
        week.values().forEach(OpeningHours::mustFit);
        if (week.containsValue(List.of())) {
            throw new IllegalArgumentException("a day that is closed is left out");
        }
    }

    public boolean isNone() {
        return equals(NONE);
    }

    public List<Span> on(DayOfWeek day) {
        return week.getOrDefault(day, List.of());
    }

    /**
     * From one minute of a day to another.
     *
     * @param opens minutes since the day began by the clock, from 0
     * @param closes after that; beyond 1,440 on the next day
     */
    public record Span(int opens, int closes) {
        /** Minutes of a day, by the clock. */
        public static final int DAY = 24 * 60;

        public Span {
            if (opens < 0 || opens >= DAY || closes <= opens || closes > opens + DAY) {
                throw new IllegalArgumentException("no hours: from minute " + opens + " to " + closes);
            }
        }
    }

    /**
     * A day that is not as its day of the week.
     *
     * @param year null for every year
     * @param open none where it is closed
     * @param note why, in a few words; may be empty
     */
    public record Special(MonthDay day, @Nullable Integer year, List<Span> open, String note) {
        /** Characters of a note. */
        public static final int NOTE = 100;

        static final Comparator<Special> IN_ORDER = Comparator.comparing(
                        Special::year, Comparator.nullsFirst(Comparator.<Integer>naturalOrder()))
                .thenComparing(Special::day);

        public Special {
            open = List.copyOf(open);
            mustFit(open);
            if (note.length() > NOTE) {
                throw new IllegalArgumentException("a note has at most " + NOTE + " characters");
            }
            if (year != null && !day.isValidYear(year)) {
                throw new DateTimeException(day + " is not in " + year);
            }
        }

        /** The next such day from a day on, that day counting; null once it is past. */
        public @Nullable LocalDate next(LocalDate from) {
            if (year != null) {
                LocalDate date = day.atYear(year);
                return date.isBefore(from) ? null : date;
            }
            LocalDate date = day.atYear(from.getYear());
            return date.isBefore(from) ? day.atYear(from.getYear() + 1) : date;
        }
    }

    /** Whether spans of a day stand in order and apart. */
    public static boolean fit(List<Span> spans) {
        for (int i = 1; i < spans.size(); i++) {
            if (spans.get(i).opens() < spans.get(i - 1).closes()) {
                return false;
            }
        }
        return spans.size() <= SPANS;
    }

    private static void mustFit(List<Span> spans) {
        if (!fit(spans)) {
            throw new IllegalArgumentException("hours of a day stand in order and apart, at most " + SPANS);
        }
    }
}
