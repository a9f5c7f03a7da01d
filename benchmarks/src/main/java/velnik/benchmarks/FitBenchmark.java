package velnik.benchmarks;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import velnik.core.fit.ColumnFit;
import velnik.core.fit.Laid;
import velnik.core.fit.RowClass;
import velnik.core.fit.RowFit;
import velnik.core.fit.Spans;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** A header of forty items, and the room it has; and all rows of a site of 5,000 pages. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class FitBenchmark {
    private static final int ITEMS = 40;
    private static final int WIDTH = 1024;

    private final Site site = withRow(Sites.of(5_000));
    private final SiteNavigation menus = SiteNavigation.of(site, Instant.EPOCH);
    private final Navigation navigation = menus.forPage(site.home());

    private static Site withRow(Site site) {
        List<Outline.Entry<MenuRowId, MenuRow>> rows = new ArrayList<>();
        MenuRowId row = new MenuRowId("row");
        rows.add(new Outline.Entry<>(row, null, MenuRow.Menu.named("Row")));
        for (int item = 0; item < ITEMS; item++) {
            rows.add(new Outline.Entry<>(
                    new MenuRowId("row-" + item),
                    row,
                    MenuRow.Item.of(new ItemKind.Text(), "Moorings upstream " + item)));
        }
        List<Assignment> assignments = new ArrayList<>();
        assignments.add(Assignment.everywhere(Zone.HEADER, row));
        assignments.add(Assignment.everywhere(Zone.BELOW, row));
        for (PageId section : site.pages().top().stream().map(Branch::id).toList()) {
            for (Zone zone : List.of(Zone.ABOVE, Zone.SIDEBAR)) {
                PlacedMenu across = new PlacedMenu(row, Placing.AS_THE_ZONE.withForm(Placing.Form.ACROSS));
                assignments.add(new Assignment(
                        zone,
                        new velnik.core.site.Scope.Section(section),
                        new Assignment.Says.Instead(List.of(across))));
            }
        }
        return site.withMenus(Outline.of(rows)).withAssignments(assignments);
    }

    /** Measured anew and laid out at one width. */
    @Benchmark
    public Laid width() {
        return RowFit.of(site, navigation).getFirst().at(WIDTH);
    }

    /** Measured anew, and where of all widths it stands in one line. */
    @Benchmark
    public List<Spans.Span> allWidths() {
        return RowFit.of(site, navigation).getFirst().holds();
    }

    /** The labels of the same items one under the other in the drawer, and where of all widths each has its line. */
    @Benchmark
    public List<Spans.Span> labels() {
        return ColumnFit.of(site, navigation).getFirst().holds();
    }

    /** The rows of all pages, with what is told of each. */
    @Benchmark
    public List<List<Spans.Span>> allPages() {
        return RowClass.of(site, menus).stream().map(row -> row.fit().holds()).toList();
    }
}
