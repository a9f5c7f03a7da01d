package velnik.core.soundness;

import static org.testng.Assert.assertEquals;

import java.util.List;
import java.util.function.UnaryOperator;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.sample.Brackwater;
import velnik.core.site.Assignment;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

public class LooseEndsTest {
    private static final PageId GONE = new PageId("gone");
    private static final MenuRowId HIRE = new MenuRowId("footer-afloat-hire");

    private static UnaryOperator<Site> hireLeads(ItemKind kind) {
        return site -> site.withMenus(site.menus()
                .update(
                        HIRE,
                        row -> row instanceof MenuRow.Item item
                                ? item.withKind(kind).withLabel("Hire")
                                : row));
    }

    @DataProvider
    public Object[][] ends() {
        String item = "One item leads to what is not in the site: “Hire” in Footer.";
        return new Object[][] {
            {item, hireLeads(new ItemKind.ToPage(GONE, 0))},
            {item, hireLeads(new ItemKind.ToPlace(GONE, "prices"))},
            {item, hireLeads(new ItemKind.ToFile(new FileId("gone")))},
            {item, hireLeads(new ItemKind.OtherMenu(new MenuRowId("gone")))},
            {item, hireLeads(ItemKind.PageList.of(new ListSource.Under(GONE), 1))},
            {item, hireLeads(new ItemKind.Block.FormOf(GONE))},
            {
                "One page has a picture that is not in the site: Hire.",
                (UnaryOperator<Site>) site -> site.withPages(
                        site.pages().update(Brackwater.id("Hire"), page -> page.withPicture(new FileId("gone"))))
            },
            {
                "One forward leads to a page that is not in the site: /old.",
                (UnaryOperator<Site>) site -> site.withForwards(
                        List.of(new Forward(new Forward.Source.At("/old"), new Forward.Target.ToPage(GONE))))
            },
            {
                "A menu that is not in the site would stand in the header.",
                (UnaryOperator<Site>) site -> site.withAssignments(List.of(new Assignment(
                        Zone.HEADER,
                        new Scope.Everywhere(),
                        new Assignment.Says.Instead(
                                List.of(new PlacedMenu(new MenuRowId("gone"), Placing.AS_THE_ZONE))))))
            },
        };
    }

    @Test(dataProvider = "ends")
    public void whatIsNotThere_isNamedWithWhatLeadsToIt(String says, UnaryOperator<Site> loosens) {
        assertEquals(LooseEnds.of(Brackwater.site()), List.of());
        assertEquals(LooseEnds.of(loosens.apply(Brackwater.site())), List.of(says));
    }
}
