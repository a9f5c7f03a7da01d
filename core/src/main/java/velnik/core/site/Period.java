package velnik.core.site;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import org.jspecify.annotations.Nullable;

/** Days between which a page or an item is there, by the clock of the site. The first and the last day are included. */
public sealed interface Period {

    /** When it begins on its first day; null for the beginning of that day. */
    @Nullable
    LocalTime opensAt();

    /** When it ends on its last day; null for the end of that day. */
    @Nullable
    LocalTime closesAt();

    /**
     * Once.
     *
     * @param first null where it has always begun
     * @param last null where it never ends
     */
    record Once(
            @Nullable LocalDate first,
            @Nullable LocalDate last,
            @Nullable LocalTime opensAt,
            @Nullable LocalTime closesAt)
            implements Period {
        public Once {
            if (first == null && last == null) {
                throw new IllegalArgumentException("a period has a first day, a last day or both");
            }
            if ((first == null && opensAt != null) || (last == null && closesAt != null)) {
                throw new IllegalArgumentException("a time of day needs its day");
            }
        }
    }

    /** Every year; over the new year where the last day is the earlier one. 29 February is 28 February in other years. */
    record Yearly(
            MonthDay first,
            MonthDay last,
            @Nullable LocalTime opensAt,
            @Nullable LocalTime closesAt) implements Period {}

    static Period once(@Nullable LocalDate first, @Nullable LocalDate last) {
        return new Once(first, last, null, null);
    }

    static Period yearly(MonthDay first, MonthDay last) {
        return new Yearly(first, last, null, null);
    }
}
