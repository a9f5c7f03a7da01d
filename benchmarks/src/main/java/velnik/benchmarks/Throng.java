package velnik.benchmarks;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Queue;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadLocalRandom;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;

/**
 * Two hundred visitors alone, then the same beside two editors, a hundred who send a byte every three seconds, and sixty
 * who guess passwords: nobody is failed, and hardly anybody waits longer.
 */
final class Throng {
    private static final int VISITORS = 200;
    private static final int SLOW = 100;
    private static final int GUESSERS = 60;
    private static final List<String> PAGES = List.of("/", "/hire", "/hire/canoes", "/repairs/engines", "/contact");

    private final DemoServer server;
    private final HttpClient client = HttpClient.newHttpClient();
    private final AtomicInteger failed = new AtomicInteger();

    private Throng(DemoServer server) {
        this.server = server;
    }

    /**
     * @param p99 of a visitor's wait in the throng over the quiet one
     * @param failed requests of visitors and editors that got no good answer
     * @param edits that the editors made
     */
    record Result(double p99, int failed, int edits) {}

    static Result run(Path jar) throws IOException, InterruptedException {
        try (DemoServer server = DemoServer.start(jar, 18_473)) {
            Throng throng = new Throng(server);
            server.awaits(throng.client, "/");
            AtomicBoolean over = new AtomicBoolean();
            AtomicInteger edits = new AtomicInteger();
            try (ExecutorService others = Executors.newVirtualThreadPerTaskExecutor()) {
                throng.visit(Duration.ofSeconds(5));
                throng.editors(others, over, edits);
                throng.visit(Duration.ofSeconds(15)); // warms up, editing too
                over.set(true);
            }
            double quiet = throng.visit(Duration.ofSeconds(20));
            over.set(false);
            edits.set(0);
            throng.failed.set(0);
            try (ExecutorService others = Executors.newVirtualThreadPerTaskExecutor()) {
                throng.editors(others, over, edits);
                for (int i = 0; i < SLOW; i++) {
                    others.submit(() -> throng.sendSlowly(over));
                }
                for (int i = 0; i < GUESSERS; i++) {
                    String name = "nobody-" + i;
                    others.submit(() -> throng.guess(name));
                }
                double loud = throng.visit(Duration.ofSeconds(30));
                over.set(true);
                return new Result(loud / quiet, throng.failed.get(), edits.get());
            }
        }
    }

    /** Two who edit until it is over; they sign in before anybody guesses. */
    private void editors(ExecutorService others, AtomicBoolean over, AtomicInteger edits) throws InterruptedException {
        others.submit(() -> edit("mara", "slack-water", "canoes", over, edits));
        others.submit(() -> edit("jo", "neap-tide", "kayaks", over, edits));
        Thread.sleep(3_000);
    }

    /** The 99th percentile of the waits of all visitors, each of whom reads for a second or two between pages. */
    private double visit(Duration howLong) throws InterruptedException {
        Queue<Long> waits = new ConcurrentLinkedQueue<>();
        long end = System.nanoTime() + howLong.toNanos();
        try (ExecutorService visitors = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < VISITORS; i++) {
                visitors.submit(() -> {
                    ThreadLocalRandom random = ThreadLocalRandom.current();
                    while (System.nanoTime() < end) {
                        Thread.sleep(random.nextInt(500, 2_000));
                        String page = PAGES.get(random.nextInt(PAGES.size()));
                        long begun = System.nanoTime();
                        if (status(
                                        HttpRequest.newBuilder(URI.create(server.url(page)))
                                                .build(),
                                        client)
                                != 200) {
                            failed.incrementAndGet();
                        }
                        waits.add(System.nanoTime() - begun);
                    }
                    return null;
                });
            }
        }
        List<Long> sorted = waits.stream().sorted().toList();
        return sorted.get(sorted.size() * 99 / 100);
    }

    private static int status(HttpRequest request, HttpClient client) throws InterruptedException {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
        } catch (IOException noAnswer) {
            return 0;
        }
    }

    /** Retitles a page every third of a second until it is over. */
    private @Nullable Void edit(String name, String password, String page, AtomicBoolean over, AtomicInteger edits)
            throws InterruptedException, IOException {
        try (Desk desk = new Desk(server)) {
            desk.signIn(name, password);
            String revision = Desk.revision(desk.get("working-copy"));
            for (int i = 0; !over.get(); i++) {
                HttpResponse<String> answer = desk.post(
                        "changes",
                        "{\"request\":\"" + name + "-edit-" + UUID.randomUUID() + "\",\"basedOn\":" + revision
                                + ",\"changes\":[{\"kind\":\"retitlePage\",\"page\":\"" + page
                                + "\",\"title\":\"Title " + i + "\"}]}");
                if (answer.statusCode() == 200) {
                    revision = Desk.revision(answer);
                    edits.incrementAndGet();
                } else {
                    failed.incrementAndGet();
                }
                Thread.sleep(300);
            }
        }
        return null;
    }

    private void sendSlowly(AtomicBoolean over) {
        try (Socket socket = new Socket("127.0.0.1", server.port())) {
            socket.getOutputStream()
                    .write(("POST /-/members/in HTTP/1.1\r\nHost: x\r\nContent-Type:"
                                    + " application/x-www-form-urlencoded\r\nContent-Length: 5000\r\n\r\nname=")
                            .getBytes(StandardCharsets.ISO_8859_1));
            while (!over.get()) {
                Thread.sleep(3_000);
                socket.getOutputStream().write('x');
            }
        } catch (IOException | InterruptedException closed) {
            // it was not waited for any longer
        }
    }

    private @Nullable Void guess(String name) throws InterruptedException {
        try (Desk desk = new Desk(server)) {
            desk.signIn(name, "a guess");
        } catch (IOException noAnswer) {
            // guessers are not those who wait
        }
        return null;
    }
}
