package velnik.core.exchange;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.PageId;
import velnik.core.site.Site;

public class IndentedTextTest {
    @Test
    public void list_isReadNoFurtherThanItsLimit() {
        assertEquals(IndentedText.parse("\n\na\n".repeat(500_000), 3).size(), 4);
    }

    @DataProvider
    public Object[][] texts() {
        return new Object[][] {
            {"Home\nHire\n  Canoes\n  Kayaks\nContact", "1 Home, 1 Hire, 2 Canoes, 2 Kayaks, 1 Contact"},
            {"- Home\n- Hire\n\t- Canoes\n", "1 Home, 1 Hire, 2 Canoes"},
            {"1. Home\n2) Hire", "1 Home, 1 Hire"},
            {"  Home\n  Hire", "1 Home, 1 Hire"},
            {"A\n      B\n   C\n D", "1 A, 2 B, 2 C, 2 D"},
            {"A\n  B\n    C\nD", "1 A, 2 B, 3 C, 1 D"},
            {"A\n\tB\n    C", "1 A, 2 B, 2 C"},
            {"\n\n   \nA\r\n\r\n  B", "1 A, 2 B"},
            {"", ""},
        };
    }

    @Test(dataProvider = "texts")
    public void parse_nestsByIndentation(String text, String expected) {
        String read = IndentedText.parse(text, 1_000).stream()
                .map(line -> line.level() + " " + line.title())
                .collect(joining(", "));
        assertEquals(read, expected);
    }

    @Test
    public void addingPages_standAsTheLinesDo() {
        var lines = IndentedText.parse("Home\nHire\n  Canoes\n    Old Town\n  Kayaks\nContact", 1_000);
        Outcome outcome = Changes.apply(
                SiteGenerator.begun(),
                OutlineImport.addingPages(lines, Place.top(), number -> new PageId("p" + number)),
                Circumstances.NOBODY);
        Site site = ((Outcome.Applied) outcome).site();
        String shown = site.pages().walk().stream()
                .map(row -> site.pages().levelOf(row.id()) + " " + row.value().title())
                .collect(joining(", "));
        assertEquals(shown, "1 Home, 1 Hire, 2 Canoes, 3 Old Town, 2 Kayaks, 1 Contact");
    }
}
