package velnik.core.explanation;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Reach;

public class ReachSentenceTest {

    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {
                "Home",
                "Anyone can open it; Main shows it in the header and the phone drawer, Short shows it in the header of some pages;"
                        + " search engines may list it."
            },
            {
                "Wooden hulls",
                "Anyone can open it; Workshop shows it in the sidebar of some pages; search engines may list it."
            },
            {
                "Canoes",
                "Anyone can open it; Main shows it in the header and the phone drawer; search engines may list it."
            },
            {"Batteries", "Anyone can open it; no menu shows it; search engines may list it."},
            {"Group bookings", "Anyone with the address can open it; no menu shows it; search engines may list it."},
            {"Privacy", "Anyone can open it; Footer shows it in the footer; search engines are asked not to list it."},
            {"Summer regatta", "Nobody can see it, because it is held back."},
            {
                "Moorings",
                "It has no content of its own, its address leads on to Swinging moorings; Footer shows it in the footer,"
                        + " Main shows it in the header and the phone drawer; search engines may list it."
            },
        };
    }

    @Test(dataProvider = "pages")
    public void sentence_ofABrackwaterPage(String page, String sentence) {
        assertEquals(brackwater().reachOf(page), sentence);
    }

    @Test
    public void heldBackAncestor_isNamed() {
        SiteScript script = brackwater().setsReach("Repairs", Reach.HELD_BACK);
        assertEquals(script.reachOf("Batteries"), "Nobody can see it, because Repairs above it is held back.");
    }

    @Test
    public void pageBeneathOneByLinkOnly_opensToAnyone_butNoListGoesThere() {
        SiteScript script = brackwater().setsReach("Hire", Reach.BY_LINK_ONLY);
        assertEquals(
                script.reachOf("Canoes"),
                "Anyone can open it; no menu shows it, because Hire above it is by link only; search engines may list it.");
    }

    @Test
    public void groupWithNothingOpen_isNotFound() {
        SiteScript script = brackwater();
        for (String page : new String[] {"First paddle", "Reading the tide", "Knots in an evening"}) {
            script.setsReach(page, Reach.BY_LINK_ONLY);
        }
        assertEquals(
                script.reachOf("Courses"),
                "It has no content of its own, and as nothing under it is open, its address is not found; no menu shows"
                        + " it; search engines may list it.");
    }
}
