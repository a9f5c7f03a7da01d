package velnik.server.visiting;

import static org.testng.Assert.assertEquals;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.Started;

/** The visitor site on a host of its own. This machine has two names: one for the visitors, one for the editor. */
public class HostsTest {
    private static final String VISITORS = "127.0.0.1";
    private static final String EDITOR = "localhost";

    private Started server;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo("--velnik.visitor-host=" + VISITORS);
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    @DataProvider
    public Object[][] requests() {
        return new Object[][] {
            {VISITORS, "/hire/canoes", 200},
            {VISITORS, "/sitemap.xml", 200},
            {VISITORS, "/-/members/in", 302},
            {VISITORS, "/-/files/price-list/price-list.pdf", 200},
            {VISITORS, "/-/enquiries/group-bookings", 200},
            {VISITORS, "/-/api/files", 404},
            {VISITORS, "/-/manage/", 404},
            {VISITORS, "/%2d/manage/", 404},
            {VISITORS, "/-;x/manage/", 404},
            {VISITORS, "/x/../-/manage/", 404},
            {VISITORS, "/-/api/session", 404},
            {VISITORS, "/-/window/x/hire", 404},
            {EDITOR, "/-/api/session", 200},
            {EDITOR, "/", 302},
            {EDITOR, "/hire/canoes?from=a-letter", 302},
        };
    }

    @Test(dataProvider = "requests")
    public void eachHost_answersForItsOwn(String host, String path, int status) {
        HttpResponse<String> response = server.visitAt(host, path);
        assertEquals(response.statusCode(), status, host + path);
        if (status == 302 && host.equals(EDITOR)) {
            assertEquals(response.headers().firstValue("Location").orElse(""), server.url(path));
        }
    }

    /** What the browser says of the host is not what it says itself. */
    @Test
    public void hostForwardedByWhoeverAsks_opensNoDoor() throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(server.url("/-/manage/").replace(EDITOR, VISITORS)))
                .header("X-Forwarded-Host", EDITOR)
                .build();
        HttpResponse<String> answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
        assertEquals(answer.statusCode(), 404);
    }
}
