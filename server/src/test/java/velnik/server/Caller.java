package velnik.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Iterator;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody who calls the server as the editor does, cookies and all. JSON may be written with single quotes. */
public final class Caller {
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Started server;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private int requests;

    Caller(Started server) {
        this.server = server;
        gets("/-/api/session"); // brings the CSRF cookie
    }

    /** What came back. */
    public record Answer(HttpResponse<String> response) {
        public Answer answers(int status) {
            assertEquals(response.statusCode(), status, response.body());
            return this;
        }

        /** The answer is this problem, as problem+json with a sentence. */
        public Answer refuses(int status, String type) {
            answers(status);
            assertEquals(response.headers().firstValue("Content-Type").orElse(""), "application/problem+json");
            assertEquals(json().path("type").asString(), "/-/problems/" + type);
            assertTrue(json().path("detail").asString().endsWith("."), response.body());
            return this;
        }

        public JsonNode json() {
            return JSON.readTree(response.body());
        }
    }

    public Answer gets(String path) {
        return send(request(path).GET());
    }

    /** Listens to server-sent events. */
    public Stream listens(String path) {
        try {
            HttpResponse<java.util.stream.Stream<String>> response =
                    client.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofLines());
            assertEquals(response.statusCode(), 200);
            return new Stream(response.body());
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError("no answer", failed);
        }
    }

    /** Events as they come. */
    public static final class Stream implements AutoCloseable {
        private final java.util.stream.Stream<String> lines;
        private final Iterator<String> data;

        private Stream(java.util.stream.Stream<String> lines) {
            this.lines = lines;
            this.data = lines.filter(line -> line.startsWith("data:"))
                    .map(line -> line.substring("data:".length()))
                    .iterator();
        }

        /** What the next one carries; waits for it. */
        public String next() {
            return data.next();
        }

        @Override
        public void close() {
            lines.close();
        }
    }

    public Answer posts(String path, String json) {
        return send(request(path)
                .header("X-XSRF-TOKEN", csrf())
                .POST(HttpRequest.BodyPublishers.ofString(json.replace('\'', '"'))));
    }

    /** Adds a file, under a request name of its own. */
    public Answer uploads(String file, String name, byte[] bytes) {
        String path = "/-/api/files?file=" + file + "&name=" + URLEncoder.encode(name, StandardCharsets.UTF_8) + "&"
                + requested();
        return send(request(path).header("X-XSRF-TOKEN", csrf()).POST(HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    public Answer replaces(String file, byte[] bytes) {
        return send(request("/-/api/files/" + file + "/content?" + requested())
                .header("X-XSRF-TOKEN", csrf())
                .PUT(HttpRequest.BodyPublishers.ofByteArray(bytes)));
    }

    private String requested() {
        return "request=file-" + ++requests + "-" + System.identityHashCode(this) + "&basedOn=" + revision();
    }

    /** For requests that are written by hand. */
    public String cookieHeader() {
        return cookies.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
    }

    /** That of this session against forged requests. */
    public String token() {
        return csrf();
    }

    public Answer deletes(String path) {
        return send(request(path).header("X-XSRF-TOKEN", csrf()).DELETE());
    }

    public Answer postsWithoutCsrf(String path, String json) {
        return send(request(path).POST(HttpRequest.BodyPublishers.ofString(json.replace('\'', '"'))));
    }

    /** An edit on the newest revision, under a request name of its own. */
    public Answer edits(String... changes) {
        return editsAs("request-" + ++requests + "-" + System.identityHashCode(this), revision(), changes);
    }

    public Answer editsAs(String request, long basedOn, String... changes) {
        return posts(
                "/-/api/changes",
                "{'request':'" + request + "','basedOn':" + basedOn + ",'changes':[" + String.join(",", changes)
                        + "]}");
    }

    /** Asks what would become of an edit. */
    public Answer tries(String change) {
        return posts(
                "/-/api/changes?dryRun=true",
                "{'request':'only-asking','basedOn':" + revision() + ",'changes':[" + change + "]}");
    }

    public Answer steps(String undoOrRedo) {
        return posts(
                "/-/api/" + undoOrRedo, "{'request':'step-" + ++requests + "-" + System.identityHashCode(this) + "'}");
    }

    /** @param how ALONE, TOGETHER or SKIP */
    public Answer undoes(String how) {
        return posts(
                "/-/api/undo",
                "{'request':'step-" + ++requests + "-" + System.identityHashCode(this) + "','how':'" + how + "'}");
    }

    public Answer publishes() {
        return posts(
                "/-/api/releases",
                "{'request':'release-" + System.nanoTime() + "','basedOn':" + revision() + ",'note':''}");
    }

    public JsonNode workingCopy() {
        return gets("/-/api/working-copy").answers(200).json();
    }

    /** As the lightest answer tells it. */
    public long revision() {
        return gets("/-/api/bin").answers(200).json().path("revision").asLong();
    }

    /** All pages as the editor gets them, to see whether anything changed. */
    public String pages() {
        return workingCopy().path("pages").toString();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(server.url(path))).header("Content-Type", "application/json");
    }

    private Answer send(HttpRequest.Builder request) {
        try {
            return new Answer(client.send(request.build(), HttpResponse.BodyHandlers.ofString()));
        } catch (IOException | InterruptedException failed) {
            throw new AssertionError("no answer", failed);
        }
    }

    private String csrf() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
    }
}
