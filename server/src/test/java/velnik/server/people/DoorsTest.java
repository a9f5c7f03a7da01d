package velnik.server.people;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.Caller;
import velnik.server.Started;
import velnik.server.passwords.Attempts;

/** Who comes in, who is kept waiting, and what every answer tells the browser. */
public class DoorsTest {
    private static final List<String> HEADERS = List.of(
            "X-Content-Type-Options",
            "Cross-Origin-Opener-Policy",
            "Cross-Origin-Resource-Policy",
            "Permissions-Policy",
            "Referrer-Policy",
            "Content-Security-Policy");

    private Started server;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo();
    }

    @AfterClass
    public void stop() {
        server.close();
    }

    @DataProvider
    public Object[][] addresses() {
        return new Object[][] {
            {"/"},
            {"/nowhere"},
            {"/sitemap.xml"},
            {"/-/api/session"},
            {"/-/api/nowhere"},
            {"/-/manage/"},
            {"/-/static/editor/index.html"},
            {"/-/window/none/hire"},
            {"/%ff%zz"},
            {"/hire//canoes"},
        };
    }

    /** What is no page says nothing of pages; the container's own refusals carry the rest. */
    @Test(dataProvider = "addresses")
    public void everyAnswer_carriesTheHeaders(String path) {
        String answer =
                server.raw("GET " + path + " HTTP/1.1\r\nHost: brackwater.example\r\nConnection: close\r\n\r\n");
        for (String header : HEADERS) {
            boolean needless = header.equals("Content-Security-Policy")
                    && (path.equals("/sitemap.xml") || answer.startsWith("HTTP/1.1 404 ") && path.equals("/-/manage/"));
            assertTrue(needless || answer.contains(header + ": "), path + " lacks " + header + ": " + answer);
        }
    }

    @Test
    public void guessesMadeAtOnce_countAsOneAfterAnother() throws Exception {
        List<Callable<Integer>> guesses = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            int guess = i;
            Caller caller = server.caller();
            guesses.add(() -> caller.posts("/-/api/session", "{'name':'jo','password':'guess " + guess + "'}")
                    .response()
                    .statusCode());
        }
        int looked = 0;
        try (ExecutorService together = Executors.newFixedThreadPool(12)) {
            for (Future<Integer> answer : together.invokeAll(guesses)) {
                looked += answer.get() == 401 ? 1 : 0;
            }
        }
        assertEquals(looked, Attempts.FREE, "no more were looked at than one after another would have been");
    }

    @Test
    public void commonPasswords_areRefused_andNothingIsMade() {
        Caller mara = server.mara();
        for (String password : List.of("1234567890", "Qwertyuiop", "aaaaaaaaaaaa", "robin-ashby", "password12")) {
            mara.posts("/-/api/members", "{'name':'robin-ashby','displayName':'Robin','password':'" + password + "'}")
                    .refuses(422, "password-common");
        }
        assertFalse(mara.gets("/-/api/members").response().body().contains("robin-ashby"));
    }

    @Test
    public void preview_endsWithTheSessionThatOpenedIt() {
        Caller mara = server.mara();
        String window = mara.posts("/-/api/windows", "{}")
                .answers(201)
                .json()
                .path("address")
                .asString();
        assertEquals(server.visit(window + "/").statusCode(), 200);
        assertEquals(server.visit(window + "/?day=%2B999999999-12-31").statusCode(), 400);
        mara.deletes("/-/api/session").answers(204);
        assertEquals(server.visit(window + "/").statusCode(), 404);
    }

    /** Where the system knows such permissions. */
    @Test
    public void dataFolder_isItsOwnersAlone() throws IOException {
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(server.data())), "rwx------");
        try (Stream<Path> files = Files.list(server.data())) {
            // What lies in folders further down is behind the door of this one.
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                assertEquals(
                        PosixFilePermissions.toString(Files.getPosixFilePermissions(file)),
                        "rw-------",
                        file.toString());
            }
        }
    }

    @Test
    public void session_endsAfterAWeek_howeverBusy() {
        long week = Duration.ofDays(7).toMillis();
        assertFalse(LongestSession.isOver(0, week));
        assertTrue(LongestSession.isOver(0, week + 1));
    }

    @Test
    public void settingsOfAPerson_haveRoomForSoMany_andNoMore() {
        Caller desk = server.signedIn("visitor-desk", "low-water");
        String large = "x".repeat(400_000);
        desk.posts("/-/api/preferences", "{'name':'one','setting':'" + large + "'}")
                .answers(204);
        desk.posts("/-/api/preferences", "{'name':'two','setting':'" + large + "'}")
                .answers(204);
        desk.posts("/-/api/preferences", "{'name':'three','setting':'" + large + "'}")
                .refuses(422, "too-many-settings");
        desk.posts("/-/api/preferences", "{'name':'two','setting':'small'}").answers(204);
        assertEquals(
                desk.gets("/-/api/preferences")
                        .answers(200)
                        .json()
                        .path("settings")
                        .size(),
                2);
    }

    /** A hundred who send a byte now and then, and sixty who guess, keep nobody waiting. */
    @Test
    public void slowSendersAndGuessers_keepNobodyWaiting() throws Exception {
        List<Socket> slow = new ArrayList<>();
        int port = Integer.parseInt(server.url("").replaceAll(".*:", ""));
        try (ExecutorService others = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int i = 0; i < 100; i++) {
                Socket socket = new Socket("127.0.0.1", port);
                socket.getOutputStream()
                        .write(
                                "POST /-/api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 999\r\n\r\n{"
                                        .getBytes(StandardCharsets.ISO_8859_1));
                slow.add(socket);
            }
            for (int tries = 0; tries < 100 && threadsOfRequests() < slow.size(); tries++) {
                Thread.sleep(50);
            }
            assertTrue(threadsOfRequests() >= slow.size(), "each slow one has a thread of the system");
            Caller mara = server.mara();
            for (int i = 0; i < 60; i++) {
                Caller guesser = server.caller();
                String name = "nobody-" + i;
                others.submit(() -> guesser.posts("/-/api/session", "{'name':'" + name + "','password':'a guess'}"));
            }
            for (int i = 0; i < 20; i++) {
                assertEquals(server.visit("/hire").statusCode(), 200);
                mara.edits("{'kind':'retitlePage','page':'prices','title':'Prices " + i + "'}")
                        .answers(200);
            }
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    private static long threadsOfRequests() {
        return Thread.getAllStackTraces().keySet().stream()
                .filter(thread -> thread.getName().contains("-exec-"))
                .count();
    }
}
