package velnik.core.hours;

import com.ibm.icu.text.DateFormat;
import com.ibm.icu.text.DateFormatSymbols;
import com.ibm.icu.text.DateIntervalFormat;
import com.ibm.icu.util.DateInterval;
import com.ibm.icu.util.TimeZone;
import com.ibm.icu.util.ULocale;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Details;
import velnik.core.site.OpeningHours;
import velnik.core.site.OpeningHours.Span;
import velnik.core.site.OpeningHours.Special;

/** Writes opening hours as a language has them, days that are alike on one line. */
public final class HoursLines {
    /** In which days of every year are written; it has a 29 February. */
    private static final int LEAP_YEAR = 2000;

    private final OpeningHours hours;
    private final DateFormat time;
    private final boolean to24;
    private final String[] names;
    private final ULocale locale;

    private HoursLines(OpeningHours hours, ULocale locale) {
        this.hours = hours;
        this.locale = locale;
        this.time = DateFormat.getPatternInstance("jmm", locale);
        this.to24 = time instanceof com.ibm.icu.text.SimpleDateFormat simple
                && simple.toPattern().contains("H");
        time.setTimeZone(TimeZone.GMT_ZONE);
        this.names = DateFormatSymbols.getInstance(locale)
                .getWeekdays(DateFormatSymbols.STANDALONE, DateFormatSymbols.ABBREVIATED);
    }

    /** As the owner edits them; {@link HoursReading} reads them again. */
    public static String typed(OpeningHours hours) {
        return of(hours, ULocale.UK, null).stream()
                .map(line -> line.written("closed"))
                .collect(Collectors.joining("\n"));
    }

    /**
     * How a language is written where the business is: whether it is 5 pm or 17:00 there, the language alone does not
     * say.
     *
     * @param language as a BCP 47 tag
     */
    public static ULocale locale(String language, ZoneId zone) {
        ULocale spoken = ULocale.forLanguageTag(language);
        String country = spoken.getCountry().isEmpty() ? region(zone) : spoken.getCountry();
        return country.isEmpty() ? spoken : new ULocale(spoken.getLanguage(), country);
    }

    private static String region(ZoneId zone) {
        try {
            String region = TimeZone.getRegion(zone.getId());
            return region.length() == 2 ? region : "";
        } catch (IllegalArgumentException nowhere) {
            return "";
        }
    }

    /**
     * The week, from Monday, then the days that are otherwise; nothing where nothing is said.
     *
     * @param today days before it are left out, and those of every year begin with it; null for all as they are kept
     */
    public static List<HoursLine> of(Details details, @Nullable LocalDate today) {
        return of(details.hours(), locale(details.language(), details.timeZone()), today);
    }

    /** The same, as a language has it that is written otherwise. */
    public static List<HoursLine> of(OpeningHours hours, ULocale locale, @Nullable LocalDate today) {
        HoursLines lines = new HoursLines(hours, locale);
        List<HoursLine> all = new ArrayList<>(hours.week().isEmpty() ? List.of() : lines.week());
        all.addAll(lines.special(today));
        return all;
    }

    private List<HoursLine> week() {
        List<HoursLine> lines = new ArrayList<>();
        DayOfWeek first = DayOfWeek.MONDAY;
        for (DayOfWeek day : DayOfWeek.values()) {
            boolean last = day == DayOfWeek.SUNDAY || !hours.on(day).equals(hours.on(day.plus(1)));
            if (last) {
                String days = first == day ? name(day) : name(first) + "–" + name(day);
                lines.add(new HoursLine(days, spans(hours.on(day)), ""));
                first = day.plus(1);
            }
        }
        return lines;
    }

    private String name(DayOfWeek day) {
        return names[day.getValue() % 7 + 1]; // there the week begins with Sunday, at 1
    }

    private List<HoursLine> special(@Nullable LocalDate today) {
        List<Special> shown = hours.special().stream()
                .filter(special -> today == null || special.next(today) != null)
                .toList();
        List<HoursLine> lines = new ArrayList<>();
        int first = 0;
        for (int i = 0; i < shown.size(); i++) {
            if (i + 1 == shown.size() || !follows(shown.get(i), shown.get(i + 1))) {
                Special special = shown.get(i);
                lines.add(new HoursLine(days(shown.get(first), special), spans(special.open()), special.note()));
                first = i + 1;
            }
        }
        return lines;
    }

    private static boolean follows(Special one, Special next) {
        return Objects.equals(one.year(), next.year())
                && one.open().equals(next.open())
                && one.note().equals(next.note())
                && date(one).plusDays(1).equals(date(next));
    }

    private static LocalDate date(Special special) {
        return special.day().atYear(special.year() == null ? LEAP_YEAR : special.year());
    }

    private String days(Special first, Special last) {
        DateIntervalFormat format = DateIntervalFormat.getInstance(first.year() == null ? "MMMMd" : "yMMMMd", locale);
        format.setTimeZone(TimeZone.GMT_ZONE);
        return format.format(new DateInterval(millis(date(first)), millis(date(last))));
    }

    private static long millis(LocalDate date) {
        return date.atStartOfDay(ZoneOffset.UTC).toInstant().toEpochMilli();
    }

    private List<String> spans(List<Span> spans) {
        return spans.stream()
                .map(span -> clock(span.opens()) + "–" + clock(span.closes()))
                .toList();
    }

    private String clock(int minute) {
        return minute == Span.DAY && to24 ? "24:00" : time.format(new Date(minute % Span.DAY * 60_000L));
    }
}
