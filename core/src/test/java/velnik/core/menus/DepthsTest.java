package velnik.core.menus;

import static org.testng.Assert.assertEquals;
import static velnik.core.SiteScript.brackwater;
import static velnik.core.site.Appearance.Arrangement.LIST;
import static velnik.core.site.Appearance.Arrangement.THREE_BESIDE;

import java.util.List;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.SiteScript;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.MenuChange.ItemEdit;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/** What an edit takes deeper than a zone shows is told; what was out of sight before is not told again. */
public class DepthsTest {
    private static final String FOOTER = "The footer shows 2 levels of Footer; what is deeper is out of sight there.";
    private static final String HEADER = "The header shows 2 levels of Main; what is deeper is out of sight there.";
    private static final String SIDEBAR =
            "The sidebar shows 3 levels of Workshop; what is deeper is out of sight there.";

    private static final MenuRowId HIRE = new MenuRowId("footer-afloat-hire");
    private static final MenuRowId AFLOAT = new MenuRowId("footer-afloat");

    private static PageId page(String title) {
        return brackwater().page(title);
    }

    private static Change adds(ItemKind kind, MenuRowId parent) {
        return new MenuChange.AddItems(
                List.of(new MenuChange.NewItem(new MenuRowId("x"), Place.firstUnder(parent), null, kind, "X")));
    }

    private static Change moves(MenuRowId item, MenuRowId parent) {
        return new MenuChange.MoveItems(List.of(item), Place.firstUnder(parent), null);
    }

    private static Change movesPage(String page, String parent) {
        return new Change.MovePages(List.of(page(page)), Place.firstUnder(page(parent)));
    }

    private static Change anchors(String under) {
        return new MenuChange.AddItems(List.of(new MenuChange.NewItem(
                new MenuRowId("x"),
                Place.firstUnder(new MenuRowId("main-list")),
                new Anchor(page(under), List.of(), null),
                new ItemKind.Text(),
                "X")));
    }

    private static Change carries(MenuRowId item, String page, int levels) {
        return new MenuChange.SetItemKind(item, new ItemKind.ToPage(page(page), levels));
    }

    @DataProvider
    public Object[][] edits() {
        ItemKind text = new ItemKind.Text();
        ItemKind workshop = new ItemKind.OtherMenu(brackwater().menu("Workshop"));
        return new Object[][] {
            {adds(text, brackwater().menu("Footer")), null},
            {adds(text, AFLOAT), null},
            {adds(text, HIRE), FOOTER},
            {adds(new ItemKind.ToPage(page("Hulls"), 1), AFLOAT), FOOTER},
            {adds(new ItemKind.ToPage(page("Contact"), 1), AFLOAT), null}, // nothing under it to carry
            {adds(ItemKind.PageList.of(new ListSource.Under(page("Hire")), 1), AFLOAT), FOOTER},
            {adds(ItemKind.PageList.of(new ListSource.Under(page("Contact")), 1), AFLOAT), null},
            {adds(workshop, AFLOAT), FOOTER},
            {adds(text, brackwater().menu("Short")), null},
            {carries(HIRE, "Hire", 1), FOOTER},
            {carries(HIRE, "Contact", 4), null},
            {moves(new MenuRowId("footer-the-yard-the-crew"), HIRE), FOOTER},
            {moves(new MenuRowId("footer-the-yard-the-crew"), AFLOAT), null},
            {moves(AFLOAT, new MenuRowId("footer-the-yard")), FOOTER},
            {anchors("Hire"), null},
            {anchors("Canoes"), HEADER},
            {movesPage("Contact", "Hire"), null}, // Main leaves it out
            {movesPage("News", "Hire"), HEADER}, // what is under News goes out of sight
            {movesPage("Prices", "Canoes"), HEADER},
            {movesPage("Prices", "Repairs"), null},
            {movesPage("Batteries", "Outboards"), null
            }, // was out of sight in Main, and in Workshop at its fourth level
            {movesPage("Hulls", "Engines"), SIDEBAR},
        };
    }

    @Test(dataProvider = "edits")
    public void edit_tellsWhatGoesOutOfSight(Change edit, String told) {
        SiteScript script = brackwater().does(edit);
        List<String> sentences = script.told().stream()
                .filter(sentence -> sentence.contains("out of sight there"))
                .toList();
        assertEquals(sentences, Optional.ofNullable(told).map(List::of).orElse(List.of()));
    }

    @Test
    public void whatWasOutOfSightBefore_isNotToldAgain() {
        SiteScript script = brackwater().does(adds(new ItemKind.Text(), HIRE));
        script.does(moves(new MenuRowId("x"), new MenuRowId("footer-afloat-repairs")))
                .notices();
        script.does(moves(new MenuRowId("x"), AFLOAT)).notices();
        script.does(moves(new MenuRowId("x"), HIRE)).notices(FOOTER);
    }

    /** What is beneath a row of a panel stands open with it, so the two are one level. */
    @Test
    public void whatStandsOpenInAPanel_isInSight() {
        SiteScript script = brackwater().sets(AFLOAT, ItemEdit.of(edit -> edit.arrangement(THREE_BESIDE)));
        script.does(adds(new ItemKind.Text(), HIRE)).notices();
        script.does(carries(HIRE, "Hire", 1)).notices();
        script.sets(AFLOAT, ItemEdit.of(edit -> edit.arrangement(LIST))).notices(FOOTER);
        script.sets(AFLOAT, ItemEdit.of(edit -> edit.arrangement(THREE_BESIDE))).notices();
        script.does(carries(HIRE, "Repairs", 2)).notices(FOOTER);
    }
}
