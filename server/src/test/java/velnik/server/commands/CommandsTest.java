package velnik.server.commands;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import velnik.server.Started;
import velnik.server.Velnik;
import velnik.server.people.LocalKey;
import velnik.server.settings.DataFolder;

/** What is done from the command line, as processes of their own. */
public class CommandsTest {
    private static final String BUSINESS = "Brackwater Boatyard";

    private Started server;
    private Path folder;

    @BeforeClass
    public void start() throws IOException {
        server = Started.demo();
        DataFolder.lock(server.data()); // as one that was not started by a test
        folder = Files.createTempDirectory("velnik-commands");
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        server.close();
    }

    private record Said(int status, String words) {}

    private static Process started(Path data, String... words) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                        .toString(),
                "-XX:TieredStopAtLevel=1",
                "-Dvelnik.data=" + data,
                "-cp",
                requireNonNull(System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"))),
                Velnik.class.getName()));
        command.addAll(List.of(words));
        return new ProcessBuilder(command).redirectErrorStream(true).start();
    }

    private static Said command(Path data, String... words) throws IOException, InterruptedException {
        Process process = started(data, words);
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertTrue(process.waitFor(60, TimeUnit.SECONDS), "it ends by itself");
        return new Said(process.exitValue(), said);
    }

    private static void does(Path data, String sentence, String... words) throws IOException, InterruptedException {
        Said said = command(data, words);
        assertTrue(said.status() == 0 && said.words().startsWith(sentence), said.toString());
    }

    private static void refuses(Path data, String sentence, String... words) throws IOException, InterruptedException {
        Said said = command(data, words);
        assertTrue(said.status() == 2 && said.words().contains(sentence), said.toString());
    }

    @Test
    public void theKey_isForWhoeverMayReadTheFolder_andForNobodyElse() throws IOException, InterruptedException {
        Path key = server.data().resolve("local-key");
        assertEquals(PosixFilePermissions.toString(Files.getPosixFilePermissions(key)), "rw-------");
        LocalKey.Door door = LocalKey.of(server.data()).orElseThrow();
        assertEquals(status(door.url(), door.authorization()), 200);
        assertEquals(status(door.url(), door.authorization() + "x"), 401);
        assertEquals(status(door.url(), "Bearer "), 401);
        assertEquals(status(door.url(), ""), 401);
    }

    private static int status(String url, String authorization) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create(url + "/-/api/members"))
                .header("Authorization", authorization)
                .build();
        return HttpClient.newHttpClient()
                .send(request, HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    @Test
    public void whileAServerRuns_itIsAsked_andNothingIsRestored() throws IOException, InterruptedException {
        Path data = server.data();
        Path backup = folder.resolve("running.zip");
        does(data, "Saved in " + backup, "backup", backup.toString());
        refuses(data, "is in use by another start of Velnik.", "restore", backup.toString());
        assertFalse(Files.exists(data.resolve("restoring")));
        Path opml = folder.resolve("main.opml");
        does(data, "Saved in " + opml, "export", "opml", opml.toString(), "Main");
        assertTrue(Files.readString(opml).contains("<outline text=\"Hire\""), Files.readString(opml));
        Path header = folder.resolve("header.html");
        does(data, "Saved in " + header, "export", "html", header.toString(), "header");
        assertTrue(Files.readString(header).contains("brackwater.example/hire"), Files.readString(header));
        Path none = folder.resolve("none.opml");
        refuses(data, "That menu is no longer there.", "export", "opml", none.toString(), "Nothing");
        assertFalse(Files.exists(none));
    }

    @Test
    public void whereNoServerRuns_allIsDoneAllTheSame() throws IOException, InterruptedException {
        Path backup = folder.resolve("first.zip");
        does(server.data(), "Saved in ", "backup", backup.toString());
        Path data = folder.resolve("lost-and-back");
        refuses(
                data,
                "There is nothing in " + data + " yet.",
                "backup",
                folder.resolve("b.zip").toString());
        does(data, "Restored into " + data + ": " + BUSINESS, "restore", backup.toString());
        String elsewhere = LocalKey.of(server.data()).orElseThrow().url();
        Files.writeString(data.resolve("local-key"), elsewhere + "\nof one that was killed\n");
        Path again = folder.resolve("again.zip");
        does(data, "Saved in " + again, "backup", again.toString());
        Path pages = folder.resolve("pages.csv");
        does(data, "Saved in " + pages, "export", "pages-csv", pages.toString());
        assertTrue(Files.readString(pages).contains("Rowing skiffs"), Files.readString(pages));
        does(data, "Restored into " + data, "restore", again.toString());
        try (var there = Files.list(data)) {
            assertEquals(
                    there.filter(kept -> kept.getFileName().toString().startsWith("before-restore-"))
                            .count(),
                    1);
        }
    }

    @Test
    public void whatMakesNoSense_isRefused_andNoFileIsWritten() throws IOException, InterruptedException {
        Path there = Files.writeString(folder.resolve("there.zip"), "precious");
        Path data = server.data();
        refuses(data, "is there already. Choose another name. Nothing was changed.", "backup", there.toString());
        refuses(data, "There is no folder /nowhere", "backup", "/nowhere/at/all.zip");
        refuses(data, "The commands are:", "backup");
        String poem = folder.resolve("poem").toString();
        refuses(data, "There is no format “poem”. There are apache, ", "export", "poem", poem);
        refuses(data, "That format is always of the whole site.", "export", "json", poem, "Main");
        refuses(data, "Name a zone: header, ", "export", "html", poem, "attic");
        refuses(data, "Name a zone: header, ", "export", "html", poem);
        refuses(data, "There is no file ", "restore", folder.resolve("gone.zip").toString());
        refuses(folder.resolve("new"), "is no backup of Velnik", "restore", there.toString());
        assertEquals(Files.readString(there), "precious");
        assertFalse(Files.exists(Path.of(poem)));
    }

    /** At any moment: afterwards there is what was there, or what was saved, and it opens. */
    @Test
    public void restoreThatIsKilled_leavesTheOneOrTheOther() throws IOException, InterruptedException {
        Path old = folder.resolve("old.zip");
        does(server.data(), "Saved in ", "backup", old.toString());
        server.mara()
                .edits("{'kind':'retitlePage','page':'news','title':'Later news'}")
                .answers(200);
        Path later = folder.resolve("later.zip");
        does(server.data(), "Saved in ", "backup", later.toString());
        Path data = folder.resolve("killed");
        does(data, "Restored", "restore", old.toString());
        Random random = new Random(3);
        for (int kill = 0; kill < 4; kill++) {
            Process process = started(data, "restore", (kill % 2 == 0 ? later : old).toString());
            Thread.sleep(1_000 + random.nextInt(2_000));
            process.destroyForcibly().waitFor();
            Path saved = folder.resolve("after-kill-" + kill + ".zip");
            does(data, "Saved in ", "backup", saved.toString());
        }
    }
}
