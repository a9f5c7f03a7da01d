package velnik.core.figure;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.OptionalInt;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.content.LinkedTexts;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;

public class ClicksTest {
    private final SiteScript script = brackwater();

    /** -1 for a page that no menu leads to. */
    @DataProvider
    public Object[][] pages() {
        return new Object[][] {
            {"Home", 0},
            {"Hire", 1},
            {"Moorings", 1}, // the footer links it; its address leads on
            {"Swinging moorings", 1},
            {"Hulls", 1},
            {"Wooden hulls", 2}, // by the sidebar of Repairs
            {"Batteries", -1}, // the sidebar shows three levels
            {"Find us", 1},
            {"Contact", -1}, // Short stands on landing pages, and none is reached
            {"Group bookings", -1},
            {"Junior week", -1},
        };
    }

    @Test(dataProvider = "pages")
    public void clicks_areTheFewestAlongMenus(String page, int clicks) {
        Clicks all = Clicks.of(script.site(), script.navigation(), Device.WIDE, LinkedTexts.NONE);
        assertEquals(all.to(script.page(page)), clicks < 0 ? OptionalInt.empty() : OptionalInt.of(clicks));
    }

    /** A link in a text leads on as an item does, but not to what visitors cannot get, nor from a page they cannot. */
    @Test
    public void clicks_goAlongTexts() {
        SiteScript linked = brackwater()
                .writes("Hulls", "Ask [us](/contact), see [](page:" + script.page("Junior week") + ").")
                .writes("Contact", "[Batteries](/repairs/engines/electric-conversion/batteries)")
                .writes("Junior week", "[Group bookings](/hire/group-bookings)");
        Clicks all = Clicks.of(linked.site(), linked.navigation(), Device.WIDE, linked.texts());
        assertEquals(
                List.of("Contact", "Batteries", "Junior week", "Group bookings").stream()
                        .map(page -> all.to(linked.page(page)).orElse(-1))
                        .toList(),
                List.of(2, 3, -1, -1));
    }

    @Test
    public void clicks_goByDevice() {
        SiteScript wideOnly = brackwater()
                .dresses(new MenuRowId("main-list"), "News", ItemEdit.of(edit -> edit.devices(Set.of(Device.WIDE))));
        for (Device device : Device.values()) {
            Clicks clicks = Clicks.of(wideOnly.site(), wideOnly.navigation(), device, LinkedTexts.NONE);
            assertEquals(clicks.to(wideOnly.page("Varnish day")).isPresent(), device == Device.WIDE);
        }
    }

    @Test
    public void whereabouts_nameEveryRowThatLeadsToAPage() {
        assertEquals(
                Whereabouts.of(script.site(), script.navigation()).of(script.page("Slipway Café")).stream()
                        .map(place -> place.menuName() + " " + place.path() + " " + place.label() + " " + place.zones())
                        .toList()
                        .toString(),
                "[Main [] Café [HEADER], Winter [] Soup []]");
    }

    /** Batteries are a third level of a list under a label, in a sidebar of three levels. */
    @Test
    public void whereabouts_tellARowThatIsDeeperThanItsZoneShows() {
        assertEquals(shownIn("Electric conversion"), "[[SIDEBAR]]");
        assertEquals(shownIn("Batteries"), "[[]]");
        assertEquals(shownIn("Summer regatta"), "[]");
    }

    private String shownIn(String page) {
        return Whereabouts.of(script.site(), script.navigation()).of(script.page(page)).stream()
                .map(Whereabouts.Place::shownIn)
                .toList()
                .toString();
    }
}
