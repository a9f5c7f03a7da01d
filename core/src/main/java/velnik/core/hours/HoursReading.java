package velnik.core.hours;

import com.ibm.icu.text.DateFormatSymbols;
import com.ibm.icu.util.ULocale;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velnik.core.site.OpeningHours;
import velnik.core.site.OpeningHours.Span;
import velnik.core.site.OpeningHours.Special;
import velnik.core.text.Line;

/**
 * Reads opening hours as people type them: a line for days that are alike, {@code Mon–Fri 9–17:30}, {@code Sat 9-12,
 * 14-16}, {@code Sunday closed}, {@code 24 December 2026 9–12 Christmas Eve}. Days and months have their names in
 * English or in the language of the site.
 */
public final class HoursReading {
    /** What was read, or the line that was not. */
    public sealed interface Read {
        record Hours(OpeningHours hours) implements Read {}

        record NotUnderstood(String line) implements Read {}

        /** Hours of one day run into each other, by this line. */
        record Overlap(String line) implements Read {}

        record TooMany() implements Read {}
    }

    private static final class Faulty extends Exception {
        private static final long serialVersionUID = 1;

        /** Whether it was understood, but runs into other hours. */
        private final boolean overlap;

        Faulty(boolean overlap) {
            this.overlap = overlap;
        }

        Faulty() {
            this(false);
        }
    }

    private static final String NTH = "(?:st|nd|rd|th|\\.)?";
    private static final String YEAR = "((?:19|2\\d)\\d\\d)";
    private static final Pattern DAY_MONTH =
            Pattern.compile("(\\d{1,2})" + NTH + "(?:-(\\d{1,2})" + NTH + ")? ?(\\p{L}{3,})\\.?(?:,? ?" + YEAR
                    + ")?(?:-(\\d{1,2})" + NTH + " ?(\\p{L}{3,})\\.?(?: " + YEAR + ")?)?");
    private static final Pattern MONTH_DAY = Pattern.compile(
            "(\\p{L}{3,})\\.? (\\d{1,2})(?:st|nd|rd|th)?(?:-(\\d{1,2})(?:st|nd|rd|th)?)?(?:,? " + YEAR + ")?");
    private static final Pattern ISO = Pattern.compile("(\\d{4}-\\d\\d-\\d\\d)(?:-(\\d{4}-\\d\\d-\\d\\d))?");
    private static final Pattern WORD = Pattern.compile("\\p{L}+\\.?");
    private static final Pattern BETWEEN = Pattern.compile(" ?(?:[,;&/+]|\\band\\b) ?| ");
    private static final Pattern SPAN = Pattern.compile("(?:from )?" + time() + "-" + time() + "(?![\\d:])");
    private static final Pattern CLOSED =
            Pattern.compile("(?:closed|geschlossen|fermé|cerrado|gesloten|nieczynne|zamknięte)(?!\\p{L})");
    private static final Pattern ALL_DAY = Pattern.compile("(?:open )?(?:24 ?hours|24h|all day)\\b");

    /** The most days that one line is for. */
    private static final int DAYS = 366;
    /** Characters of a line, and of all of them. */
    private static final int LINE = 300;

    public static final int TEXT = 40_000;

    private final Map<String, DayOfWeek> days = new HashMap<>();
    private final Map<String, Integer> months = new HashMap<>();

    private final Map<DayOfWeek, List<Span>> week = new EnumMap<>(DayOfWeek.class);
    private final Map<List<Object>, Special> special = new LinkedHashMap<>();

    private HoursReading(String language) {
        for (ULocale locale : List.of(ULocale.forLanguageTag(language), ULocale.UK)) {
            DateFormatSymbols symbols = DateFormatSymbols.getInstance(locale);
            for (int context : new int[] {DateFormatSymbols.FORMAT, DateFormatSymbols.STANDALONE}) {
                for (int width : new int[] {DateFormatSymbols.WIDE, DateFormatSymbols.ABBREVIATED}) {
                    String[] dayNames = symbols.getWeekdays(context, width);
                    for (DayOfWeek day : DayOfWeek.values()) {
                        days.put(key(dayNames[day.getValue() % 7 + 1]), day);
                    }
                    String[] monthNames = symbols.getMonths(context, width);
                    for (int month = 0; month < 12; month++) {
                        months.put(key(monthNames[month]), month + 1);
                    }
                }
            }
        }
        for (DayOfWeek day : DayOfWeek.values()) {
            String name = day.name().toLowerCase(Locale.ROOT);
            for (int length = 2; length <= 5; length++) {
                days.putIfAbsent(name.substring(0, length), day);
            }
        }
    }

    private static String key(String name) {
        return name.toLowerCase(Locale.ROOT).replaceFirst("\\.$", "");
    }

