package velnik.benchmarks;

import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.edit.Changes;
import velnik.core.importing.Destination;
import velnik.core.importing.FileFormat;
import velnik.core.importing.Found;
import velnik.core.importing.ImportChoices;
import velnik.core.importing.ImportPlan;
import velnik.core.importing.SourceFile;
import velnik.core.sample.SiteGenerator;
import velnik.core.site.Site;

/** Files of 19,000 rows, all on one flat level: looked at as a dry run, and done. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
public class ImportBenchmark {
    static final String[] FILES = {"sitemap", "new pages", "changed pages", "forwards"};

    private static final int ROWS = 19_000;
    private static final ImportChoices CHOICES =
            new ImportChoices(new Destination.Pages(null), ImportChoices.Matching.ADDRESS, Set.of());

    @Param({"sitemap", "new pages", "changed pages", "forwards"})
    String file = "sitemap";

    private Site site = SiteGenerator.begun();
    private SourceFile source = new SourceFile("", "");
    private ImportPlan plan = dryRunOf(site, new SourceFile("a.txt", "Home"));

    @Setup
    public void write() {
        String sitemap = rows("<urlset>", i -> "<url><loc>https://o.example/p" + i + "</loc></url>") + "</urlset>";
        if (!file.equals("sitemap") && !file.equals("new pages")) {
            site = done(site, dryRunOf(site, new SourceFile("s.xml", sitemap)));
        }
        source = new SourceFile(
                file.equals("sitemap") ? "s.xml" : "t.csv",
                switch (file) {
                    case "sitemap" -> sitemap;
                    case "forwards" -> rows("from,to\n", i -> "/old" + i + ",/p" + i + "\n");
                    default ->
                        rows(
                                "title,address,topics,summary\n",
                                i -> "Page! " + i + ",/p" + i + ",t" + i % 50 + ",Words\n");
                });
        plan = dryRun();
    }

    private static String rows(String before, IntFunction<String> row) {
        return IntStream.range(0, ROWS).mapToObj(row).collect(Collectors.joining("", before, ""));
    }

    @Benchmark
    public ImportPlan dryRun() {
        return dryRunOf(site, source);
    }

    @Benchmark
    public Site apply() {
        return done(site, plan);
    }

    private static ImportPlan dryRunOf(Site site, SourceFile file) {
        Found found = (Found) FileFormat.read(List.of(file));
        return ImportPlan.of(site, found, CHOICES, key -> "read-" + key, Circumstances.NOBODY);
    }

    private static Site done(Site site, ImportPlan plan) {
        return ((Outcome.Applied) Changes.applyAll(site, plan.changes(), Circumstances.NOBODY)).site();
    }
}
