package velnik.core.navigation;

import static velnik.core.SiteScript.brackwater;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** What moving a page from one section to another makes of the zones, as it is told. */
public class ZoneChangesTest {
    private static final String NONE_PUBLIC = " none was public yet.";

    @DataProvider
    public Object[][] moves() {
        return new Object[][] {
            {"Canoes", "Repairs", new String[] {"1 address changes;" + NONE_PUBLIC, "The sidebar changes on 1 page."}},
            {"Engines", "Hire", new String[] {"7 addresses change;" + NONE_PUBLIC, "The sidebar changes on 7 pages."}},
            {"Batteries", "Hulls", new String[] {"1 address changes;" + NONE_PUBLIC}},
            {"Repairs", "Hire", new String[] {"13 addresses change;" + NONE_PUBLIC}},
            {"Canoes", "Moorings", new String[] {"1 address changes;" + NONE_PUBLIC}},
        };
    }

    @Test(dataProvider = "moves")
    public void movedBranch_tellsWhichZonesDiffer(String page, String parent, String[] notices) {
        brackwater().movesUnder(parent, page).notices(notices);
    }

    @Test
    public void drawer_differsWithTheHeader_andWhatIsTheSameIsNotTold() {
        SiteScript script =
                brackwater().assigns(Zone.HEADER, new Scope.Section(brackwater().page("Hire")), "Short");
        script.movesUnder("Hire", "Contact")
                .notices(
                        "1 address changes; none was public yet.",
                        "The header changes on 1 page.",
                        "The phone drawer changes on 1 page.");
        script.assigns(Zone.SIDEBAR, new Scope.Section(script.page("Moorings")), "Workshop")
                .movesUnder("Repairs", "Swinging moorings")
                .notices("1 address changes; none was public yet.");
    }
}
