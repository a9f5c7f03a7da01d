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
import velnik.core.fit.Laid;
import velnik.core.fit.RowFit;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Outline;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** A header of forty items, and the room it has. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class FitBenchmark {
    private static final int ITEMS = 40;
    private static final int WIDTH = 1024;

    private final Site site = withRow(Sites.of(5_000));
    private final Navigation navigation = SiteNavigation.of(site, Instant.EPOCH).forPage(site.home());

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
        return site.withMenus(Outline.of(rows)).withAssignments(List.of(Assignment.everywhere(Zone.HEADER, row)));
    }

    /** Measured anew and laid out at one width. */
    @Benchmark
    public Laid width() {
        return RowFit.of(site, navigation).getFirst().at(WIDTH);
    }

    /** Measured anew, and where of all widths it stands in one line. */
    @Benchmark
    public List<RowFit.Span> allWidths() {
        return RowFit.of(site, navigation).getFirst().holds();
    }
}
