package velnik.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.util.FileSystemUtils;

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

    /** With the demo business, made in a folder. */
    public static Started demoIn(Path data) {
        return new Started(data, true);
    }

    /** With the demo business, made once and copied, since making it takes as long as starting. */
    public static Started demo(String... settings) throws IOException {
        Path data = Files.createTempDirectory("velnik-test");
        FileSystemUtils.copyRecursively(Demo.DATA, data);
        return new Started(data, true, settings);
    }

    private static final class Demo {
        static final Path DATA = made();

        private static Path made() {
            try {
                Path data = Files.createTempDirectory("velnik-demo");
                demoIn(data).close();
                return data;
            } catch (IOException failed) {
                throw new UncheckedIOException(failed);
            }
        }
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

    /** Writes, and is gone before any answer once {@code begun} is true. */
    public void sendsAndLeaves(String request, BooleanSupplier begun) {
        URI base = URI.create(url("/"));
        try (Socket socket = new Socket(base.getHost(), base.getPort())) {
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            await(begun);
        } catch (IOException failed) {
            throw new AssertionError("nobody takes " + request, failed);
        }
    }

    /** Waits for what the server does of its own; ten seconds at most. */
    public static void await(BooleanSupplier done) {
        long end = System.nanoTime() + 10_000_000_000L;
        while (!done.getAsBoolean()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("it did not happen within ten seconds");
            }
            LockSupport.parkNanos(5_000_000L);
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

    /**
     * A visitor asks for an address; redirects are not followed.
     *
     * @param headers names and values in turn
     */
    public HttpResponse<String> visit(String path, String... headers) {
        return get(url(path), headers);
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

    private static HttpResponse<String> get(String url, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(url));
        for (int i = 0; i < headers.length; i += 2) {
            request.header(headers[i], headers[i + 1]);
        }
        try {
            return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError("no answer from " + url, failed);
        }
    }

    @Override
    public void close() {
        context.close();
    }
}
