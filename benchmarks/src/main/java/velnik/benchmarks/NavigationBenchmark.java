package velnik.benchmarks;

import java.time.Instant;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.SiteNavigation;
import velnik.core.sample.SiteGenerator;

/** What all zones of one page show, on a site of 10,000 pages. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
public class NavigationBenchmark {
    private static final int PAGES = 10_000;

    private final SiteNavigation navigation = SiteNavigation.of(Sites.of(PAGES), Instant.EPOCH);
    private final Random random = new Random(1);

    @Benchmark
    public Navigation page() {
        return navigation.forPage(SiteGenerator.id(random.nextInt(PAGES)));
    }
}
