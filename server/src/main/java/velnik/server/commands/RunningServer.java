package velnik.server.commands;

import java.io.IOException;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;
import velnik.server.people.LocalKey;
import velnik.server.people.LocalKey.Door;

/** The server that runs on a data folder, called with the key that lies there. */
final class RunningServer {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();
    private final @Nullable Door door;

    private RunningServer(@Nullable Door door) {
        this.door = door;
    }

    static RunningServer on(Path data) throws IOException {
        return new RunningServer(LocalKey.of(data).orElse(null));
    }

    static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /** Not where there is none, nor where one was killed and only its key is left, whoever answers there by now. */
    boolean answers() {
        try {
            return door != null
                    && sent(door, "GET", "/-/api/backups", BodyHandlers.discarding())
                                    .statusCode()
                            == 200;
        } catch (IOException nobody) {
            return false;
        }
    }

    /** Has something made, and answers the path that it can be read at. */
    String made(String path) throws Commands.Refused, IOException {
        HttpResponse<String> response = sent(opened(), "POST", path, BodyHandlers.ofString());
        check(response.statusCode(), response.body());
        return path + "/" + JSON.readTree(response.body()).required("name").asString();
    }

    /** The file is there as a whole or not at all. */
    void saves(String path, Path target) throws Commands.Refused, IOException {
        Path part = Files.createTempFile(target.getParent(), "velnik-", ".part");
        try {
            HttpResponse<Path> response = sent(opened(), "GET", path, BodyHandlers.ofFile(part));
            check(response.statusCode(), response.statusCode() == 200 ? "" : Files.readString(part));
            Files.move(part, target, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /**
     * What it answers to a call.
     *
     * @param body as JSON; empty for none
     */
    byte[] answer(String method, String path, String body) throws Commands.Refused, IOException {
        HttpResponse<byte[]> response = sent(opened(), method, path, body, BodyHandlers.ofByteArray());
        check(response.statusCode(), new String(response.body(), StandardCharsets.UTF_8));
        return response.body();
    }

    private static void check(int status, String problem) throws Commands.Refused {
        if (status / 100 != 2) {
            throw new Commands.Refused(JSON.readTree(problem).path("detail").asString("It answers " + status + "."));
        }
    }

    private Door opened() {
        if (door == null) {
            throw new IllegalStateException("no server runs");
        }
        return door;
    }

    private <T> HttpResponse<T> sent(Door door, String method, String path, HttpResponse.BodyHandler<T> answer)
            throws IOException {
        return sent(door, method, path, "", answer);
    }

    private <T> HttpResponse<T> sent(
            Door door, String method, String path, String body, HttpResponse.BodyHandler<T> answer) throws IOException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(door.url() + path))
                .header("Authorization", door.authorization())
                .header("Content-Type", "application/json")
                .method(method, HttpRequest.BodyPublishers.ofString(body))
                .build();
        try {
            return client.send(request, answer);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IOException("it was stopped", stopped);
        }
    }
}
