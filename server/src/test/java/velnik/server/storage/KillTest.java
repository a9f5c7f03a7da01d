package velnik.server.storage;

import static java.util.Objects.requireNonNull;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.spi.ToolProvider;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Kills a process that acknowledges edits, again and again, and looks whether each acknowledged edit is there. */
public class KillTest {
    /** On each of two data folders, which are killed side by side. */
    private static final int KILLS = 8;

    /** What the killed process runs on: jars alone, since only their classes can be archived for a quicker start. */
    private final List<String> classPath = new ArrayList<>();

    private final Path archive = Path.of("target", "kill-test.jsa").toAbsolutePath();

    @BeforeClass
    public void packClasses() throws IOException, InterruptedException {
        String classes =
                requireNonNull(System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")));
        for (String entry : classes.split(File.pathSeparator)) {
            classPath.add(Files.isDirectory(Path.of(entry)) ? packed(entry) : entry);
        }
        Process once = start(Files.createTempDirectory("velnik-kill"), "-XX:ArchiveClassesAtExit=" + archive);
        line(once.inputReader(StandardCharsets.UTF_8), once);
        once.destroy();
        once.waitFor();
    }

    private static String packed(String folder) throws IOException {
        String jar = Files.createTempFile("velnik-kill", ".jar").toString();
        ToolProvider tool = ToolProvider.findFirst("jar").orElseThrow();
        assertEquals(tool.run(System.out, System.err, "--create", "--file", jar, "-C", folder, "."), 0, folder);
        return jar;
    }

    @DataProvider(parallel = true)
    public Object[][] seeds() {
        return new Object[][] {{3L}, {4L}};
    }

    @Test(dataProvider = "seeds")
    public void killedProcess_losesNoAcknowledgedEdit(long seed) throws IOException, InterruptedException {
        Path data = Files.createTempDirectory("velnik-kill");
        Random random = new Random(seed);
        int acknowledged = 0;
        for (int kill = 1; kill <= KILLS; kill++) {
            Process process = start(data, "-XX:SharedArchiveFile=" + archive);
            try (BufferedReader said = process.inputReader(StandardCharsets.UTF_8)) {
                String[] found = line(said, process).split(" ", 4);
                int there = Integer.parseInt(found[1]);
                // One more may be there than was acknowledged: kept, and killed before it could say so.
                assertTrue(
                        there == acknowledged || there == acknowledged + 1,
                        "kill " + kill + ": " + acknowledged + " edits were acknowledged, " + there + " are there");
                if (there > 0) {
                    assertEquals(found[3], "Kept " + there, "an edit was kept by half");
                }
                acknowledged = there;
                for (int edits = 1 + random.nextInt(6); edits > 0; edits--) {
                    acknowledged = Integer.parseInt(line(said, process).split(" ", 2)[1]);
                }
                Thread.sleep(random.nextInt(8)); // somewhere within the next edit
                process.toHandle().destroyForcibly(); // by its handle, which leaves its last words readable
                process.waitFor();
                // What it said before it died counts as acknowledged too.
                @Nullable String late;
                while ((late = said.readLine()) != null) {
                    acknowledged = Integer.parseInt(late.split(" ", 2)[1]);
                }
            } finally {
                process.destroyForcibly();
            }
        }
    }

    private static String line(BufferedReader said, Process process) throws IOException {
        String line = said.readLine();
        if (line == null) {
            throw new AssertionError("the process ended by itself: " + process.info());
        }
        return line;
    }

    private Process start(Path data, String archiving) throws IOException {
        return new ProcessBuilder(List.of(
                        Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                                .toString(),
                        "-XX:+UseSerialGC",
                        "-XX:TieredStopAtLevel=1",
                        archiving,
                        "-Dorg.slf4j.simpleLogger.defaultLogLevel=error",
                        "-Dlogging.level.root=error",
                        "-cp",
                        String.join(File.pathSeparator, classPath),
                        EditsUntilKilled.class.getName(),
                        data.toString()))
                .redirectError(ProcessBuilder.Redirect.appendTo(new File("target/kill-test.log")))
                .start();
    }
}
