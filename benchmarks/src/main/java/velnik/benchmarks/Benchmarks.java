package velnik.benchmarks;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.ExecutionException;
import org.jspecify.annotations.Nullable;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.TimeValue;
import org.openjdk.jmh.runner.options.VerboseMode;

/** Runs everything and prints each figure with its bound. */
public final class Benchmarks {
    private static final double CHANGE_BOUND_MICROS = 500;
    private static final double GROWTH_BOUND = 4;
    private static final double BULK_BOUND_MILLIS = 300;
    private static final double BULK_GROWTH_BOUND = 12;
    private static final double NAVIGATION_BOUND_MICROS = 20;
    private static final double ADDRESS_EDIT_BOUND_MILLIS = 2;
    private static final double ADDRESS_DRY_RUN_BOUND_MILLIS = 20;
    private static final double BIRTH_BOUND_MILLIS = 200;
    private static final double FINDINGS_BOUND_MILLIS = 100;
    private static final double SEARCH_BOUND_MILLIS = 5;
    private static final double FIT_BOUND_MICROS = 1_000;
    private static final double ROWS_BOUND_MILLIS = 100;
    private static final double IMPORT_BOUND_MILLIS = 3_000;
    private static final double SWITCH_BOUND_MILLIS = 1_000;
    private static final double VISITOR_BOUND = 0.95;
    private static final double OLD_BOUND = 0.8;

    private Benchmarks() {}

    public static void main(String[] arguments)
            throws RunnerException, IOException, InterruptedException, ExecutionException {
        Collection<RunResult> changes = run(ChangeBenchmark.class);
        for (String kind : new String[] {"add", "retitle", "move", "label"}) {
            double small = median(changes, kind, "1000");
            double large = median(changes, kind, "10000");
            line(
                    "%s on 10,000 pages and 2,000 items, median",
                    kind, large, "µs", large <= CHANGE_BOUND_MICROS, "≤ 500");
            line(
                    "%s, growth from 1,000 to 10,000 pages",
                    kind, large / small, "-fold", large / small <= GROWTH_BOUND, "≤ 4");
        }
        bulk();
        imports();
        forwarding();
        double navigation = median(run(NavigationBenchmark.class), "page", null);
        line(
                "%s, 10,000 pages, median",
                "all zones of one page", navigation, "µs", navigation <= NAVIGATION_BOUND_MICROS, "≤ 20");
        double findings = median(run(FindingsBenchmark.class), "findings", null);
        line("%s, 10,000 pages, median", "all findings", findings, "ms", findings <= FINDINGS_BOUND_MILLIS, "≤ 100");
        double search = median(run(SearchBenchmark.class), "find", null);
        line("%s, 10,000 pages, median", "a visitor's search", search, "ms", search <= SEARCH_BOUND_MILLIS, "≤ 5");
        Collection<RunResult> fits = run(FitBenchmark.class);
        for (String which : new String[] {"width", "allWidths"}) {
            double fit = median(fits, which, null);
            line(
                    "how a row of 40 items fits, %s, median",
                    which.equals("width") ? "at one width" : "at all widths",
                    fit,
                    "µs",
                    fit <= FIT_BOUND_MICROS,
                    "≤ 1,000");
        }
        double allRows = median(fits, "allPages", null) / 1_000;
        line("how all rows of %s fit, median", "5,000 pages", allRows, "ms", allRows <= ROWS_BOUND_MILLIS, "≤ 100");
        Collection<RunResult> maps = run(PersistentMapBenchmark.class);
        for (String operation : new String[] {"Find", "Replace"}) {
            double ratio = mean(maps, "pcollections" + operation) / mean(maps, "vavr" + operation);
            line(
                    "%s, time of PCollections over Vavr",
                    "persistent map, " + operation.toLowerCase(Locale.ROOT), ratio, "", true, "no bound");
        }
        Path jar = Path.of(System.getProperty("velnik.jar", "web/target/velnik-run.jar"));
        ServedSite.Ratios served = ServedSite.ratios(jar);
        served.pages()
                .forEach((look, rate) -> line(
                        "visitor page in %s against a static file, rate",
                        look, rate, "", rate >= VISITOR_BOUND, "≥ 0.95"));
        line("%s against a page, rate", "an old address", served.old(), "", served.old() >= OLD_BOUND, "≥ 0.8");
        double another = LookSwitch.millis(jar);
        line(
                "another look of %s, to its first page",
                "5,000 pages", another, "ms", another <= SWITCH_BOUND_MILLIS, "≤ 1,000");
        Throng.Result throng = Throng.run(jar);
        line("p99 of %s in a throng over the quiet one", "200 visitors", throng.p99(), "", throng.p99() <= 3, "≤ 3");
        line("%s that failed in it", "requests", throng.failed(), "", throng.failed() == 0, "0");
        line("%s made in it", "edits", throng.edits(), "", throng.edits() > 0, "> 0");
    }

