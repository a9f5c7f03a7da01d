package velnik.server;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The whole server on a real file, on a free port, spoken to over HTTP. */
public final class Started implements AutoCloseable {
    private final Path data;
    private final ConfigurableApplicationContext context;

    private Started(Path data, boolean demo, String... settings) {
        this.data = data;
        String[] own = {
            "--velnik.data=" + data, "--velnik.demo=" + demo, "--server.port=0", "--management.server.port=0"
        };
        this.context = new SpringApplication(Velnik.class)
                .run(Stream.concat(Stream.of(own), Stream.of(settings)).toArray(String[]::new));
    }

    /** With the demo business, in a folder. */
    public static Started demoIn(Path data) {
        return new Started(data, true);
    }

    public static Started demo(String... settings) throws IOException {
        return new Started(Files.createTempDirectory("velnik-test"), true, settings);
    }

    /** On data that is there already. */
    public static Started on(Path data) {
        return new Started(data, false);
    }

    public static Started empty() throws IOException {
        return new Started(Files.createTempDirectory("velnik-test"), false);
    }

    /** Stops, and starts again on the same data. */
    public Started again(String... settings) {
        context.close();
        return new Started(data, false, settings);
    }

    /** A part of the server, for what no call asks of it. */
    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Writes, and is gone before any answer. */
    public void sendsAndLeaves(String request) {
        URI base = URI.create(url("/"));
        try (Socket socket = new Socket(base.getHost(), base.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
        } catch (IOException failed) {
            throw new AssertionError("nobody takes " + request, failed);
        }
    }

    public Path data() {
        return data;
    }

    public String url(String path) {
        return "http://127.0.0.1:" + context.getEnvironment().getRequiredProperty("local.server.port") + path;
    }

    public Caller caller() {
        return new Caller(this);
    }

    /** Somebody at the editor, signed in. */
    public Caller signedIn(String name, String password) {
        Caller caller = caller();
        caller.posts("/-/api/session", "{'name':'" + name + "','password':'" + password + "'}")
                .answers(200);
        caller.gets("/-/api/session"); // signing in ends the old CSRF token, this brings the new one
        return caller;
    }

    public Caller mara() {
        return signedIn("mara", "slack-water");
    }

    /** A visitor asks for an address; redirects are not followed. */
    public HttpResponse<String> visit(String path) {
        return get(url(path));
    }

    /** The same on another name of this machine. */
    public HttpResponse<String> visitAt(String host, String path) {
        return get(url(path).replace("127.0.0.1", host));
    }

    /** The whole answer to a request as it is written, since clients mend what they send. */
    public String raw(String request) {
        URI base = URI.create(url("/"));
        try (Socket socket = new Socket(base.getHost(), base.getPort())) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException failed) {
            throw new AssertionError("no answer to " + request, failed);
        }
    }

    private static HttpResponse<String> get(String url) {
        try {
            HttpRequest request = HttpRequest.newBuilder(URI.create(url)).build();
            return HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError("no answer from " + url, failed);
        }
    }

    @Override
    public void close() {
        context.close();
    }
}
