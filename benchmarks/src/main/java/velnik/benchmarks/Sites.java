package velnik.benchmarks;

import java.util.ArrayList;
import java.util.List;
import velnik.core.outline.Outline;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Sites of the sizes that the bounds are about. */
final class Sites {
    private static final long SEED = 42;
    static final int ITEMS = 2_000;
    /** Items of a heading, itself included. */
    private static final int ROW = 10;

    private Sites() {}

    /** So many pages, a header that follows them, and {@value #ITEMS} items under headings in the footer. */
    static Site of(int pages) {
        Site site = SiteGenerator.site(SEED, pages);
        List<Outline.Entry<MenuRowId, MenuRow>> rows = new ArrayList<>();
        site.menus().walk().forEach(row -> rows.add(new Outline.Entry<>(row.id(), row.parent(), row.value())));
        MenuRowId large = new MenuRowId("large");
        rows.add(new Outline.Entry<>(large, null, MenuRow.Menu.named("Large")));
        for (int i = 0; i < ITEMS; i++) {
            MenuRowId parent = i % ROW == 0 ? large : new MenuRowId("item-" + (i - i % ROW));
            rows.add(new Outline.Entry<>(new MenuRowId("item-" + i), parent, item(i)));
        }
        List<Assignment> assignments = new ArrayList<>(site.assignments());
        assignments.add(Assignment.everywhere(Zone.FOOTER, large));
        return site.withMenus(Outline.of(rows)).withAssignments(assignments);
    }

    private static MenuRow.Item item(int number) {
        return switch (number % ROW) {
            case 0 -> MenuRow.Item.of(new ItemKind.Heading(), "Heading " + number);
            case 1 -> MenuRow.Item.of(new ItemKind.WebLink("https://tides.example/" + number), "");
            default -> MenuRow.Item.of(new ItemKind.ToPage(SiteGenerator.id(number % 1_000), 0), "");
        };
    }
}
