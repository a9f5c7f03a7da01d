package velnik.core.draft;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import velnik.core.change.Refusal;
import velnik.core.site.Limits;
import velnik.core.site.Period;

/** Which days and periods can be had. */
public final class PeriodChecks {
    private PeriodChecks() {}

    /** Whether periods can be had by a page or an item. */
    public static Optional<Refusal> all(List<Period> periods) {
        if (periods.size() > Limits.PERIODS) {
            return Optional.of(new Refusal.TooManyPeriods(periods.size(), Limits.PERIODS));
        }
        Optional<Refusal> outOfRange = periods.stream()
                .flatMap(period -> period instanceof Period.Once once
                        ? Stream.of(once.first(), once.last()).filter(Objects::nonNull)
                        : Stream.empty())
                .flatMap(day -> day(day).stream())
                .findFirst();
        if (outOfRange.isPresent()) {
            return outOfRange;
        }
        return periods.stream()
                .filter(PeriodChecks::isBackwards)
                .findFirst()
                .map(period -> new Refusal.PeriodBackwards());
    }

    public static Optional<Refusal> day(LocalDate day) {
        return Limits.isReckoned(day) ? Optional.empty() : Optional.of(new Refusal.DayOutOfRange(day.toString()));
    }

    /** A yearly period goes over the new year instead. */
    private static boolean isBackwards(Period period) {
        LocalTime opens = Objects.requireNonNullElse(period.opensAt(), LocalTime.MIN);
        LocalTime closes = Objects.requireNonNullElse(period.closesAt(), LocalTime.MAX);
        return switch (period) {
            case Period.Once once -> {
                LocalDate first = Objects.requireNonNullElse(once.first(), LocalDate.MIN);
                LocalDate last = Objects.requireNonNullElse(once.last(), LocalDate.MAX);
                yield !first.atTime(opens).isBefore(last.atTime(closes));
            }
            case Period.Yearly yearly -> yearly.first().equals(yearly.last()) && !opens.isBefore(closes);
        };
    }
}
