package velnik.core.reach;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Appearance;
import velnik.core.site.Limits;
import velnik.core.site.Period;
import velnik.core.site.Site;

/** Which periods run: at a moment by the clock of a site, or all of them, for those who ask about more than one day. */
public final class Openings {
    /** Every period runs. */
    public static final Openings ALWAYS = new Openings(null, ZoneId.of("UTC"));

    private final @Nullable Instant at;
    private final ZoneId zone;

    private Openings(@Nullable Instant at, ZoneId zone) {
        this.at = at;
        this.zone = zone;
    }

    public static Openings at(Site site, Instant at) {
        return new Openings(at, site.details().timeZone());
    }

    /** The time zone that its days are told in. */
    public ZoneId zone() {
        return zone;
    }

    /** Whether what has these periods is there now; without any it always is. */
    public boolean run(List<Period> periods) {
        return periods.isEmpty() || at == null || runAt(periods, at);
    }

    boolean runAt(List<Period> periods, Instant moment) {
        return periods.isEmpty()
                || periods.stream().flatMap(period -> spans(period, moment)).anyMatch(span -> span.holds(moment));
    }

    /** When what has these periods is there next, if it is not now; empty for never. */
    public Optional<Instant> nextOpening(List<Period> periods) {
        return at == null ? Optional.empty() : nextOpening(periods, at);
    }

    Optional<Instant> nextOpening(List<Period> periods, Instant moment) {
        return periods.stream()
                .flatMap(period -> spans(period, moment))
                .map(Span::opens)
                .filter(moment::isBefore)
                .min(Comparator.naturalOrder());
    }

    /** The day it is by the clock of the site; the last that can be told where every period runs. */
    public LocalDate today() {
        return at == null ? Limits.LAST_DAY : LocalDate.ofInstant(at, zone);
    }

    /**
     * When what has these periods last opened, be it over by now or not; empty where it never did. Where every period
     * runs, the last that opens once.
     */
    public Optional<Instant> latestOpening(List<Period> periods) {
        return periods.stream()
                .flatMap(period -> at == null && period instanceof Period.Yearly
                        ? Stream.empty()
                        : spans(period, at == null ? Instant.EPOCH : at))
                .map(Span::opens)
                .filter(opens -> !opens.equals(Instant.MIN) && (at == null || !opens.isAfter(at)))
                .max(Comparator.naturalOrder());
    }

    /** When what is there now is there no more; empty for never. Periods that touch are one. */
    public Optional<Instant> nextClosing(List<Period> periods) {
        if (at == null || !runAt(periods, at)) {
            return Optional.empty();
        }
        return periods.stream()
                .flatMap(period -> spans(period, at))
                .map(Span::closes)
                .filter(closes -> at.isBefore(closes) && !closes.equals(Instant.MAX) && !runAt(periods, closes))
                .min(Comparator.naturalOrder());
    }

    /**
     * When something on a site opens or closes next, or a day of special hours is over; empty for never. Costs O(pages +
     * rows of menus).
     */
    public Optional<Instant> nextChange(Site site) {
        if (at == null) {
            return Optional.empty();
        }
        Stream<List<Period>> ofPages =
                site.pages().walk().stream().map(row -> row.value().periods());
        Stream<List<Period>> ofItems = site.menus().walk().stream()
                .flatMap(row -> Appearance.within(row.value()))
                .map(Appearance::periods);
        Stream<Instant> edges = Stream.concat(ofPages, ofItems)
                .flatMap(List::stream)
                .flatMap(period -> spans(period, at))
                .flatMap(span -> Stream.of(span.opens(), span.closes()));
        Stream<Instant> specialDays = site.details().hours().special().stream()
                .flatMap(special -> Stream.ofNullable(special.next(today())))
                .map(day -> day.plusDays(1).atStartOfDay(zone).toInstant());
        return Stream.concat(edges, specialDays)
                .filter(edge -> at.isBefore(edge) && !edge.equals(Instant.MAX))
                .min(Comparator.naturalOrder());
    }

    /** @param closes the first moment it is over */
    private record Span(Instant opens, Instant closes) {
        boolean holds(Instant moment) {
            return !moment.isBefore(opens) && moment.isBefore(closes);
        }
    }

    /** Those that may hold a moment or come right before or after it. */
    private Stream<Span> spans(Period period, Instant moment) {
        return switch (period) {
            case Period.Once once ->
                Stream.of(new Span(
                        once.first() == null ? Instant.MIN : opens(once.first(), once),
                        once.last() == null ? Instant.MAX : closes(once.last(), once)));
            case Period.Yearly yearly -> {
                int year = moment.atZone(zone).getYear();
                yield IntStream.rangeClosed(year - 1, year + 1).mapToObj(begun -> yearly(yearly, begun));
            }
        };
    }

    private Span yearly(Period.Yearly period, int year) {
        MonthDay last = period.last();
        boolean overNewYear = last.isBefore(period.first());
        return new Span(
                opens(period.first().atYear(year), period), closes(last.atYear(overNewYear ? year + 1 : year), period));
    }

    private Instant opens(LocalDate day, Period period) {
        @Nullable LocalTime time = period.opensAt();
        return (time == null ? day.atStartOfDay(zone) : day.atTime(time).atZone(zone)).toInstant();
    }

    private Instant closes(LocalDate day, Period period) {
        @Nullable LocalTime time = period.closesAt();
        return (time == null
                        ? day.plusDays(1).atStartOfDay(zone)
                        : day.atTime(time).atZone(zone))
                .toInstant();
    }
}
