package velnik.benchmarks;

import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.MenuChange;
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** One edit with all that belongs to it: the change, its notices, and the comparison that storage and undo live on. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class ChangeBenchmark {

    @Param({"1000", "10000"})
    int pages;

    private Site site = Site.bare();
    private final Random random = new Random(1);

    @Setup
    public void generate() {
        site = Sites.of(pages);
    }

    @Benchmark
    public Difference add() {
        return edited(new Change.AddPages(
                List.of(Change.NewPage.open(new PageId("fresh"), Place.firstUnder(any()), "A fresh page"))));
    }

    @Benchmark
    public Difference retitle() {
        return edited(new Change.RetitlePage(any(), "Another title"));
    }

    /** A leaf half the time, a branch of any size otherwise; moves that must be refused count too. */
    @Benchmark
    public Difference move() {
        return edited(new Change.MovePages(List.of(any()), Place.firstUnder(any())));
    }

    /** Gives an item a label of its own. */
    @Benchmark
    public Difference label() {
        MenuRowId item = new MenuRowId("item-" + random.nextInt(Sites.ITEMS));
        return edited(new MenuChange.SetItems(
                List.of(new MenuChange.RowName(item, null)), MenuChange.ItemEdit.label("Another label")));
    }

    private PageId any() {
        return SiteGenerator.id(random.nextInt(pages));
    }

    private Difference edited(Change change) {
        return switch (Changes.apply(site, change, Circumstances.NOBODY)) {
            case Outcome.Applied applied -> Difference.between(site, applied.site());
            case Outcome.Refused refused -> Difference.between(site, site);
        };
    }
}
