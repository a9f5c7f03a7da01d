package velnik.server.editing;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Period;

/**
 * Days between which something is there.
 *
 * @param yearly whether it comes every year
 * @param first its first day, as in 2027-04-01, or --04-01 for one that comes every year; null where it has always begun
 * @param last its last day, likewise; null where it never ends
 * @param opensAt when it begins on its first day, as in 18:00; null for the beginning of that day
 * @param closesAt when it ends on its last day; null for the end of that day
 */
public record PeriodDto(
        boolean yearly,
        @Nullable String first,
        @Nullable String last,
        @Nullable String opensAt,
        @Nullable String closesAt) {

    public static PeriodDto of(Period period) {
        return switch (period) {
            case Period.Once once ->
                new PeriodDto(
                        false, word(once.first()), word(once.last()), word(once.opensAt()), word(once.closesAt()));
            case Period.Yearly yearly ->
                new PeriodDto(
                        true,
                        yearly.first().toString(),
                        yearly.last().toString(),
                        word(yearly.opensAt()),
                        word(yearly.closesAt()));
        };
    }

    private static @Nullable String word(@Nullable Object value) {
        return value == null ? null : value.toString();
    }

    /** @throws IllegalArgumentException when it makes no sense */
    Period period() {
        try {
            @Nullable LocalTime opens = opensAt == null ? null : LocalTime.parse(opensAt);
            @Nullable LocalTime closes = closesAt == null ? null : LocalTime.parse(closesAt);
            if (!yearly) {
                return new Period.Once(
                        first == null ? null : LocalDate.parse(first),
                        last == null ? null : LocalDate.parse(last),
                        opens,
                        closes);
            }
            if (first == null || last == null) {
                throw new IllegalArgumentException("a period of every year has a first and a last day");
            }
            return new Period.Yearly(MonthDay.parse(first), MonthDay.parse(last), opens, closes);
        } catch (DateTimeException malformed) {
            throw new IllegalArgumentException(malformed);
        }
    }
}
