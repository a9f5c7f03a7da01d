package velnik.core.navigation;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange;
import velnik.core.site.Assignment;
import velnik.core.site.Assignment.Says;
import velnik.core.site.LayoutId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

/** Which menus stand in which zone of which page, and why. */
public class ZoneDecisionsTest {
    private final SiteScript base = brackwater();

    /** A page, a zone, and the menus that stand there. */
    @DataProvider
    public Object[][] standing() {
        return new Object[][] {
            {"Home", Zone.HEADER, "Main"},
            {"Group bookings", Zone.HEADER, "Short"},
            {"Home", Zone.SIDEBAR, ""},
            {"Repairs", Zone.SIDEBAR, "Workshop"},
            {"Batteries", Zone.SIDEBAR, "Workshop"},
            {"Contact", Zone.FOOTER, "Footer, Elsewhere"},
            {"Find us", Zone.FOOTER, "Footer, Elsewhere, Tides"},
            {"Home", Zone.PHONE_DRAWER, "Main"},
            {"Group bookings", Zone.PHONE_DRAWER, "Short"},
            {"Home", Zone.BESIDE, ""},
        };
    }

    @Test(dataProvider = "standing")
    public void brackwater_standsAsItIsDescribed(String page, Zone zone, String menus) {
        assertEquals(menus(base, page, zone), menus);
    }

    @Test
    public void narrower_replacesAddsAndSaysNothing() {
        SiteScript script = brackwater();
        Scope repairs = new Scope.Section(script.page("Repairs"));
        Scope engines = new Scope.Section(script.page("Engines"));
        Scope batteries = new Scope.Pages(Set.of(script.page("Batteries"), script.page("Canoes")));
        script.does(around(Zone.SIDEBAR, engines, script.placed("Short"), script.placed("Tides")));
        assertEquals(menus(script, "Outboards", Zone.SIDEBAR), "Short, Workshop, Tides");
        assertEquals(menus(script, "Hulls", Zone.SIDEBAR), "Workshop");
        script.does(around(Zone.SIDEBAR, batteries, List.of(), script.placed("Short")));
        assertEquals(menus(script, "Batteries", Zone.SIDEBAR), "Workshop, Tides, Short", "the narrowest keeps a menu");
        assertEquals(menus(script, "Canoes", Zone.SIDEBAR), "Short", "before and after nothing");
        script.assigns(Zone.SIDEBAR, batteries);
        assertEquals(menus(script, "Batteries", Zone.SIDEBAR), "", "nothing is a valid replacement");
        script.assigns(Zone.SIDEBAR, new Scope.OfLayout(LayoutId.STANDARD), "Footer");
        assertEquals(menus(script, "Outboards", Zone.SIDEBAR), "Footer", "a layout is narrower than any section");
        assertEquals(menus(script, "Batteries", Zone.SIDEBAR), "", "and a page narrower still");
        script.does(new MenuChange.AssignMenus(Zone.SIDEBAR, repairs, null));
        assertEquals(
                script.site()
                        .findAssignment(new Assignment.Key(Zone.SIDEBAR, repairs))
                        .isPresent(),
                false);
    }

    /** Menus before or after there stand beside the header's; what decides there replaces them. */
    @Test
    public void drawerThatOnlyAdds_keepsTheHeadersMenus() {
        SiteScript script = brackwater();
        Scope repairs = new Scope.Section(script.page("Repairs"));
        script.does(around(Zone.PHONE_DRAWER, repairs, script.placed("Short"), script.placed("Tides")));
        assertEquals(menus(script, "Hulls", Zone.PHONE_DRAWER), "Short, Main, Tides");
        assertEquals(menus(script, "Home", Zone.PHONE_DRAWER), "Main");
        script.assigns(Zone.HEADER, new Scope.Pages(Set.of(script.page("Hulls"))), "Elsewhere");
        assertEquals(menus(script, "Hulls", Zone.PHONE_DRAWER), "Elsewhere", "a narrower header beats it");
        script.assigns(Zone.PHONE_DRAWER, repairs, "Tides");
        assertEquals(menus(script, "Engines", Zone.PHONE_DRAWER), "Tides");
    }

