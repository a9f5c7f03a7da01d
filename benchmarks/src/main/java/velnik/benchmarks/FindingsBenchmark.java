package velnik.benchmarks;

import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import velnik.core.content.LinkedTexts;
import velnik.core.figure.Clicks;
import velnik.core.finding.Finding;
import velnik.core.finding.Findings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Device;
import velnik.core.site.Site;

/** All findings of a site of 10,000 pages, with all that they are made from. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class FindingsBenchmark {
    private final Site site = Sites.of(10_000);

    @Benchmark
    public List<Finding> findings() {
        SiteNavigation navigation = SiteNavigation.of(site, Instant.EPOCH);
        return Findings.of(
                site,
                navigation,
                Whereabouts.of(site, navigation),
                Clicks.of(site, navigation, Device.WIDE, LinkedTexts.NONE),
                LinkedTexts.NONE);
    }
}
