package velnik.benchmarks;

import static java.util.Objects.requireNonNull;

import java.io.File;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
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
        Path folder = Files.createTempDirectory("velnik-load");
        Path statics = Files.createDirectories(folder.resolve("extra/web/visitor"));
        int port = 18_471;
        Path app = unpacked(jar, folder);
        for (String name : List.of("look.css", "visitor.js", "window.js")) {
            Files.writeString(statics.resolve(name), "");
        }
        Process server = new ProcessBuilder(
                        java(),
                        "-Xmx512m",
                        "-XX:+UseSerialGC",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        folder.resolve("extra") + File.pathSeparator + app,
                        "velnik.server.Velnik",
                        "--velnik.demo=true",
                        "--velnik.data=" + folder.resolve("data"),
                        "--server.port=" + port,
                        "--management.server.port=0")
                .redirectErrorStream(true)
                .redirectOutput(folder.resolve("log").toFile())
                .start();
        try (HttpClient client = HttpClient.newHttpClient()) {
            String base = "http://127.0.0.1:" + port;
            int size = awaited(client, base + PAGE, server);
            Files.writeString(statics.resolve("same-size.txt"), "x".repeat(size));
            List<Double> ratios = new ArrayList<>();
            for (int round = 0; round <= ROUNDS; round++) {
                double file = rate(client, base + FILE, size);
                double page = rate(client, base + PAGE, size);
                if (round > 0) {
                    ratios.add(page / file);
                }
            }
            return ratios.stream().sorted().toList().get(ROUNDS / 2);
        } finally {
            server.destroy();
            server.waitFor();
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

    private static int awaited(HttpClient client, String url, Process server) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url)).build();
        while (server.isAlive()) {
            try {
                HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
                if (response.statusCode() == 200) {
                    return response.body().length;
                }
            } catch (IOException notYet) {
                // it is still starting
            }
            Thread.sleep(200);
        }
        throw new IllegalStateException("the server ended before it answered");
    }

    private static Path unpacked(Path jar, Path folder) throws IOException, InterruptedException {
        Path app = folder.resolve("app");
        Process unpacking = new ProcessBuilder(
                        java(), "-Djarmode=tools", "-jar", jar.toString(), "extract", "--destination", app.toString())
                .redirectErrorStream(true)
                .start();
        try (InputStream said = unpacking.getInputStream()) {
            String words = Arrays.toString(said.readAllBytes());
            if (unpacking.waitFor() != 0) {
                throw new IllegalStateException("cannot unpack " + jar + ": " + words);
            }
        }
        return app.resolve(requireNonNull(jar.getFileName()));
    }

    private static String java() {
        return Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                .toString();
    }
}
