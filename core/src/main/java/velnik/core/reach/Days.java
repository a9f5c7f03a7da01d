package velnik.core.reach;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.TemporalAccessor;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Period;
import velnik.core.text.Messages;

/** How days and periods are told, in a language. */
public final class Days {
    /** To the owner. */
    public static final Days ENGLISH = in("en");

    private final Messages words;
    private final DateTimeFormatter day;
    private final DateTimeFormatter dayOfYear;
    private final DateTimeFormatter time;

    private Days(Messages words) {
        this.words = words;
        Locale language = Locale.forLanguageTag(words.language());
        day = DateTimeFormatter.ofPattern(words.say("pattern.day"), language);
        dayOfYear = DateTimeFormatter.ofPattern(words.say("pattern.dayOfYear"), language);
        time = DateTimeFormatter.ofPattern(words.say("pattern.time"), language);
    }

    /** @param language as a BCP 47 tag; months are told in it, all else in English where there are no words in it */
    public static Days in(String language) {
        return new Days(Messages.of(Days.class, language));
    }

    /** As in "1 April 2027". */
    public String day(LocalDate date) {
        return day.format(date);
    }

    /** A moment that something opens at, as in "1 April 2027" or "18:00 on 1 April 2027". */
    public String opening(Instant moment, ZoneId zone) {
        ZonedDateTime there = moment.atZone(zone);
        return timed(day.format(there), isMidnight(there) ? null : there.toLocalTime());
    }

    /** When something opens, as in "on 1 April 2027" or "at 18:00 on 1 April 2027". */
    public String at(Instant moment, ZoneId zone) {
        String opening = opening(moment, zone);
        return isMidnight(moment.atZone(zone))
                ? words.say("on", Map.of("day", opening))
                : words.say("at", Map.of("moment", opening));
    }

    /** The last day before something closes, as in "15 October 2026", or the moment where it closes amid a day. */
    public String closing(Instant moment, ZoneId zone) {
        ZonedDateTime there = moment.atZone(zone);
        return isMidnight(there) ? day.format(there.minusDays(1)) : opening(moment, zone);
    }

    /** How long something is closed, as in "until 1 April 2027"; "for good" where it never opens again. */
    public String until(Optional<Instant> opening, ZoneId zone) {
        return opening.map(moment -> words.say("until", Map.of("moment", opening(moment, zone))))
                .orElseGet(() -> words.say("forGood"));
    }

    /** When periods next open or close what has them, as in "until 15 October 2026"; empty for never closing, "over" for never opening. */
    public String turns(List<Period> periods, Openings openings) {
        ZoneId zone = openings.zone();
        if (openings.run(periods)) {
            return openings.nextClosing(periods)
                    .map(moment -> words.say("until", Map.of("moment", closing(moment, zone))))
                    .orElse("");
        }
        return openings.nextOpening(periods)
                .map(moment -> words.say("from", Map.of("moment", opening(moment, zone))))
                .orElseGet(() -> words.say("over"));
    }

    /** As in "every year from 1 April to 15 October"; "always" where there are none. */
    public String periods(List<Period> periods) {
        return periods.isEmpty()
                ? words.say("always")
                : words.list(periods.stream().map(this::period).toList());
    }

    private String period(Period period) {
        return switch (period) {
            case Period.Once once -> {
                String first = timed(day, once.first(), once.opensAt());
                String last = timed(day, once.last(), once.closesAt());
                String key = once.first() == null ? "Once.last" : once.last() == null ? "Once.first" : "Once.both";
                yield words.say(key, Map.of("first", first, "last", last));
            }
            case Period.Yearly yearly ->
                words.say(
                        "Yearly",
                        Map.of(
                                "first", timed(dayOfYear, yearly.first(), yearly.opensAt()),
                                "last", timed(dayOfYear, yearly.last(), yearly.closesAt())));
        };
    }

    /** Empty for no day. */
    private String timed(DateTimeFormatter format, @Nullable TemporalAccessor date, @Nullable LocalTime at) {
        return date == null ? "" : timed(format.format(date), at);
    }

    private String timed(String date, @Nullable LocalTime at) {
        return at == null ? date : words.say("timed", Map.of("time", time.format(at), "day", date));
    }

    private static boolean isMidnight(ZonedDateTime moment) {
        return moment.toLocalTime().equals(LocalTime.MIDNIGHT);
    }
}
