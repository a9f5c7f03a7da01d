package velnik.browser;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** A line between a visitor and the site on which pages come piece by piece. */
final class SlowLine implements AutoCloseable {
    private static final int PIECES = 30;
    private static final long MILLISECONDS_BETWEEN = 30;

    private final HttpClient client = HttpClient.newHttpClient();
    private final ExecutorService threads = Executors.newCachedThreadPool();
    private final RunningVelnik velnik;
    private final HttpServer server;

    SlowLine(RunningVelnik velnik) throws IOException {
        this.velnik = velnik;
        this.server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.setExecutor(threads);
        server.createContext("/", this::carry);
        server.start();
    }

    String url(String path) {
        return "http://localhost:" + server.getAddress().getPort() + path;
    }

    private void carry(HttpExchange exchange) throws IOException {
        URI asked = URI.create(velnik.url(exchange.getRequestURI().toString()));
        try (exchange) {
            HttpResponse<byte[]> answer =
                    client.send(HttpRequest.newBuilder(asked).build(), HttpResponse.BodyHandlers.ofByteArray());
            String type = answer.headers().firstValue("Content-Type").orElse("");
            exchange.getResponseHeaders().set("Content-Type", type);
            exchange.sendResponseHeaders(answer.statusCode(), 0);
            byte[] body = answer.body();
            int piece = type.startsWith("text/html") ? body.length / PIECES + 1 : body.length;
            for (int from = 0; from < body.length; from += piece) {
                exchange.getResponseBody().write(body, from, Math.min(piece, body.length - from));
                exchange.getResponseBody().flush();
                Thread.sleep(piece < body.length ? MILLISECONDS_BETWEEN : 0);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        server.stop(0);
        threads.shutdownNow();
        client.close();
    }
}
