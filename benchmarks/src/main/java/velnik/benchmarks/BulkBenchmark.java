package velnik.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
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
import velnik.core.change.Outcome;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.outline.Place;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.core.undo.Undoing;

/**
 * Edits of very many rows on one flat level, which is the dearest shape: each with its notices and the comparison that
 * storage and undo live on.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class BulkBenchmark {
    static final String[] KINDS = {"paste", "move", "set", "remove", "restore", "undo"};

    @Param({"1000", "10000", "19990"})
    int pages;

    @Param({"equal", "different"})
    String titles = "equal";

    private final Site begun = SiteGenerator.begun();
    private Change.AddPages paste = new Change.AddPages(List.of());
    private List<PageId> ids = List.of();
    private Site filled = begun;
    private Site removed = begun;
    private Difference removal = Difference.between(begun, begun);

    @Setup
    public void fill() {
        List<Change.NewPage> fresh = new ArrayList<>();
        fresh.add(Change.NewPage.open(new PageId("home"), Place.top(), "Home"));
        fresh.add(Change.NewPage.open(new PageId("target"), new Place<>(null, new PageId("home")), "Elsewhere"));
        PageId last = new PageId("target");
        for (int i = 0; i < pages; i++) {
            String title = titles.equals("equal") ? "The same" : "Page " + i;
            fresh.add(Change.NewPage.open(SiteGenerator.id(i), new Place<>(null, last), title));
            last = SiteGenerator.id(i);
        }
        paste = new Change.AddPages(fresh);
        ids = IntStream.range(0, pages).mapToObj(SiteGenerator::id).toList();
        filled = after(begun, paste);
        removed = after(filled, removal());
        removal = Difference.between(filled, removed);
    }

    private Change removal() {
        return Change.RemovePages.of(new RemovalId("gone"), ids, Change.Subpages.GO_TOO);
    }

    @Benchmark
    public Difference paste() {
        return edited(begun, paste);
    }

    /** Every other page, in reverse, under another. */
    @Benchmark
    public Difference move() {
        List<PageId> half = IntStream.range(0, pages / 2)
                .mapToObj(i -> ids.get(pages - 1 - 2 * i))
                .toList();
        return edited(filled, new Change.MovePages(half, Place.firstUnder(new PageId("target"))));
    }

    @Benchmark
    public Difference set() {
        return edited(filled, new Change.SetReach(ids, Reach.HELD_BACK));
    }

    @Benchmark
    public Difference remove() {
        return edited(filled, removal());
    }

    @Benchmark
    public Difference restore() {
        return edited(removed, new Change.Restore(new RemovalId("gone")));
    }

    @Benchmark
    public Optional<Site> undo() {
        return Undoing.undo(removed, removal) instanceof Undoing.Result.Undone(Site site)
                ? Optional.of(site)
                : Optional.empty();
    }

    private static Difference edited(Site site, Change change) {
        return Difference.between(site, after(site, change));
    }

    private static Site after(Site site, Change change) {
        return switch (Changes.apply(site, change, Circumstances.NOBODY)) {
            case Outcome.Applied applied -> applied.site();
            case Outcome.Refused refused ->
                throw new IllegalStateException(refused.why().sentence());
        };
    }
}
