package velnik.core.navigation;

import static java.util.stream.Collectors.joining;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertSame;
import static velnik.core.SiteScript.brackwater;

import java.util.Collection;
import java.util.List;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.site.Reach;
import velnik.core.site.Zone;

public class SiteNavigationTest {

    @Test
    public void header_followsThePageTree_leavingOutWhatIsNotOpen() {
        SiteScript script = brackwater().adds("Paddleboards", "Hire").setsReach("Kayaks", Reach.HELD_BACK);
        List<NavigationRow> rows = header(script, "Home");
        assertEquals(
                labels(rows),
                "Home, Hire, Repairs, Moorings, Slipway Café, Courses, News, About us, Contact, Terms of hire, Privacy");
        assertEquals(labels(rows.get(1).rows()), "Canoes, Rowing skiffs, Prices, Safety on the tide, Paddleboards");
        assertEquals(labels(rows.get(2).rows().get(0).rows()), "", "two levels show, not three");
    }

    @Test
    public void group_opensItsSubpages_andIsNoLink() {
        List<NavigationRow> rows = header(brackwater(), "Home");
        assertEquals(
                rows.stream()
                        .filter(row -> !row.isLink())
                        .map(NavigationRow::label)
                        .collect(joining(", ")),
                "Moorings, Courses");
    }

    @Test
    public void currentPage_isMarked_withTheRowsAboveIt() {
        Navigation navigation = navigation(brackwater(), "Canoes");
        assertEquals(pages(navigation.current()), "canoes");
        assertEquals(pages(navigation.trail()), "hire");
    }

    @Test
    public void pageThatNoRowLeadsTo_marksItsNearestAncestor() {
        Navigation navigation = navigation(brackwater(), "Range calculator");
        assertEquals(pages(navigation.current()), "");
        assertEquals(pages(navigation.trail()), "engines repairs");
    }

    @Test
    public void phoneDrawer_showsTheHeadersMenus_andPagesShareThem() {
        SiteNavigation site = brackwater().navigation();
        Navigation one = site.forPage(brackwater().page("Hire"));
        Navigation other = site.forPage(null);
        assertEquals(one.in(Zone.PHONE_DRAWER), one.in(Zone.HEADER));
        assertSame(one.in(Zone.HEADER), other.in(Zone.HEADER));
        assertEquals(other.current().size() + other.trail().size(), 0);
    }

    private static Navigation navigation(SiteScript script, String page) {
        return script.navigation().forPage(script.page(page));
    }

    private static List<NavigationRow> header(SiteScript script, String page) {
        return navigation(script, page).in(Zone.HEADER).getFirst().rows();
    }

    private static String labels(List<NavigationRow> rows) {
        return rows.stream().map(NavigationRow::label).collect(joining(", "));
    }

    private static String pages(Collection<NavigationRow.Key> keys) {
        return keys.stream().map(key -> key.page().value()).sorted().collect(joining(" "));
    }
}
