package velnik.core.text;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ShortenedTest {
    @DataProvider
    public Object[][] cases() {
        return new Object[][] {
            {3, "", ""},
            {3, "tide", "tid…"},
            {4, "tide", "tide"},
            {2, "a⛵b", "a⛵…"},
            {2, "a\uD83D\uDEA4b", "a…"},
            {3, "a\uD83D\uDEA4b", "a\uD83D\uDEA4…"},
        };
    }

    @Test(dataProvider = "cases")
    public void to_keepsSoManyCharacters_neverHalfOne(int characters, String text, String shortened) {
        assertEquals(Shortened.to(characters, text), shortened);
    }
}
