package velnik.core.reach;

import static java.util.stream.Collectors.joining;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Period;

/** How days and periods are told. */
public final class Days {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final DateTimeFormatter DAY_OF_YEAR = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);

    private Days() {}

    /** As in "1 April 2027". */
    public static String day(LocalDate day) {
        return DAY.format(day);
    }

    /** A moment that something opens at, as in "1 April 2027" or "18:00 on 1 April 2027". */
    public static String opening(Instant moment, ZoneId zone) {
        ZonedDateTime there = moment.atZone(zone);
        String day = DAY.format(there);
        return there.toLocalTime().equals(LocalTime.MIDNIGHT) ? day : TIME.format(there) + " on " + day;
    }

    /** When something opens, as in "on 1 April 2027" or "at 18:00 on 1 April 2027". */
    public static String at(Instant moment, ZoneId zone) {
        boolean midnight = moment.atZone(zone).toLocalTime().equals(LocalTime.MIDNIGHT);
        return (midnight ? "on " : "at ") + opening(moment, zone);
    }

    /** The last day before something closes, as in "15 October 2026", or the moment where it closes amid a day. */
    public static String closing(Instant moment, ZoneId zone) {
        ZonedDateTime there = moment.atZone(zone);
        return there.toLocalTime().equals(LocalTime.MIDNIGHT) ? DAY.format(there.minusDays(1)) : opening(moment, zone);
    }

    /** How long something is closed, as in "until 1 April 2027"; "for good" where it never opens again. */
    public static String until(Optional<Instant> opening, ZoneId zone) {
        return opening.map(moment -> "until " + opening(moment, zone)).orElse("for good");
    }

    /** When periods next open or close what has them, as in "until 15 October 2026"; empty for never closing, "over" for never opening. */
    public static String turns(List<Period> periods, Openings openings) {
        if (openings.run(periods)) {
            return openings.nextClosing(periods)
                    .map(moment -> "until " + closing(moment, openings.zone()))
                    .orElse("");
        }
        return openings.nextOpening(periods)
                .map(moment -> "from " + opening(moment, openings.zone()))
                .orElse("over");
    }

    /** As in "every year from 1 April to 15 October"; "always" where there are none. */
    public static String periods(List<Period> periods) {
        return periods.isEmpty() ? "always" : periods.stream().map(Days::period).collect(joining(" and "));
    }

    private static String period(Period period) {
        return switch (period) {
            case Period.Once once -> {
                String first = once.first() == null ? "" : "from " + day(once.first(), once.opensAt());
                String last = once.last() == null
                        ? ""
                        : (first.isEmpty() ? "until " : " to ") + day(once.last(), once.closesAt());
                yield first + last;
            }
            case Period.Yearly yearly ->
                "every year from " + day(yearly.first(), yearly.opensAt()) + " to "
                        + day(yearly.last(), yearly.closesAt());
        };
    }

    private static String day(LocalDate day, @Nullable LocalTime time) {
        return timed(DAY.format(day), time);
    }

    private static String day(MonthDay day, @Nullable LocalTime time) {
        return timed(DAY_OF_YEAR.format(day), time);
    }

    private static String timed(String day, @Nullable LocalTime time) {
        return time == null ? day : TIME.format(time) + " on " + day;
    }
}
