package velnik.core.fit;

import static java.util.stream.Collectors.toSet;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;
import static velnik.core.SiteScript.brackwater;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.reach.Access;
import velnik.core.site.Assignment.Says;
import velnik.core.site.Look;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Zone;

public class RowClassTest {
    private static final List<String> PAGES = List.of("Hire", "Repairs", "Canoes", "Engines", "News", "Contact");
    private static final List<String> MENUS = List.of("Main", "Short", "Workshop");

    /** Menus across in any zone of any scope, some of them cut to the branch of the visited page. */
    private static SiteScript random(Random random) {
        SiteScript script = brackwater();
        script.setsReach("Canoes", Reach.HELD_BACK);
        for (int exception = 0; exception < 8; exception++) {
            PageId page = script.page(PAGES.get(random.nextInt(PAGES.size())));
            Zone zone = Zone.values()[random.nextInt(Zone.values().length)];
            Placing placing = Placing.AS_THE_ZONE.withForm(Placing.Form.ACROSS).withPart(1, random.nextInt(3) == 0);
            PlacedMenu placed = new PlacedMenu(script.menu(MENUS.get(random.nextInt(MENUS.size()))), placing);
            script.does(new MenuChange.AssignMenus(
                    zone,
                    random.nextBoolean() ? new Scope.Section(page) : new Scope.Pages(Set.of(page)),
                    random.nextBoolean()
                            ? new Says.Instead(List.of(placed))
                            : new Says.Around(List.of(), List.of(placed))));
        }
        script.does(new LookChange.SetLook(Look.values()[random.nextInt(Look.values().length)]));
        return script;
    }

    @DataProvider
    public Object[][] seeds() {
        return IntStream.range(0, 20).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
    }

    /** Told of its class or of the page itself, a row fits alike; and of each class there is one. */
    @Test(dataProvider = "seeds")
    public void rowsOfClasses_areThoseOfTheirPages(int seed) {
        SiteScript script = random(new Random(seed));
        List<RowClass> classes = RowClass.of(script.site(), script.navigation());
        script.site().pages().walk().forEach(row -> {
            List<RowFit> rows = RowFit.of(script.site(), script.navigation().forPage(row.id()));
            List<RowClass> its = classes.stream()
                    .filter(each -> each.pages().contains(row.id()))
                    .toList();
            boolean hasAPage = row.value().kind() != PageKind.GROUP;
            if (hasAPage
                    && Access.of(script.site(), row.id(), script.navigation().openings())
                            .isGettable()) {
                assertEquals(
                        its.stream().map(each -> told(each.fit())).collect(toSet()),
                        rows.stream().map(RowClassTest::told).collect(toSet()),
                        row.value().title());
                assertEquals(its.size(), rows.size(), row.value().title());
            } else {
                assertTrue(its.isEmpty(), row.value().title());
            }
        });
        Set<Object> kinds = new HashSet<>();
        classes.forEach(each -> assertTrue(kinds.add(each.fit().likeness()), "two classes are one"));
        classes.forEach(each ->
                assertEquals(Set.copyOf(each.pages()).size(), each.pages().size(), "a page is told of twice"));
    }

    private static Map<String, Object> told(RowFit fit) {
        return Map.of(
                "zone",
                fit.zone(),
                "menu",
                fit.menu(),
                "at",
                Spans.WIDTHS.stream().map(fit::at).toList(),
                "holds",
                fit.holds());
    }

    @Test
    public void exceptions_areClassesOfTheirOwn() {
        SiteScript script = brackwater();
        script.does(new MenuChange.AssignMenus(
                Zone.HEADER,
                new Scope.Pages(Stream.of("News", "Contact").map(script::page).collect(toSet())),
                new Says.Instead(script.placed("Workshop"))));
        List<RowClass> headers = RowClass.of(script.site(), script.navigation()).stream()
                .filter(row -> row.fit().zone() == Zone.HEADER)
                .toList();
        assertEquals(headers.stream().map(row -> row.fit().name()).toList(), List.of("Main", "Short", "Workshop"));
        assertEquals(
                headers.getLast().pages(),
                Stream.of("News", "Contact").map(script::page).toList());
    }
}
