package velnik.server.backups;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.storage.FormerData;

/** Files that are no backups, and restores that were cut off: the data is what it was or what was saved. */
public class RestoringTest {
    private static final Instant NOW = Instant.parse("2026-11-28T12:00:00Z");
    private static final String HASH = "ab" + "0".repeat(62);

    private byte[] good;
    private Map<String, byte[]> entries;

    @BeforeClass
    public void backUp() throws IOException, SQLException {
        Path data = FormerData.inFormatOne();
        Path content = data.resolve("files/ab/" + HASH + "/960.jpg");
        Files.createDirectories(content.getParent());
        Files.writeString(content, "a picture");
        Path file = data.resolve("good.zip");
        Backups.takeOffline(data, file, NOW);
        good = Files.readAllBytes(file);
        entries = new LinkedHashMap<>();
        try (ZipFile zip = new ZipFile(file.toFile())) {
            for (ZipEntry entry : java.util.Collections.list(zip.entries())) {
                entries.put(entry.getName(), zip.getInputStream(entry).readAllBytes());
            }
        }
    }

    private static byte[] zipped(Map<String, byte[]> entries) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        } catch (IOException impossible) {
            throw new AssertionError(impossible);
        }
        return out.toByteArray();
    }

    private byte[] with(Consumer<Map<String, byte[]>> spoiling) {
        Map<String, byte[]> spoilt = new LinkedHashMap<>(entries);
        spoiling.accept(spoilt);
        return zipped(spoilt);
    }

    private byte[] listing(String old, String now) {
        return with(all -> all.compute("backup.json", (name, json) -> {
            String before = new String(json, StandardCharsets.UTF_8);
            String after = before.replace(old, now);
            assertFalse(after.equals(before), "there is no " + old + " in " + before);
            return after.getBytes(StandardCharsets.UTF_8);
        }));
    }

    @DataProvider
    public Object[][] spoilt() {
        byte[] cut = java.util.Arrays.copyOf(good, good.length / 2);
        return new Object[][] {
            {"empty", new byte[0], "it is no whole ZIP file."},
            {"another file", "Dear Mara".repeat(1_000).getBytes(StandardCharsets.UTF_8), "it is no whole ZIP file."},
            {"cut off", cut, "it is no whole ZIP file."},
            {"another ZIP", zipped(Map.of("a.txt", new byte[3])), "there is no backup.json in it."},
            {"no list", with(all -> all.put("backup.json", new byte[9])), "cannot be read; it is damaged."},
            {"of a later form", listing("\"form\" : 1", "\"form\" : 2"), "by a newer Velnik."},
            {"stored in a later form", listing("\"stored\" : ", "\"stored\" : 9"), "by a newer Velnik."},
            {"one missing", with(all -> all.remove("velnik.mv.db")), "velnik.mv.db is missing in it."},
            {"one more", with(all -> all.put("more.txt", new byte[3])), "there is “more.txt” in it."},
            {
                "another picture",
                with(all -> all.put("files/ab/" + HASH + "/960.jpg", "a virus!!".getBytes())),
                "is not what was saved."
            },
            {
                "larger than said",
                with(all -> all.put("files/ab/" + HASH + "/960.jpg", new byte[50_000_000])),
                "is not what was saved."
            },
            {
                "larger than any disk",
                listing("\"bytes\" : 9", "\"bytes\" : 9000000000000000"),
                "There is not room enough"
            },
            {"of no size", listing("\"bytes\" : 9", "\"bytes\" : -1"), "not one that Velnik made"},
            {"outside the folder", listing("files/ab/" + HASH, "files/../../etc"), "it lists “files/../../etc/960.jpg”."
            },
            {"no database", with(all -> all.put("velnik.mv.db", new byte[9])), "is not what was saved."},
        };
    }

    @Test(dataProvider = "spoilt")
    public void spoiltBackup_isRefused_andNothingIsChanged(String name, byte[] file, String sentence)
            throws IOException {
        Path data = used();
        BackupRefused refused = expectThrows(BackupRefused.class, () -> Restoring.restore(data, written(file), NOW));
        assertTrue(String.valueOf(refused.getMessage()).contains(sentence), refused.getMessage());
        isAsBefore(data);
    }

    /** Whatever single bytes became: the whole backup is put back, or nothing is. */
    @Test
    public void bytesThatChanged_neverGetIn() throws IOException, BackupRefused {
        Random random = new Random(17);
        int put = 0;
        for (int round = 0; round < 120; round++) {
            byte[] mutated = good.clone();
            for (int changes = 1 + random.nextInt(3); changes > 0; changes--) {
                mutated[random.nextInt(mutated.length)] = (byte) random.nextInt(256);
            }
            Path data = used();
            try {
                Restoring.restore(data, written(mutated), NOW);
                put++;
                assertEquals(Files.readString(data.resolve("files/ab/" + HASH + "/960.jpg")), "a picture");
            } catch (BackupRefused refused) {
                isAsBefore(data);
            }
        }
        assertTrue(put < 100, "most changes matter: " + put);
    }

    @DataProvider
    public Object[][] steps() {
        return new Object[][] {{0}, {1}, {2}, {3}, {4}};
    }

    /** The steps of a restore, as the disk has them after a kill. */
    @Test(dataProvider = "steps")
    public void restoreThatWasCutOff_isFinishedByTheNextStart(int steps) throws IOException {
        Path data = used();
        Path unpacked = data.resolve("restoring");
        Path before = data.resolve("before-restore-x");
        Files.createDirectories(unpacked.resolve("files"));
        Files.writeString(unpacked.resolve("velnik.mv.db"), "new database");
        Files.writeString(unpacked.resolve("files/new"), "new file");
        Files.writeString(unpacked.resolve("checked"), "before-restore-x");
        if (steps > 0) {
            Files.createDirectories(before);
            Files.move(data.resolve("velnik.mv.db"), before.resolve("velnik.mv.db"));
        }
        if (steps > 1) {
            Files.move(unpacked.resolve("velnik.mv.db"), data.resolve("velnik.mv.db"));
        }
        if (steps > 2) {
            Files.move(data.resolve("files"), before.resolve("files"));
        }
        if (steps > 3) {
            Files.move(unpacked.resolve("files"), data.resolve("files"));
        }
        Restoring.finish(data);
        Restoring.finish(data); // and once is enough
        assertEquals(Files.readString(data.resolve("velnik.mv.db")), "new database");
        assertEquals(Files.readString(data.resolve("files/new")), "new file");
        assertFalse(Files.exists(data.resolve("files/old")));
        assertFalse(Files.exists(unpacked));
        isAsBefore(before);
    }

    @Test
    public void restoreThatWasCutOffBeforeAllWasChecked_isForgotten() throws IOException {
        Path data = used();
        Files.createDirectories(data.resolve("restoring/files"));
        Files.writeString(data.resolve("restoring/velnik.mv.db"), "half a data");
        Restoring.finish(data);
        isAsBefore(data);
    }

    private static Path used() throws IOException {
        Path data = Files.createTempDirectory("velnik-used");
        Files.writeString(data.resolve("velnik.mv.db"), "old database");
        Files.createDirectories(data.resolve("files"));
        Files.writeString(data.resolve("files/old"), "old file");
        return data;
    }

    private static void isAsBefore(Path data) throws IOException {
        assertEquals(Files.readString(data.resolve("velnik.mv.db")), "old database");
        assertEquals(Files.readString(data.resolve("files/old")), "old file");
        try (var all = Files.list(data)) {
            assertEquals(
                    all.map(file -> file.getFileName().toString()).sorted().toList(), List.of("files", "velnik.mv.db"));
        }
    }

    private static Path written(byte[] file) throws IOException {
        return Files.write(Files.createTempFile("velnik", ".zip"), file);
    }
}
