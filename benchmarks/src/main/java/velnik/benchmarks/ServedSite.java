package velnik.benchmarks;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * The rate of a visitor's page against that of a static file of the same size, from one server, asked in turn by the
 * same clients.
 */
final class ServedSite {
    private static final int CLIENTS = 4;
    private static final int ROUNDS = 7;
    private static final long ROUND_NANOS = 2_000_000_000L;
    private static final String PAGE = "/hire/canoes";
    private static final String FILE = "/-/static/visitor/same-size.txt";

    private ServedSite() {}

    /** The median over rounds of the page's rate divided by the file's; the first round only warms up. */
    static double ratio(Path jar) throws IOException, InterruptedException, ExecutionException {
        try (DemoServer server = DemoServer.start(jar, 18_471);
                HttpClient client = HttpClient.newHttpClient()) {
            int size = server.awaits(client, PAGE);
            server.serves("same-size.txt", "x".repeat(size));
            List<Double> ratios = new ArrayList<>();
            for (int round = 0; round <= ROUNDS; round++) {
                double file = rate(client, server.url(FILE), size);
                double page = rate(client, server.url(PAGE), size);
                if (round > 0) {
                    ratios.add(page / file);
                }
            }
            return ratios.stream().sorted().toList().get(ROUNDS / 2);
        }
    }

    private static double rate(HttpClient client, String url, int size)
            throws InterruptedException, ExecutionException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url)).build();
        long end = System.nanoTime() + ROUND_NANOS;
        Callable<Integer> asking = () -> {
            int answers = 0;
            while (System.nanoTime() < end) {
                HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
                if (response.statusCode() != 200 || response.body().length != size) {
                    throw new IllegalStateException(url + " answered " + response.statusCode());
                }
                answers++;
            }
            return answers;
        };
        try (ExecutorService clients = Executors.newFixedThreadPool(CLIENTS)) {
            int answers = 0;
            for (Future<Integer> each : clients.invokeAll(Collections.nCopies(CLIENTS, asking))) {
                answers += each.get();
            }
            return answers;
        }
    }
}