    /**
     * @param typed a line for days that are alike; none says nothing
     * @param language of the site, as a BCP 47 tag
     */
    public static Read of(String typed, String language) {
        if (typed.length() > TEXT) {
            return new Read.TooMany();
        }
        HoursReading reading = new HoursReading(language);
        for (String raw : (Iterable<String>) typed.lines()::iterator) {
            String line = Line.cleaned(raw);
            try {
                if (!line.isEmpty()) {
                    reading.line(line);
                }
            } catch (Faulty faulty) {
                return faulty.overlap ? new Read.Overlap(line) : new Read.NotUnderstood(line);
            } catch (DateTimeException noSuchDay) {
                return new Read.NotUnderstood(line);
            }
            if (reading.special.size() > OpeningHours.SPECIAL) {
                return new Read.TooMany();
            }
        }
        reading.week.values().removeIf(List::isEmpty);
        return new Read.Hours(new OpeningHours(reading.week, List.copyOf(reading.special.values())));
    }

    /** What was not read yet of a line, dashes and spaces being of one kind. */
    private static final class Rest {
        private String text;

        Rest(String line) {
            text = line.replaceAll(" ?(?:[-–—‒−]| to ) ?", "-");
        }

        /** Reads what it begins with; null where it begins with something else. */
        @Nullable
        Matcher take(Pattern pattern) {
            Matcher matcher = pattern.matcher(text.toLowerCase(Locale.ROOT));
            if (!matcher.lookingAt()) {
                return null;
            }
            text = text.substring(matcher.end());
            return matcher;
        }
    }

    private void line(String line) throws Faulty {
        if (line.length() > LINE) {
            throw new Faulty();
        }
        Rest rest = new Rest(line);
        List<Special> dates = dates(rest);
        Set<DayOfWeek> named = dates.isEmpty() ? weekdays(rest) : Set.of();
        rest.take(Pattern.compile("[ :,]*"));
        List<Span> open = spans(rest);
        String note = rest.text.replaceAll("^[\\s,:(-]+|[\\s)]+$", "");
        if (note.length() > (dates.isEmpty() ? 0 : Special.NOTE)) {
            throw new Faulty();
        }
        for (DayOfWeek day : named) {
            week.put(day, together(week.getOrDefault(day, List.of()), open));
        }
        for (Special date : dates) {
            List<Object> key = List.of(date.day(), Optional.ofNullable(date.year()));
            @Nullable Special before = special.get(key);
            special.put(
                    key,
                    new Special(
                            date.day(),
                            date.year(),
                            together(before == null ? List.of() : before.open(), open),
                            before == null || before.note().isEmpty() ? note : before.note()));
        }
    }

    private static List<Span> together(List<Span> one, List<Span> more) throws Faulty {
        List<Span> all = new ArrayList<>(one);
        all.addAll(more);
        all.sort(Comparator.comparing(Span::opens));
        if (!OpeningHours.fit(all)) {
            throw new Faulty(true);
        }
        return all;
    }

    /** None where the line begins with no date. */
    private List<Special> dates(Rest rest) throws Faulty {
        String whole = rest.text;
        @Nullable Matcher iso = rest.take(ISO);
        if (iso != null) {
            LocalDate from = LocalDate.parse(iso.group(1));
            return between(from, iso.group(2) == null ? from : LocalDate.parse(iso.group(2)), true);
        }
        @Nullable Matcher one = rest.take(DAY_MONTH);
        if (one != null) {
            @Nullable Integer month = months.get(one.group(3));
            if (month == null) {
                throw new Faulty();
            }
            @Nullable String late = one.group(7) == null ? one.group(4) : one.group(7);
            int year = late == null ? 0 : Integer.parseInt(late);
            int first = one.group(4) == null ? year : Integer.parseInt(one.group(4));
            LocalDate from = date(first, month, one.group(1));
            if (one.group(5) != null) {
                @Nullable Integer until = months.get(one.group(6));
                if (until == null) {
                    throw new Faulty();
                }
                return between(from, date(year, until, one.group(5)), year > 0);
            }
            return between(from, one.group(2) == null ? from : date(first, month, one.group(2)), year > 0);
        }
        @Nullable Matcher other = rest.take(MONTH_DAY);
        if (other != null && months.containsKey(other.group(1))) {
            int month = months.get(other.group(1));
            int year = other.group(4) == null ? 0 : Integer.parseInt(other.group(4));
            LocalDate from = date(year, month, other.group(2));
            return between(from, other.group(3) == null ? from : date(year, month, other.group(3)), year > 0);
        }
        rest.text = whole;
        return List.of();
    }

    /** In a year with a 29 February where none is given. */
    private static LocalDate date(int year, int month, String day) {
        return LocalDate.of(year == 0 ? 2000 : year, month, Integer.parseInt(day));
    }

