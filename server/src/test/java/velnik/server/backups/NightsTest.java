package velnik.server.backups;

import static org.testng.Assert.assertEquals;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NightsTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");

    @DataProvider
    public Object[][] nights() {
        return new Object[][] {
            {"none yet", "-1000000000-01-01T00:00:00Z", "2026-06-15T10:00:00Z", true},
            {"taken this night", "2026-06-15T02:10:01Z", "2026-06-15T10:00:00Z", false},
            {"the hour is not yet there", "2026-06-14T02:10:01Z", "2026-06-15T02:09:59Z", false},
            {"the hour strikes, in summer time", "2026-06-14T02:10:01Z", "2026-06-15T02:10:00Z", true},
            {"the hour strikes, in winter", "2026-01-14T03:10:01Z", "2026-01-15T03:10:00Z", true},
            {"an hour too early in winter", "2026-01-14T03:10:01Z", "2026-01-15T02:10:00Z", false},
            {"off for a week", "2026-06-08T02:10:01Z", "2026-06-15T17:00:00Z", true},
            {"taken by hand since", "2026-06-15T16:00:00Z", "2026-06-15T17:00:00Z", false},
        };
    }

    @Test(dataProvider = "nights")
    public void isDue(String name, String newest, String now, boolean due) {
        assertEquals(Nights.isDue(Instant.parse(newest), Instant.parse(now), LONDON), due);
    }

    @Test
    public void ofAHundredNights_sevenStay_andOneOfEachOfFourWeeks() {
        List<Instant> kept = new ArrayList<>();
        for (int night = 0; night < 100; night++) {
            kept.add(Instant.parse("2026-01-01T03:10:00Z").plus(Duration.ofDays(night)));
            kept.removeAll(Nights.surplus(kept, LONDON));
        }
        assertEquals(
                kept.stream().map(at -> at.toString().substring(5, 10)).toList(),
                List.of(
                        "03-15", "03-22", "03-29", "04-03", // the last of each week
                        "04-04", "04-05", "04-06", "04-07", "04-08", "04-09", "04-10"));
    }
}
