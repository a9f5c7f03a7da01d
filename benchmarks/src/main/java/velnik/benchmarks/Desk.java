package velnik.benchmarks;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.UUID;

/** Where somebody edits a served site. */
final class Desk implements AutoCloseable {
    /** The one that the demo has comes last. */
    static final List<String> LOOKS = List.of("WEIR", "TOWPATH", "TIDETABLE", "STAITHE");

    private final DemoServer server;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    Desk(DemoServer server) {
        this.server = server;
    }

    /** Whether name and password were the right ones or not. */
    void signIn(String name, String password) throws IOException, InterruptedException {
        get("session");
        post("session", "{\"name\":\"" + name + "\",\"password\":\"" + password + "\"}");
        get("session");
    }

    HttpResponse<String> get(String call) throws IOException, InterruptedException {
        return client.send(request(call).GET().build(), HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> post(String call, String body) throws IOException, InterruptedException {
        return client.send(
                request(call).POST(BodyPublishers.ofString(body)).build(), HttpResponse.BodyHandlers.ofString());
    }

    /**
     * Makes changes, and publishes them.
     *
     * @param basedOn the revision of the working copy that they are meant for
     * @return its revision then
     * @throws IllegalStateException where one is refused
     */
    String publish(String basedOn, String changes) throws IOException, InterruptedException {
        String made = revision(accepted(
                "changes",
                "{\"request\":\"" + UUID.randomUUID() + "\",\"basedOn\":" + basedOn + ",\"changes\":[" + changes
                        + "]}"));
        accepted("releases", "{\"request\":\"" + UUID.randomUUID() + "\",\"basedOn\":" + made + ",\"note\":\"\"}");
        return made;
    }

    /** As {@link #publish}: the site in another look. */
    String wear(String basedOn, String look) throws IOException, InterruptedException {
        return publish(basedOn, "{\"kind\":\"setLook\",\"look\":\"" + look + "\"}");
    }

    private HttpResponse<String> accepted(String call, String body) throws IOException, InterruptedException {
        HttpResponse<String> answer = post(call, body);
        if (answer.statusCode() >= 300) {
            throw new IllegalStateException(call + " answered " + answer.statusCode() + ": " + answer.body());
        }
        return answer;
    }

    /** Of the working copy that an answer tells of. */
    static String revision(HttpResponse<String> answer) {
        return answer.body().replaceAll("(?s).*?\"revision\":(\\d+).*", "$1");
    }

    private HttpRequest.Builder request(String call) {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("none");
        return HttpRequest.newBuilder(URI.create(server.url("/-/api/" + call)))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token);
    }

    @Override
    public void close() {
        client.close();
    }
}
