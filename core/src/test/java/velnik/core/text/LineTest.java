package velnik.core.text;

import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class LineTest {
    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"  Two   words ", "Two words"},
            {" before", "before"},
            {"after ", "after"},
            {"two  gaps", "two gaps"},
            {"one\ttab", "one tab"},
            {"deleted\u007F", "deleted"},
            {"~ !", "~ !"},
            {" ", ""},
            {"", ""},
            {"Two\nlines\r\nand\u2028more\ttabs", "Two lines and more tabs"},
            {"safe\u202Egnp.exe", "safegnp.exe"},
            {"in\u200Bvisible\uFEFF", "invisible"},
            {"half \uD83D a boat", "half a boat"},
            {"⛵\uFE0F whole", "⛵\uFE0F whole"},
            {"👨\u200D👩\u200D👧", "👨\u200D👩\u200D👧"},
            {"\u200D\u200B\u202E ", ""},
            {"\u0000", ""},
        };
    }

    @Test(dataProvider = "typed")
    public void cleaned_isOneLineThatCanBeSeen(String typed, String line) {
        assertEquals(Line.cleaned(typed), line);
    }
}
