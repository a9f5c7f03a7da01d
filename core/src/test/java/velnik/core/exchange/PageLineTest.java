package velnik.core.exchange;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.site.Reach;

public class PageLineTest {

    @DataProvider
    public Object[][] lines() {
        return new Object[][] {
            {"Summer camp", "Summer camp", null, null},
            {"Summer camp /camp", "Summer camp", "camp", null},
            {"Summer camp (held back)", "Summer camp", null, Reach.HELD_BACK},
            {"Summer camp (Held Back) /camp", "Summer camp", "camp", Reach.HELD_BACK},
            {"Summer camp /camp  (by link only)", "Summer camp", "camp", Reach.BY_LINK_ONLY},
            {"Summer camp (for families)", "Summer camp (for families)", null, null},
            {"Bed / breakfast", "Bed / breakfast", null, null},
            {"/camp", "/camp", null, null},
            {"(held back)", "(held back)", null, null},
            {"Twice /one /two", "Twice /one", "two", null},
        };
    }

    @Test(dataProvider = "lines")
    public void line_isATitleAndItsMarks(String line, String title, String slug, Reach reach) {
        assertEquals(PageLine.of(line), new PageLine(title, slug, reach));
    }
}
