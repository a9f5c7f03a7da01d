package velnik.server.backups;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import velnik.server.Caller;
import velnik.server.Started;
import velnik.server.backups.Restoring.Restored;
import velnik.server.storage.FormerData;

/** What was backed up is there again after it was put back: everything, and nothing else. */
public class BackupsTest {
    private static final Instant NOW = Instant.parse("2026-11-28T12:00:00Z");
    private static final List<String> SEEN = List.of(
            "/-/api/working-copy", "/-/api/menus", "/-/api/zones", "/-/api/releases", "/-/api/members", "/-/api/files");

    private static List<JsonNode> seen(Started server) {
        Caller mara = server.mara();
        return SEEN.stream().map(path -> mara.gets(path).answers(200).json()).toList();
    }

    private static Path backedUp(Started server, Caller mara) {
        String name = mara.posts("/-/api/backups", "")
                .answers(201)
                .json()
                .path("name")
                .asString();
        return server.data().resolve("backups").resolve(name);
    }

    private static void edits(Caller mara, int number) {
        mara.edits("{'kind':'retitlePage','page':'news','title':'News " + number + "'}")
                .answers(200);
    }

    @Test
    public void whatWasSaved_isPutBack_inAnEmptyFolderAndInOneThatIsUsed() throws Exception {
        Path elsewhere = Files.createTempDirectory("velnik-restored");
        Path file;
        List<JsonNode> before;
        String home;
        Path used;
        try (Started server = Started.demo()) {
            used = server.data();
            edits(server.mara(), 1);
            before = seen(server);
            home = server.visit("/").body();
            file = backedUp(server, server.mara());
            edits(server.mara(), 2);
            assertEquals(
                    PosixFilePermissions.toString(Files.getPosixFilePermissions(file)), "rw-------", "it is private");
        }
        Restored fresh = Restoring.restore(elsewhere, file, NOW);
        assertTrue(
                fresh.held()
                        .matches("Brackwater Boatyard, made \\d+ \\w+ 20\\d\\d, \\d\\d:\\d\\d UTC, with \\d+ pages"
                                + " \\(built-in ones too\\) and edits up to number \\d+"),
                fresh.held());
        assertFalse(Files.exists(fresh.before()), "there was nothing before");
        Restored again = Restoring.restore(used, file, NOW);
        for (Path folder : List.of(elsewhere, used)) {
            try (Started server = Started.on(folder)) {
                assertEquals(seen(server), before);
                assertEquals(server.visit("/").body(), home);
                String picture = before.getLast().toString().replaceFirst("(?s).*?\"(/-/files/[^\"]+)\".*", "$1");
                assertEquals(server.visit(picture).statusCode(), 200, picture);
                edits(server.mara(), 3);
            }
        }
        try (Started server = Started.on(again.before())) {
            assertEquals(
                    server.mara().gets("/-/api/working-copy").json().toString().contains("News 2"),
                    true,
                    "what was there before is kept");
        }
    }

    @Test
    public void takenWhileEditsGoOn_itHoldsEachThatWasAcknowledgedBefore_andNoneByHalf() throws Exception {
        Path elsewhere = Files.createTempDirectory("velnik-restored");
        try (Started server = Started.demo()) {
            Caller mara = server.mara();
            Caller jo = server.signedIn("jo", "neap-tide");
            AtomicBoolean going = new AtomicBoolean(true);
            AtomicLong done = new AtomicLong();
            Thread editing = new Thread(() -> {
                while (going.get()) {
                    edits(jo, (int) done.get() + 1);
                    done.incrementAndGet();
                }
            });
            editing.start();
            Path file = elsewhere;
            long acknowledged = 0;
            for (int i = 0; i < 3; i++) {
                acknowledged = done.get();
                file = backedUp(server, mara);
                Files.move(file, file = server.data().resolve("backup-" + i + ".zip")); // the next has the same second
            }
            going.set(false);
            editing.join();
            assertTrue(done.get() > acknowledged, "edits went on");
            Restoring.restore(elsewhere, file, NOW);
            try (Started restored = Started.on(elsewhere)) {
                String found =
                        restored.mara().gets("/-/api/working-copy").json().toString();
                long kept = Long.parseLong(found.replaceFirst("(?s).*\"News (\\d+)\".*", "$1"));
                assertTrue(kept >= acknowledged && kept <= done.get(), kept + " of " + acknowledged);
            }
        }
    }

