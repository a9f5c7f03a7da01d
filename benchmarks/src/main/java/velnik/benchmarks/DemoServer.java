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
import java.util.Arrays;
import java.util.List;

/** The packed server with the demo business, in a process of its own, as an owner would start it. */
final class DemoServer implements AutoCloseable {
    private final Process process;
    private final Path statics;
    private final int port;

    private DemoServer(Process process, Path statics, int port) {
        this.process = process;
        this.statics = statics;
        this.port = port;
    }

    static DemoServer start(Path jar, int port) throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("velnik-load");
        Path statics = Files.createDirectories(folder.resolve("extra/web/visitor"));
        Path app = unpacked(jar, folder);
        for (String name : List.of("staithe.css", "visitor.js", "window.js")) {
            Files.writeString(statics.resolve(name), "");
        }
        Process process = new ProcessBuilder(
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
        return new DemoServer(process, statics, port);
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    int port() {
        return port;
    }

    /** Puts a file among those that are served as they are. */
    void serves(String name, String content) throws IOException {
        Files.writeString(statics.resolve(name), content);
    }

    /** Waits until an address is answered; gives the length of the answer in bytes. */
    int awaits(HttpClient client, String path) throws InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url(path))).build();
        while (process.isAlive()) {
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

    @Override
    public void close() throws InterruptedException {
        process.destroy();
        process.waitFor();
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
