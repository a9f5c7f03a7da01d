package velnik.core.address;

import static org.testng.Assert.assertEquals;

import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class SlugsTest {

    @DataProvider
    public Object[][] titles() {
        return new Object[][] {
            {"Canoes", "canoes"},
            {"Safety on the tide", "safety-on-the-tide"},
            {"Slipway Café", "slipway-cafe"},
            {"Members' handbook", "members-handbook"},
            {"Don’t panic", "dont-panic"},
            {"Ærø & Ångström", "aero-angstrom"},
            {"Straße", "strasse"},
            {"Лодки", "lodki"},
            {"Θάλασσα", "thalassa"},
            {"小舟", "xiao-zhou"},
            {"  --A--  ", "a"},
            {"100 % oak", "100-oak"},
            {"⛵", "page"},
            {"<script>", "script"},
            {"x".repeat(200), "x".repeat(80)},
            {"a".repeat(79) + " tail", "a".repeat(79)},
        };
    }

    @Test(dataProvider = "titles")
    public void fromTitle_transliterates(String title, String slug) {
        assertEquals(Slugs.fromTitle(title), slug);
    }

    @DataProvider
    public Object[][] typed() {
        return new Object[][] {
            {"canoes", true},
            {"canoes-2", true},
            {"about.html", true},
            {"a_b", true},
            {"2026", true},
            {"", false},
            {"-", false},
            {"../", false},
            {"..", false},
            {"a--b", false},
            {"-a", false},
            {"a/", false},
            {"a b", false},
            {"Canoes", false},
            {"é", false},
            {"a%2fb", false},
            {"x".repeat(81), false},
        };
    }

    @Test(dataProvider = "typed")
    public void isWellFormed_acceptsOnlyPlainSlugs(String slug, boolean expected) {
        assertEquals(Slugs.isWellFormed(slug), expected);
    }

    @Test
    public void firstFree_countsOn_withinTheLength() {
        assertEquals(Slugs.firstFree("hire", Set.of("hire", "hire-2")::contains), "hire-3");
        String longest = "x".repeat(80);
        assertEquals(Slugs.firstFree(longest, Set.of(longest)::contains), "x".repeat(78) + "-2");
    }
}
