package velnik.core.hours;

import static org.testng.Assert.assertEquals;

import com.ibm.icu.util.ULocale;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.site.OpeningHours;
import velnik.core.site.OpeningHours.Span;
import velnik.core.site.OpeningHours.Special;

public class HoursReadingTest {
    private static OpeningHours read(String typed, String language) {
        return switch (HoursReading.of(typed, language)) {
            case HoursReading.Read.Hours(OpeningHours hours) -> hours;
            case HoursReading.Read other -> throw new AssertionError(typed + " is read as " + other);
        };
    }

    @DataProvider
    public Object[][] understood() {
        return new Object[][] {
            {"Mon–Fri 9:00–17:30", "Mon–Fri 09:00–17:30|Sat–Sun closed"},
            {"mon-fri: 9-17.30\nsa 10-13, 14-16", "Mon–Fri 09:00–17:30|Sat 10:00–13:00, 14:00–16:00|Sun closed"},
            {"Monday to Friday from 9 to 17\nSunday closed", "Mon–Fri 09:00–17:00|Sat–Sun closed"},
            {"weekdays 9am–5.30pm\nweekends 10am - noon", "Mon–Fri 09:00–17:30|Sat–Sun 10:00–12:00"},
            {"Daily 9–5", "Mon–Sun 09:00–17:00"},
            {"Sat 2–5pm", "Mon–Fri closed|Sat 14:00–17:00|Sun closed"},
            {"Mon 9–5pm", "Mon 09:00–17:00|Tue–Sun closed"},
            {"Mon 8.30-12 Mon 13-17", null},
            {"Mon 8.30-12\nMon 13-17", "Mon 08:30–12:00, 13:00–17:00|Tue–Sun closed"},
            {
                "Mon, Wed and Fri 9–12",
                "Mon 09:00–12:00|Tue closed|Wed 09:00–12:00|Thu closed|Fri 09:00–12:00|Sat–Sun closed"
            },
            {"Fri–Mon 10–16", "Mon 10:00–16:00|Tue–Thu closed|Fri–Sun 10:00–16:00"},
            {"Fri–Sat 18:00–02:00", "Mon–Thu closed|Fri–Sat 18:00–02:00|Sun closed"},
            {"Sat 18–2", "Mon–Fri closed|Sat 18:00–02:00|Sun closed"},
            {"Sat 6pm–midnight", "Mon–Fri closed|Sat 18:00–24:00|Sun closed"},
            {"every day open 24 hours", "Mon–Sun 00:00–24:00"},
            {"Mon–Fri 9–17\n1 January closed", "Mon–Fri 09:00–17:00|Sat–Sun closed|1 January closed"},
            {"January 1st: closed", "1 January closed"},
            {"24 December 2026 9–12 Christmas Eve", "24 December 2026 09:00–12:00 Christmas Eve"},
            {"24.-27. Dezember 2026 geschlossen", "24–27 December 2026 closed"},
            {"2026-12-24 – 2026-12-26 closed (holidays)", "24–26 December 2026 closed holidays"},
            {"28 Dec 2026 - 2 Jan 2027 closed", "28–31 December 2026 closed|1–2 January 2027 closed"},
            {"30 Dec – 2 Jan closed", "1–2 January closed|30–31 December closed"},
            {"29 February closed", "29 February closed"},
            {
                "Mo–Fr 9–12 Uhr\nDonnerstag 14–18 Uhr",
                "Mon–Wed 09:00–12:00|Thu 09:00–12:00, 14:00–18:00|Fri 09:00–12:00|Sat–Sun closed"
            },
            {"  \n\n", ""},
        };
    }

    @Test(dataProvider = "understood")
    public void hours_areReadAsMeant(String typed, String expected) {
        if (expected == null) {
            assertEquals(HoursReading.of(typed, "de").getClass(), HoursReading.Read.NotUnderstood.class);
            return;
        }
        assertEquals(plain(HoursLines.typed(read(typed, "de"))).replace("\n", "|"), expected);
    }

    /** Without the spaces that a language has around a dash, and with one kind of them. */
    private static String plain(String written) {
        return written.replaceAll("[\\u2009\\u202F\\u00A0]", " ").replace(" – ", "–");
    }

    @DataProvider
    public Object[][] notUnderstood() {
        return new Object[][] {
            {"whenever you like"},
            {"Mon"},
            {"Mon 9"},
            {"Mon 9–"},
            {"Mon 9–25"},
            {"Mon 9:70–12"},
            {"Mon 13pm–14pm"},
            {"Mon 9–12 by appointment"},
            {"31 February closed"},
            {"29 February 2027 closed"},
            {"32 May closed"},
            {"5 Febtober closed"},
            {"24/12/2026 closed"},
            {"27 December 2026 – 24 December 2026 closed"},
            {"2026-12-24 – 2029-12-24 closed"},
            {"1 May 9–12 " + "x".repeat(101)},
            {"9–17"},
            {"<script>alert(1)</script>"},
            {"((((((((((" + "-".repeat(10_000)},
        };
    }

