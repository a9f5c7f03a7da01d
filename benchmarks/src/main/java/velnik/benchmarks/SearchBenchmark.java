package velnik.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import velnik.core.reach.Openings;
import velnik.core.search.PageIndex;
import velnik.core.search.PageSearch;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** A visitor's question to a site of 10,000 pages with 2,000 characters of text each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class SearchBenchmark {
    private static final String TEXT = "The ebb runs at three knots under the bridge. ".repeat(44);

    private final Site site = Sites.of(10_000);
    private final PageSearch search =
            PageSearch.of(site, Openings.ALWAYS, Visitor.NON_MEMBER, PageIndex.of(site, page -> TEXT, List.of()));

    /** One word is in the title of some pages, the other nowhere but in their texts. */
    @Benchmark
    public PageSearch.Found find() {
        return search.find("moor bridge");
    }
}
