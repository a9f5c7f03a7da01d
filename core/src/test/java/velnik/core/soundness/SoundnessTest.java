package velnik.core.soundness;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.sample.Brackwater;
import velnik.core.site.Assignment;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.NewPages;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Reach;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

public class SoundnessTest {
    private static final PageId HIRE = Brackwater.id("Hire");

    private record Damage(String says, UnaryOperator<Site> damage) {}

    private static Damage page(String says, UnaryOperator<Page> damage) {
        return new Damage(says, site -> site.withPages(site.pages().update(HIRE, damage)));
    }

    private static Damage menus(String says, UnaryOperator<Outline<MenuRowId, MenuRow>> damage) {
        return new Damage(says, site -> site.withMenus(damage.apply(site.menus())));
    }

    private static Damage item(String says, ItemKind leads) {
        return menus(
                says,
                menus -> menus.update(
                        firstItem(menus),
                        row -> row instanceof MenuRow.Item item
                                ? item.withKind(leads).withLabel("Elsewhere")
                                : row));
    }

    private static MenuRowId firstItem(Outline<MenuRowId, MenuRow> menus) {
        return menus.walk().stream()
                .filter(row -> row.value() instanceof MenuRow.Item)
                .map(Branch::id)
                .findFirst()
                .orElseThrow();
    }

    @DataProvider
    public Object[][] damages() {
        List<Damage> all = List.of(
                page("“Big Boats”", page -> page.withSlug("Big Boats")),
                page("Two pages are at /repairs.", page -> page.withSlug("repairs")),
                page("says it is a built-in page", page -> page.withKind(PageKind.SEARCH)),
                page("longer than it can be", page -> page.withSummary("a\u0000b")),
                page("The page Hire:", page -> page.withLayout(new LayoutId("gone"))),
                new Damage("cannot be withheld", site -> {
                    PageId signIn = Site.idOfBuiltIn(PageKind.SIGN_IN);
                    return site.withPages(site.pages().update(signIn, page -> page.withReach(Reach.HELD_BACK)));
                }),
                page("is spelled in two ways", page -> page.withTopics(Set.of("Boats", "BOATS"))),
                new Damage("language", site -> site.withDetails(site.details().withLanguage("english"))),
                new Damage(
                        "New pages",
                        site -> site.withDetails(
                                site.details().withNewPages(new NewPages(Reach.OPEN, new LayoutId("gone"), null)))),
                new Damage(
                        "layouts",
                        site -> site.withLayouts(List.of(
                                new Layout(new LayoutId("one"), "Two columns", LayoutId.STANDARD),
                                new Layout(new LayoutId("two"), "two Columns", LayoutId.STANDARD)))),
                item("leads to what is no address", new ItemKind.WebLink("javascript:alert(1)")),
                item("leads to what is no address", new ItemKind.Mail("nobody")),
                menus("is a menu inside another, or an item outside", menus -> {
                    MenuRowId first = menus.top().getFirst().id();
                    MenuRowId second = menus.top().get(1).id();
                    return menus.move(List.of(second), menus.endOf(first));
                }),
                new Damage("What the zone", site -> {
                    List<Assignment> more = new ArrayList<>(site.assignments());
                    more.add(new Assignment(
                            Zone.HEADER,
                            new Scope.OfLayout(new LayoutId("gone")),
                            new Assignment.Says.Instead(List.of(
                                    new PlacedMenu(site.menus().top().getFirst().id(), Placing.AS_THE_ZONE)))));
                    return site.withAssignments(more);
                }),
                new Damage("/old", site -> {
                    List<Forward> more = new ArrayList<>(site.forwards());
                    more.add(new Forward(new Forward.Source.At("/old"), new Forward.Target.Outside("nowhere")));
                    return site.withForwards(more);
                }));
        return all.stream().map(each -> new Object[] {each}).toArray(Object[][]::new);
    }

    @Test
    public void layoutWhoseIdReadsLikeItsName_isSound() {
        Layout winter = new Layout(new LayoutId("winter"), "Winter", LayoutId.STANDARD);
        assertEquals(Soundness.of(Brackwater.site().withLayouts(List.of(winter))), List.of());
    }

    @Test(dataProvider = "damages")
    public void whatNoEditMakes_isSaid(Damage damage) {
        List<String> wrong = Soundness.of(damage.damage().apply(Brackwater.site()));
        assertTrue(wrong.stream().anyMatch(sentence -> sentence.contains(damage.says())), damage.says() + ": " + wrong);
    }
}
