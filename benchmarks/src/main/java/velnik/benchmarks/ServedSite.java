package velnik.benchmarks;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.SequencedMap;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * The rate of a visitor's page in each look against that of a static file of the same size, from one server, asked in
 * turn by the same clients.
 */
final class ServedSite {
    private static final int CLIENTS = 4;
    private static final int ROUNDS = 5;
    private static final long ROUND_NANOS = 2_000_000_000L;
    private static final String PAGE = "/hire/canoes";
    private static final String STATIC = "/-/static/visitor/";
    private static final String OLD = "/old-canoes";
    private static final String FORWARD = "{\"kind\":\"setForward\",\"from\":{\"kind\":\"AT\",\"address\":\"" + OLD
            + "\"},\"to\":{\"kind\":\"PAGE\",\"page\":\"canoes\"}}";

    private ServedSite() {}

    /**
     * @param pages by look, the rate of a page over that of a file of its size
     * @param old the rate of an address that forwards over that of a page
     */
    record Ratios(SequencedMap<String, Double> pages, double old) {}

    /** Medians over rounds; the first round only warms up. */
    static Ratios ratios(Path jar) throws IOException, InterruptedException, ExecutionException {
        try (DemoServer server = DemoServer.start(jar, 18_471);
                HttpClient client = HttpClient.newHttpClient();
                Desk desk = new Desk(server)) {
            server.awaits(client, PAGE);
            desk.signIn("mara", "slack-water");
            String revision = desk.publish(Desk.revision(desk.get("working-copy")), FORWARD);
            SequencedMap<String, Double> pages = new LinkedHashMap<>();
            List<Double> olds = new ArrayList<>();
            for (String look : Desk.LOOKS) {
                revision = desk.wear(revision, look);
                int size = server.awaits(client, PAGE);
                String name = look + ".txt";
                server.serves(name, "x".repeat(size));
                List<Double> rates = new ArrayList<>();
                for (int round = 0; round <= ROUNDS; round++) {
                    double file = rate(client, server.url(STATIC + name), 200, size);
                    double page = rate(client, server.url(PAGE), 200, size);
                    double old = rate(client, server.url(OLD), 301, 0);
                    if (round > 0) {
                        rates.add(page / file);
                        olds.add(old / page);
                    }
                }
                pages.put(look, median(rates));
            }
            return new Ratios(pages, median(olds));
        }
    }

    private static double median(List<Double> ratios) {
        return ratios.stream().sorted().toList().get(ratios.size() / 2);
    }

    private static double rate(HttpClient client, String url, int status, int size)
            throws InterruptedException, ExecutionException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url)).build();
        long end = System.nanoTime() + ROUND_NANOS;
        Callable<Integer> asking = () -> {
            int answers = 0;
            while (System.nanoTime() < end) {
                HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
                if (response.statusCode() != status || response.body().length != size) {
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