    private static void forwarding() throws RunnerException {
        Collection<RunResult> results = run(ForwardingBenchmark.class);
        double edit = median(results, "edit", null) / 1_000;
        line(
                "%s of 10,000 published pages, median",
                "another address for the largest section", edit, "ms", edit <= ADDRESS_EDIT_BOUND_MILLIS, "≤ 2");
        double dryRun = median(results, "dryRun", null) / 1_000;
        line(
                "%s, with the list of addresses, median",
                "the same as a dry run", dryRun, "ms", dryRun <= ADDRESS_DRY_RUN_BOUND_MILLIS, "≤ 20");
        double birth = median(results, "birth", null) / 1_000;
        line("%s of it, median", "birth of the forwards", birth, "ms", birth <= BIRTH_BOUND_MILLIS, "≤ 200");
        line(
                "%s, median",
                "all addresses with their answers",
                median(results, "addressBook", null) / 1_000,
                "ms",
                true,
                "no bound");
        line("%s among 100,000, median", "an old address", median(results, "find", null), "µs", true, "no bound");
    }

    private static void bulk() throws RunnerException {
        Collection<RunResult> bulk = run(BulkBenchmark.class);
        for (String kind : BulkBenchmark.KINDS) {
            for (String titles : new String[] {"equal", "different"}) {
                String what = kind + ", " + titles + " titles";
                double most = median(bulk, kind, "19990", titles);
                line("%s, 19,990 rows on one level", what, most, "ms", most <= BULK_BOUND_MILLIS, "≤ 300");
                double growth = median(bulk, kind, "10000", titles) / median(bulk, kind, "1000", titles);
                line("%s, from 1,000 to 10,000 rows", what, growth, "-fold", growth <= BULK_GROWTH_BOUND, "≤ 12");
            }
        }
    }

    private static void imports() throws RunnerException {
        Collection<RunResult> imports = run(ImportBenchmark.class);
        for (String file : ImportBenchmark.FILES) {
            List<RunResult> ofFile = imports.stream()
                    .filter(result -> file.equals(result.getParams().getParam("file")))
                    .toList();
            for (String step : new String[] {"dryRun", "apply"}) {
                double millis = median(ofFile, step, null);
                line(
                        "%s, 19,000 rows on one level",
                        file + ", " + step, millis, "ms", millis <= IMPORT_BOUND_MILLIS, "≤ 3,000");
            }
        }
    }

    private static Collection<RunResult> run(Class<?> benchmark) throws RunnerException {
        return new Runner(new OptionsBuilder()
                        .include(benchmark.getName())
                        .forks(1)
                        .warmupIterations(2)
                        .warmupTime(TimeValue.seconds(2))
                        .measurementIterations(3)
                        .measurementTime(TimeValue.seconds(2))
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
    }

    private static double median(Collection<RunResult> results, String method, @Nullable String pages, String titles) {
        return median(
                results.stream()
                        .filter(result -> titles.equals(result.getParams().getParam("titles")))
                        .toList(),
                method,
                pages);
    }

    private static double median(Collection<RunResult> results, String method, @Nullable String pages) {
        return find(results, method, pages).getPrimaryResult().getStatistics().getPercentile(50);
    }

    private static double mean(Collection<RunResult> results, String method) {
        return find(results, method, null).getPrimaryResult().getScore();
    }

    private static RunResult find(Collection<RunResult> results, String method, @Nullable String pages) {
        return results.stream()
                .filter(result -> result.getParams().getBenchmark().endsWith("." + method))
                .filter(result ->
                        pages == null || pages.equals(result.getParams().getParam("pages")))
                .findFirst()
                .orElseThrow();
    }

    private static void line(String what, String subject, double value, String unit, boolean within, String bound) {
        System.out.printf(
                Locale.ROOT,
                "%-62s %10.2f %-6s %s (%s)%n",
                what.formatted(subject),
                value,
                unit,
                within ? "within" : "OVER",
                bound);
    }
}