    @Test
    public void ofAnOlderVelnik_isPutBackAndUpgraded() throws Exception {
        Path old = FormerData.inFormatOne();
        Path file = old.resolve("old.zip");
        Backups.takeOffline(old, file, NOW);
        Path data = Files.createTempDirectory("velnik-restored");
        Restoring.restore(data, file, NOW);
        try (Started server = Started.on(data)) {
            assertEquals(server.visit("/").statusCode(), 200);
        }
    }

    @Test
    public void ofANewerVelnik_isRefused_andNothingIsChanged() throws IOException, SQLException {
        Path data = FormerData.inFormatOne();
        Path newer = FormerData.inFormatOne();
        FormerData.becomesNewer(newer);
        Path file = newer.resolve("newer.zip");
        Backups.takeOffline(newer, file, NOW);
        byte[] before = Files.readAllBytes(data.resolve("velnik.mv.db"));
        BackupRefused refused = expectThrows(BackupRefused.class, () -> Restoring.restore(data, file, NOW));
        assertTrue(String.valueOf(refused.getMessage()).contains("was made by a newer Velnik"), refused.getMessage());
        assertEquals(Files.readAllBytes(data.resolve("velnik.mv.db")), before);
        assertEquals(names(data), List.of("velnik.mv.db"));
    }

    @Test
    public void backups_areTheOwnersAlone_andOneAtATime() throws IOException {
        try (Started server = Started.demo()) {
            Caller jo = server.signedIn("jo", "neap-tide");
            jo.posts("/-/api/backups", "").refuses(403, "not-allowed");
            jo.gets("/-/api/backups").refuses(403, "not-allowed");
            assertFalse(Files.exists(server.data().resolve("backups")));
            Caller mara = server.mara();
            assertEquals(
                    mara.gets("/-/api/backups").answers(200).json().path("kept").size(), 0);
            Path file = backedUp(server, mara);
            JsonNode kept = mara.gets("/-/api/backups").json().path("kept");
            assertEquals(kept.size(), 1);
            assertEquals(kept.path(0).path("bytes").asLong(), Files.size(file));
            mara.gets("/-/api/backups/" + file.getFileName()).answers(200);
            mara.gets("/-/api/backups/velnik-2020-01-01-000000.zip").refuses(404, "not-there");
            mara.gets("/-/api/backups/..%2Fvelnik.mv.db").answers(400);
            server.bean(Backups.class).nightly();
            assertEquals(mara.gets("/-/api/backups").json().path("kept").size(), 1, "that of today counts");
            Files.delete(file);
            Files.createDirectories(server.data().resolve("backups/taking-when-killed"));
            server.bean(Backups.class).nightly();
            assertEquals(mara.gets("/-/api/backups").json().path("kept").size(), 1);
            try (Stream<Path> left = Files.list(server.data().resolve("backups"))) {
                assertEquals(left.count(), 1, "nothing is left behind");
            }
        }
    }

    private static String failure(Caller owner) {
        return owner.gets("/-/api/backups").answers(200).json().path("failure").asString();
    }

    @Test
    public void nightThatFails_isTold_untilOneThatDoesNot() throws IOException {
        try (Started server = Started.demo()) {
            Caller mara = server.mara();
            Path folder = server.data().resolve("backups");
            Files.createFile(folder); // where the folder should be
            server.bean(Backups.class).nightly();
            mara.gets("/-/api/backups").refuses(507, "backups-unreadable");
            mara.posts("/-/api/backups", "").refuses(507, "backup-not-taken");
            Files.delete(folder);
            assertEquals(failure(mara), "The folder " + folder + " for backups cannot be read, so none can be taken.");
            Path byHand = backedUp(server, mara);
            assertEquals(failure(mara), "", "one by hand will do");
            Files.delete(byHand);
            server.bean(Backups.class).nightly();
            assertEquals(failure(mara), "");
            assertEquals(names(folder).size(), 1, "and the next night takes one");
        }
    }

    static List<String> names(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.map(file -> file.getFileName().toString())
                    .filter(name -> name.startsWith("velnik") || name.startsWith("restor") || name.startsWith("before"))
                    .filter(name -> !name.endsWith(".zip") || name.startsWith("velnik-"))
                    .sorted()
                    .toList();
        }
    }
}
