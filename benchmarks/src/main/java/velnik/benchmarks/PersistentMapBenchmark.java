package velnik.benchmarks;

import io.vavr.collection.HashMap;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.PageId;

/** Candidates for the map under the outline: one row found, and one row replaced, among 10,000. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.NANOSECONDS)
public class PersistentMapBenchmark {
    private static final int ROWS = 10_000;

    private PMap<PageId, String> pcollections = HashTreePMap.empty();
    private HashMap<PageId, String> vavr = HashMap.empty();
    private final PageId[] ids = new PageId[ROWS];
    private final Random random = new Random(1);

    @Setup
    public void fill() {
        for (int i = 0; i < ROWS; i++) {
            ids[i] = SiteGenerator.id(i);
            pcollections = pcollections.plus(ids[i], "row");
            vavr = vavr.put(ids[i], "row");
        }
    }

    private PageId any() {
        return ids[random.nextInt(ROWS)];
    }

    @Benchmark
    public @Nullable String pcollectionsFind() {
        return pcollections.get(any());
    }

    @Benchmark
    public @Nullable String vavrFind() {
        return vavr.getOrElse(any(), "none");
    }

    @Benchmark
    public PMap<PageId, String> pcollectionsReplace() {
        return pcollections.plus(any(), "other");
    }

    @Benchmark
    public HashMap<PageId, String> vavrReplace() {
        return vavr.put(any(), "other");
    }
}