    @Test(dataProvider = "notUnderstood")
    public void lineThatIsNotUnderstood_isSaidBack(String line) {
        assertEquals(
                HoursReading.of("Mon 9–12\n" + line + "\nTue 9–12", "en"), new HoursReading.Read.NotUnderstood(line));
    }

    @Test
    public void hoursThatRunIntoEachOther_andTooManyDays_areTold() {
        assertEquals(HoursReading.of("Mon 9–12, 11–14", "en"), new HoursReading.Read.Overlap("Mon 9–12, 11–14"));
        for (String again : List.of("24 Dec 9–12, 11–14", "24 Dec 9–12\n24–26 Dec 11–14", "24 Dec 9–10,9–10")) {
            String last = again.substring(again.lastIndexOf('\n') + 1);
            assertEquals(HoursReading.of(again, "en"), new HoursReading.Read.Overlap(last));
        }
        assertEquals(HoursReading.of("Mon 9–12\nMon–Fri 8–10", "en"), new HoursReading.Read.Overlap("Mon–Fri 8–10"));
        assertEquals(
                HoursReading.of("1 January 2026 – 31 December 2026 closed\n1 January 2027 – 1 June 2027 closed", "en"),
                new HoursReading.Read.TooMany());
        assertEquals(HoursReading.of("Mon 9–12\n".repeat(1_000_000), "en"), new HoursReading.Read.TooMany());
    }

    /** What is written for the owner to edit is read as the same hours again, whatever they are. */
    @Test
    public void hoursThatAreWritten_areReadAgain() {
        Random random = new Random(5);
        for (int round = 0; round < 2_000; round++) {
            Map<DayOfWeek, List<Span>> week = new HashMap<>();
            for (DayOfWeek day : DayOfWeek.values()) {
                List<Span> spans = spans(random);
                if (!spans.isEmpty()) {
                    week.put(day, spans);
                }
            }
            Set<String> days = new HashSet<>();
            List<Special> special = new ArrayList<>();
            for (int i = random.nextInt(6); i > 0; i--) {
                LocalDate date = LocalDate.of(2024, 1, 1).plusDays(random.nextInt(1_500));
                Integer year = random.nextBoolean() ? date.getYear() : null;
                if (days.add(MonthDay.from(date) + " " + year)) {
                    special.add(new Special(
                            MonthDay.from(date), year, spans(random), random.nextInt(3) == 0 ? "Regatta, at 5" : ""));
                }
            }
            OpeningHours hours = new OpeningHours(week, special);
            assertEquals(read(HoursLines.typed(hours), "pl"), hours, HoursLines.typed(hours));
        }
    }

    private static List<Span> spans(Random random) {
        List<Span> spans = new ArrayList<>();
        int from = random.nextInt(600);
        for (int i = random.nextInt(4); i > 0 && from < Span.DAY; i--) {
            int until = Math.min(from + 1 + random.nextInt(700), from + Span.DAY);
            spans.add(new Span(from, until));
            from = until + random.nextInt(60);
        }
        return spans;
    }

    @DataProvider
    public Object[][] languages() {
        return new Object[][] {
            {"en", "Europe/London", "Mon–Fri 09:00–17:30|Sat–Sun closed|24–25 December 2026 closed"},
            {"en", "America/New_York", "Mon–Fri 9:00 AM–5:30 PM|Sat–Sun closed|December 24–25, 2026 closed"},
            {"de", "Europe/Berlin", "Mo–Fr 09:00–17:30|Sa–So closed|24.–25. Dezember 2026 closed"},
            {"fr", "Europe/Paris", "lun.–ven. 09:00–17:30|sam.–dim. closed|24–25 décembre 2026 closed"},
            {"pl", "UTC", "pon.–pt. 09:00–17:30|sob.–niedz. closed|24–25 grudnia 2026 closed"},
        };
    }

    @Test(dataProvider = "languages")
    public void hours_areWrittenAsTheLanguageHasThem(String language, String zone, String expected) {
        OpeningHours hours = read("Mon–Fri 9–17:30\n24–25 December 2026 closed\n1 May 2026 closed", "en");
        ULocale locale = HoursLines.locale(language, ZoneId.of(zone));
        String written = HoursLines.of(hours, locale, LocalDate.of(2026, 6, 1)).stream()
                .map(line -> line.written("closed"))
                .collect(Collectors.joining("|"));
        assertEquals(plain(written), expected);
    }
}
