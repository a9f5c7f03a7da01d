package velnik.benchmarks;

import java.util.ArrayList;
import java.util.List;
import velnik.core.outline.Outline;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;

/** Sites of the sizes that the bounds are about. */
final class Sites {
    private static final long SEED = 42;
    private static final int ITEMS = 2_000;

    private Sites() {}

    /** So many pages, and {@value #ITEMS} items in a menu that stands nowhere. */
    static Site of(int pages) {
        Site site = SiteGenerator.site(SEED, pages);
        List<Outline.Entry<MenuRowId, MenuRow>> rows = new ArrayList<>();
        site.menus().walk().forEach(row -> rows.add(new Outline.Entry<>(row.id(), row.parent(), row.value())));
        MenuRowId large = new MenuRowId("large");
        rows.add(new Outline.Entry<>(large, null, new MenuRow.Menu("Large")));
        for (int i = 0; i < ITEMS; i++) {
            rows.add(new Outline.Entry<>(new MenuRowId("item-" + i), large, new MenuRow.TreeList(1)));
        }
        return new Site(site.details(), site.pages(), site.home(), Outline.of(rows), site.assignments());
    }
}