    @Test
    public void sectionOfHome_isWhatIsBeneathIt_notTheSite() {
        SiteScript script = brackwater().adds("Opening hours", "Home");
        script.assigns(Zone.BELOW, new Scope.Section(script.page("Home")), "Short");
        assertEquals(menus(script, "Opening hours", Zone.BELOW), "Short");
        assertEquals(menus(script, "Home", Zone.BELOW), "Short");
        assertEquals(menus(script, "Hire", Zone.BELOW), "");
    }

    @Test
    public void drawer_isTheHeaders_untilAssigned_andANarrowerHeaderBeatsAWiderDrawer() {
        SiteScript script = brackwater().assigns(Zone.PHONE_DRAWER, new Scope.Everywhere(), "Footer");
        assertEquals(menus(script, "Canoes", Zone.PHONE_DRAWER), "Footer");
        assertEquals(menus(script, "Group bookings", Zone.PHONE_DRAWER), "Short");
        script.assigns(Zone.PHONE_DRAWER, new Scope.Pages(Set.of(script.page("Group bookings"))), "Tides");
        assertEquals(menus(script, "Group bookings", Zone.PHONE_DRAWER), "Tides");
    }

    @Test
    public void menuSetAside_standsNowhere_andStandsAgainWhenItIsBack() {
        SiteScript script = brackwater().does(new MenuChange.SetAside(List.of(base.menu("Footer")), true));
        assertEquals(menus(script, "Find us", Zone.FOOTER), "Elsewhere, Tides");
        script.does(new MenuChange.SetAside(List.of(base.menu("Footer")), false));
        assertEquals(menus(script, "Find us", Zone.FOOTER), "Footer, Elsewhere, Tides");
    }

    @Test
    public void decision_tellsWhichAssignmentDecides_andWhichItBeats() {
        ZoneDecision header = base.navigation().decision(Zone.HEADER, base.page("Group bookings"));
        assertEquals(
                header.steps().stream().map(ZoneDecision.Step::verdict).toList(),
                List.of(ZoneDecision.Verdict.OVERRULED, ZoneDecision.Verdict.DECIDES));
        ZoneDecision footer = base.navigation().decision(Zone.FOOTER, base.page("Find us"));
        assertEquals(
                footer.steps().stream().map(ZoneDecision.Step::verdict).toList(),
                List.of(ZoneDecision.Verdict.DECIDES, ZoneDecision.Verdict.ADDS));
        assertEquals(
                footer.sourceOf(footer.menus().getLast()).orElseThrow().scope(),
                new Scope.Pages(Set.of(base.page("Find us"))));
    }

    @Test
    public void placing_choosesLevelsAndTheBranchOfThePage() {
        SiteScript script = brackwater();
        Placing second = Placing.AS_THE_ZONE.withPart(2, false);
        script.does(new MenuChange.AssignMenus(
                Zone.ABOVE,
                new Scope.Everywhere(),
                new Says.Instead(List.of(new PlacedMenu(script.menu("Short"), second)))));
        assertEquals(script.sees("Home", Zone.ABOVE), "", "Short has no second level");
        script.does(new MenuChange.AssignMenus(
                Zone.BELOW,
                new Scope.Everywhere(),
                new Says.Instead(List.of(new PlacedMenu(script.menu("Main"), Placing.AS_THE_ZONE.withPart(1, true))))));
        assertEquals(script.sees("Wooden hulls", Zone.BELOW), "Hulls, Engines, Sails and rigging");
        assertEquals(script.sees("Contact", Zone.BELOW), "");
    }

    private static MenuChange around(Zone zone, Scope scope, List<PlacedMenu> before, List<PlacedMenu> after) {
        return new MenuChange.AssignMenus(zone, scope, new Says.Around(before, after));
    }

    private static String menus(SiteScript script, String page, Zone zone) {
        return String.join(
                ", ",
                script.navigation().decision(zone, script.page(page)).menus().stream()
                        .map(placed -> ((velnik.core.site.MenuRow.Menu)
                                        script.site().menus().get(placed.menu()))
                                .name())
                        .toList());
    }
}
