package velnik.core.entry;

import static org.testng.Assert.assertEquals;

import java.time.LocalDate;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SeriesTest {

    @DataProvider
    public Object[][] titles() {
        return new Object[][] {
            {"Tide notes 4", "Tide notes 5, Tide notes 6, Tide notes 7"},
            {"Week of 5 October", "Week of 12 October, Week of 19 October, Week of 26 October"},
            {"Week of 20 December 2026", "Week of 27 December 2026, Week of 3 January 2027, Week of 10 January 2027"},
            {"30 October", "31 October, 1 November, 2 November"},
            {"Tides in October 2026", "Tides in November 2026, Tides in December 2026, Tides in January 2027"},
            {"December", "January, February, March"},
            {"No. 9", "No. 10, No. 11, No. 12"},
            {"Boat 007", "Boat 008, Boat 009, Boat 010"},
            {"2026", "2027, 2028, 2029"},
            {"4 boats (2)", "4 boats (3), 4 boats (4), 4 boats (5)"},
            {"Part IV", "Part V, Part VI, Part VII"},
            {"Part \u2163", "Part V, Part VI, Part VII"},
            {"Ask MIX", "Ask MIX 2, Ask MIX 3, Ask MIX 4"},
            {"31 February", "31 March, 31 April, 31 May"},
            {"Canoes", "Canoes 2, Canoes 3, Canoes 4"},
        };
    }

    @Test(dataProvider = "titles")
    public void title_countsOn(String title, String next) {
        assertEquals(String.join(", ", Series.after(title, 3, LocalDate.parse("2026-11-28"))), next);
    }
}
