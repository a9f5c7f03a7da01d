package velnik.benchmarks;

import java.io.IOException;
import java.net.http.HttpClient;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** How long it takes until visitors of a large site get the first page in another look. */
final class LookSwitch {
    private static final int PAGES = 5_000;
    private static final int ROUNDS = 2;
    private static final String PAGE = "/hire/canoes";
    private static final double NANOS_PER_MILLI = 1e6;

    private LookSwitch() {}

    /**
     * Of the looks the slowest, in ms: the edit, the publishing and the first page after it, one after another. The
     * last round counts, since a server has been up for a while before its look is changed.
     */
    static double millis(Path jar) throws IOException, InterruptedException {
        try (DemoServer server = DemoServer.start(jar, 18_475);
                HttpClient client = HttpClient.newHttpClient();
                Desk desk = new Desk(server)) {
            server.awaits(client, PAGE);
            desk.signIn("mara", "slack-water");
            String revision = desk.publish(Desk.revision(desk.get("working-copy")), pages());
            double slowest = 0;
            for (int round = 0; round < ROUNDS; round++) {
                slowest = 0;
                for (String look : Desk.LOOKS) {
                    long start = System.nanoTime();
                    revision = desk.wear(revision, look);
                    server.awaits(client, PAGE);
                    slowest = Math.max(slowest, (System.nanoTime() - start) / NANOS_PER_MILLI);
                }
            }
            return slowest;
        }
    }

    /** Under a page of the header's menu, so that all menus have to be made of them. */
    private static String pages() {
        return IntStream.range(0, PAGES)
                .mapToObj(number -> "{\"id\":\"many-" + number + "\",\"place\":{\"parent\":\"repairs\",\"after\":"
                        + (number == 0 ? "null" : "\"many-" + (number - 1) + '"') + "},\"title\":\"Page " + number
                        + "\",\"reach\":\"OPEN\"}")
                .collect(Collectors.joining(",", "{\"kind\":\"addPages\",\"pages\":[", "]}"));
    }
}