    private static List<Special> between(LocalDate from, LocalDate until, boolean dated) throws Faulty {
        LocalDate last = until.isBefore(from) && !dated ? until.plusYears(1) : until;
        if (last.isBefore(from) || last.isAfter(from.plusDays(DAYS - 1))) {
            throw new Faulty();
        }
        return from.datesUntil(last.plusDays(1))
                .map(day -> new Special(MonthDay.from(day), dated ? day.getYear() : null, List.of(), ""))
                .toList();
    }

    private Set<DayOfWeek> weekdays(Rest rest) throws Faulty {
        if (rest.take(Pattern.compile("daily\\b|every ?day\\b")) != null) {
            return EnumSet.allOf(DayOfWeek.class);
        }
        if (rest.take(Pattern.compile("weekdays?\\b")) != null) {
            return EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY);
        }
        if (rest.take(Pattern.compile("weekends?\\b")) != null) {
            return EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY);
        }
        Set<DayOfWeek> named = EnumSet.noneOf(DayOfWeek.class);
        @Nullable DayOfWeek from = day(rest);
        while (from != null) {
            DayOfWeek until = from;
            if (rest.take(Pattern.compile("-")) != null) {
                @Nullable DayOfWeek last = day(rest);
                if (last == null) {
                    throw new Faulty();
                }
                until = last;
            }
            for (DayOfWeek day = from; ; day = day.plus(1)) {
                named.add(day);
                if (day == until) {
                    break;
                }
            }
            String before = rest.text;
            from = rest.take(BETWEEN) == null ? null : day(rest);
            if (from == null) {
                rest.text = before;
            }
        }
        if (named.isEmpty()) {
            throw new Faulty();
        }
        return named;
    }

    private @Nullable DayOfWeek day(Rest rest) {
        String before = rest.text;
        @Nullable Matcher word = rest.take(WORD);
        @Nullable DayOfWeek day = null;
        if (word != null) {
            String name = key(word.group());
            day = days.get(name);
            if (day == null && name.endsWith("s")) {
                day = days.get(name.substring(0, name.length() - 1));
            }
        }
        if (day == null) {
            rest.text = before;
        }
        return day;
    }

    private List<Span> spans(Rest rest) throws Faulty {
        if (rest.take(CLOSED) != null) {
            return List.of();
        }
        if (rest.take(ALL_DAY) != null) {
            return List.of(new Span(0, Span.DAY));
        }
        List<Span> spans = new ArrayList<>();
        @Nullable Matcher span = rest.take(SPAN);
        while (span != null) {
            spans.add(span(span));
            String before = rest.text;
            span = rest.take(BETWEEN) == null ? null : rest.take(SPAN);
            if (span == null) {
                rest.text = before;
            }
        }
        if (spans.isEmpty()) {
            throw new Faulty();
        }
        spans.sort(Comparator.comparing(Span::opens));
        return spans;
    }

    /** An hour, its minutes, whether before or after noon; or a word for it. */
    private static String time() {
        return "(?:(\\d{1,2})(?:[:.h](\\d{2})|h)? ?(a\\.?m\\.?|p\\.?m\\.?|uhr|o'clock)?|(noon|midnight))";
    }

    private static Span span(Matcher matcher) throws Faulty {
        int opens = minute(matcher, 1, 0);
        int closes = minute(matcher, 5, Span.DAY);
        boolean openSaid = matcher.group(3) != null || matcher.group(4) != null;
        boolean closeSaid = matcher.group(6) != null || matcher.group(7) != null || matcher.group(8) != null;
        int half = Span.DAY / 2;
        if (!openSaid && matcher.group(7) != null && opens < 7 * 60 && opens + half < closes) {
            opens += half; // 2–5 pm; 9–5 pm begins in the morning
        } else if (!openSaid && !closeSaid && opens < half && closes <= opens) {
            closes += half; // nobody who writes 9–5 closes at night
        }
        if (opens >= Span.DAY || closes > Span.DAY) {
            throw new Faulty();
        }
        return new Span(opens, closes > opens ? closes : closes + Span.DAY);
    }

    private static int minute(Matcher matcher, int group, int midnight) throws Faulty {
        @Nullable String word = matcher.group(group + 3);
        if (word != null) {
            return word.equals("noon") ? 12 * 60 : midnight;
        }
        int hour = Integer.parseInt(matcher.group(group));
        int minutes = matcher.group(group + 1) == null ? 0 : Integer.parseInt(matcher.group(group + 1));
        @Nullable String side = matcher.group(group + 2);
        if (side != null && side.matches("[ap].*")) {
            if (hour < 1 || hour > 12) {
                throw new Faulty();
            }
            hour = hour % 12 + (side.startsWith("p") ? 12 : 0);
        }
        if (minutes > 59 || hour > 24 || (hour == 24 && minutes > 0)) {
            throw new Faulty();
        }
        return hour * 60 + minutes;
    }
}
