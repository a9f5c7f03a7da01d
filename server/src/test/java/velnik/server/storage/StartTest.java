package velnik.server.storage;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.server.Velnik;

/** A folder that cannot be used: Velnik says so in a plain sentence first, and leaves what is there as it is. */
public class StartTest {
    private interface Spoiling {
        void spoil(Path folder) throws IOException;
    }

    @DataProvider
    public Object[][] folders() {
        Spoiling empty = folder -> Files.createFile(folder.resolve("velnik.mv.db"));
        Spoiling damaged = folder -> Files.writeString(folder.resolve("velnik.mv.db"), "not a database ".repeat(2_000));
        Spoiling cut = folder -> Files.writeString(folder.resolve("velnik.mv.db"), "H:2,block:9,chunk:c\n");
        Spoiling file = folder -> {
            Files.delete(folder);
            Files.writeString(folder, "a file");
        };
        Spoiling readOnly = folder -> { // where not even the system's administrator makes a file
            Files.delete(folder);
            Files.createSymbolicLink(folder, Path.of("/proc"));
        };
        return new Object[][] {
            {"read-only", readOnly, "Velnik cannot write to the folder"},
            {"empty", empty, "velnik.mv.db is empty."},
            {"damaged", damaged, "velnik.mv.db is damaged."},
            {"cut", cut, "velnik.mv.db cannot be opened."},
            {"file", file, "Velnik cannot write to the folder"},
        };
    }

    @Test(dataProvider = "folders")
    public void folderThatCannotBeUsed_isSaidPlainly_andLeftAsItIs(String name, Spoiling spoiling, String sentence)
            throws IOException, InterruptedException {
        Path folder = Files.createTempDirectory("velnik-" + name);
        spoiling.spoil(folder);
        Path database = folder.resolve("velnik.mv.db");
        byte[] before = Files.isRegularFile(database) ? Files.readAllBytes(database) : new byte[0];
        Process process = new ProcessBuilder(
                        Path.of(Objects.requireNonNull(System.getProperty("java.home")), "bin", "java")
                                .toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Dvelnik.data=" + folder,
                        "-Dserver.port=0",
                        "-Dmanagement.server.port=0",
                        "-cp",
                        Objects.requireNonNull(
                                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"))),
                        Velnik.class.getName())
                .redirectErrorStream(true)
                .redirectOutput(new File("target/start-" + name + ".log"))
                .start();
        assertTrue(process.waitFor(60, TimeUnit.SECONDS), "it ends by itself");
        assertEquals(process.exitValue(), 2);
        String said = Files.readString(Path.of("target/start-" + name + ".log"), StandardCharsets.UTF_8);
        assertTrue(said.contains("Velnik does not start. ") && said.contains(sentence), said);
        if (Files.isRegularFile(database)) {
            assertEquals(Files.readAllBytes(database), before);
        }
    }
}
