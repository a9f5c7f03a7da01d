package velnik.core.menus;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;

import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRowId;
import velnik.core.site.RemovalId;
import velnik.core.site.Zone;

/** Placing pages in menus as the page tree has them, and taking them out. */
public class PagesInMenusTest {
    private static MenuChange place(SiteScript script, String menu, String... pages) {
        return new MenuChange.PlacePages(Stream.of(pages)
                .map(page -> new MenuChange.NewPlace(
                        script.menu(menu), new MenuRowId("fresh-" + script.page(page)), script.page(page), ""))
                .toList());
    }

    private static MenuChange takeOut(SiteScript script, String menu, String... pages) {
        return new MenuChange.TakePagesOut(
                new RemovalId("taken"),
                Stream.of(pages)
                        .map(page -> new MenuChange.OldPlace(script.menu(menu), script.page(page)))
                        .toList());
    }

    private static int times(SiteScript script, String menu, String page) {
        return labels(script, page, menu).size();
    }

    @DataProvider
    public Object[][] spots() {
        return new Object[][] {
            {"Footer", "Slipway Café", "Slipway Café is in Footer now, under Afloat, after Moorings."},
            {"Footer", "Home", "Home is in Footer now, under Afloat, first."},
            {"Footer", "Canoes", "Canoes is in Footer now, under Afloat, after Hire."},
            {"Footer", "Contact", "Contact is in Footer now, under The yard, after Find us."},
            {"Footer", "Hulls", "Hulls is in Footer now, under Afloat, after Repairs."},
            {"Short", "Hire", "Hire is in Short now, after Home."},
            {"Short", "About us", "About us is in Short now, after Home."},
            {"Workshop", "Canoes", "Canoes is in Workshop now, after In the workshop."},
            {"Elsewhere", "Contact", "Contact is in Elsewhere now, after On the web."},
            {"Winter", "Moorings", "Moorings is in Winter now, after Winter service."},
        };
    }

    @Test(dataProvider = "spots")
    public void placed_standsWhereTheTreeHasIt_andIsGoneWhenTakenOut(String menu, String page, String sentence) {
        SiteScript script = brackwater();
        assertEquals(times(script, menu, page), 0);
        script.does(place(script, menu, page)).says(sentence);
        assertEquals(times(script, menu, page), 1);
        script.does(takeOut(script, menu, page)).says(page + " is no longer in " + menu + ".");
        assertEquals(script.site().withBin(List.of()), brackwater().site().withBin(List.of()));
    }

    @Test
    public void manyPlacedAtOnce_standInTheOrderOfTheTree_whateverTheOrderTheyCameIn() {
        SiteScript script = brackwater().addsMenu("Trips");
        script.does(place(script, "Trips", "Courses", "Home", "Canoes", "Repairs", "Hire", "Kayaks"))
                .says("Courses and 5 more added.");
        assertEquals(
                script.site().menus().childrenOf(script.menu("Trips")).stream()
                        .map(row -> row.id().value())
                        .toList()
                        .toString(),
                "[fresh-home, fresh-hire, fresh-canoes, fresh-kayaks, fresh-repairs, fresh-courses]");
    }

    @Test
    public void rowOfAList_isLeftOutByIt_andComesBackIntoIt() {
        SiteScript script = brackwater();
        String before = script.sees("Home", Zone.HEADER);
        script.does(takeOut(script, "Main", "Canoes")).says("Canoes is no longer in Main.");
        assertEquals(times(script, "Main", "Canoes"), 0);
        script.does(place(script, "Main", "Canoes")).says("Canoes is in Main now, by the list.");
        assertEquals(script.sees("Home", Zone.HEADER), before);
        assertEquals(script.site(), brackwater().site());
    }

    /** With Hire its subpages leave the list; they are meant all the same, and each comes back by itself. */
    @Test
    public void pageAndItsSubpage_areTakenOutOfAListTogether_andPutBack() {
        SiteScript script = brackwater();
        script.does(takeOut(script, "Main", "Hire", "Canoes")).says("Hire and 1 more removed.");
        assertEquals(times(script, "Main", "Hire") + times(script, "Main", "Kayaks"), 0);
        SiteScript canoesFirst = brackwater();
        canoesFirst.does(takeOut(canoesFirst, "Main", "Hire", "Canoes"));
        canoesFirst.does(place(canoesFirst, "Main", "Canoes"));
        assertEquals(times(canoesFirst, "Main", "Canoes"), 1, "the list would not yield it, so it is an item");
        script.does(place(script, "Main", "Canoes", "Hire"));
        assertEquals(script.site(), brackwater().site());
    }

    @Test
    public void placedWithALabel_readsSo_asAnItemAndAsARowOfAList() {
        SiteScript script = brackwater();
        script.does(new MenuChange.PlacePages(List.of(
                new MenuChange.NewPlace(script.menu("Short"), new MenuRowId("boats"), script.page("Hire"), " Boats "),
                new MenuChange.NewPlace(script.menu("Main"), new MenuRowId("us"), script.page("About us"), "Us"))));
        assertEquals(labels(script, "Hire", "Short"), List.of("Boats"));
        assertEquals(labels(script, "About us", "Main"), List.of("Us"));
    }

    private static List<String> labels(SiteScript script, String page, String menu) {
        return Whereabouts.of(script.site(), script.navigation()).of(script.page(page)).stream()
                .filter(place -> place.menu().equals(script.menu(menu)))
                .map(Whereabouts.Place::label)
                .toList();
    }

    @Test
    public void takingOut_tellsWhatWentWithIt() {
        SiteScript script = brackwater();
        script.does(takeOut(script, "Winter", "Slipway Café")).notices("The label “Soup” went with it.");
    }

    @Test
    public void whatCannotBePlacedOrTakenOut_isRefused_andNothingChanges() {
        SiteScript script = brackwater().addsMenu("All");
        script.puts(new ItemKind.OtherMenu(script.menu("Short")), "", script.menu("All"));
        script.puts(new ItemKind.ToPage(script.page("Hulls"), 1), "", script.menu("All"));
        script.refuses(takeOut(script, "Short", "Hire"), Refusal.NotInMenu.class, "Hire is not in Short.")
                .refuses(
                        takeOut(script, "All", "Hulls", "Home"),
                        Refusal.StandsThrough.class,
                        "Home is in it through Short. Remove it there.")
                .refuses(
                        takeOut(script, "All", "Fibreglass"),
                        Refusal.StandsThrough.class,
                        "Fibreglass is in it through Hulls. Remove it there.")
                .refuses(new MenuChange.PlacePages(List.of()), Refusal.NothingNamed.class, "Nothing is chosen.")
                .refuses(
                        new MenuChange.PlacePages(List.of(new MenuChange.NewPlace(
                                new MenuRowId("short-home"), new MenuRowId("x"), script.page("Hire"), ""))),
                        Refusal.MenuUnknown.class,
                        "That menu is no longer there.");
    }
}
