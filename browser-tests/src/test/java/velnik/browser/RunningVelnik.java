package velnik.browser;

import static java.nio.file.StandardOpenOption.CREATE;
import static java.nio.file.StandardOpenOption.WRITE;
import static java.util.Objects.requireNonNull;

import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The packed jar, started on a free port with a data folder of its own. */
final class RunningVelnik implements AutoCloseable {
    private static final Duration PATIENCE = Duration.ofSeconds(120);

    /** What this process keeps beside others that test at the same time. */
    private static final Path OWN = own();

    private static final Path UNPACKED = unpacked(Path.of(requireNonNull(System.getProperty("velnik.jar"))));

    /** What the clock says, so that what is there in a season is there whenever the tests run. */
    private static final Instant SUMMER = Instant.parse("2026-06-15T10:00:00Z");

    /** The first folder that no other process holds; this one holds it as long as it runs. */
    private static Path own() {
        try {
            for (int number = 1; ; number++) {
                Path folder = Files.createDirectories(
                        Path.of("target", "fork-" + number).toAbsolutePath());
                FileChannel held = FileChannel.open(folder.resolve("held"), CREATE, WRITE);
                if (held.tryLock() != null) {
                    return folder;
                }
                held.close();
            }
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private final Path data;
    private final Process process;
    private final int port;
    private final Map<String, List<Cookie>> sessions = new HashMap<>();

    private RunningVelnik(Path data, Process process, int port) {
        this.data = data;
        this.process = process;
        this.port = port;
        Runtime.getRuntime().addShutdownHook(new Thread(this::close));
    }

    /** With the demo business, made once and copied, since making it takes a quarter of a start. */
    static RunningVelnik demo() {
        try {
            Path data = temporary();
            copy(Demo.DATA, data);
            return start(data, SUMMER, "--velnik.demo=true");
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static final class Demo {
        static final Path DATA = made();

        private static Path made() {
            RunningVelnik making = start(temporary(), SUMMER, "--velnik.demo=true");
            making.close();
            return making.data;
        }
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path each : all.toList()) {
                Path copied = to.resolve(from.relativize(each));
                if (Files.isDirectory(each)) {
                    Files.createDirectories(copied);
                } else {
                    Files.copy(each, copied);
                }
            }
        }
    }

    static RunningVelnik empty() {
        return start(temporary(), SUMMER);
    }

    /** On what a backup holds, put back by the command into a folder that was not there before. */
    static RunningVelnik restored(Path backup) {
        Path data = temporary().resolve("another-machine");
        command(data, "restore", backup.toString());
        return start(data, SUMMER);
    }

    /** Saves something by the command, which asks the server that runs. */
    void exports(String format, Path file) {
        command(data, "export", format, file.toString());
    }

    /**
     * Goes through the run that Java learns from.
     *
     * @return a folder that was named as the owner's data, where nothing was before
     */
    static Path learned() {
        Path data = temporary().resolve("of-the-owner");
        command(data, "learn");
        return data;
    }

    private static void command(Path data, String... words) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                        .toString(),
                "-jar",
                UNPACKED.toString()));
        command.addAll(List.of(words));
        ProcessBuilder commanding = new ProcessBuilder(command).inheritIO();
        commanding.environment().put("VELNIK_DATA", data.toString());
        try {
            if (commanding.start().waitFor() != 0) {
                throw new AssertionError("it was not done: " + String.join(" ", words));
            }
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    /** Stops, and starts again on the same data. */
    RunningVelnik again() {
        return againAt(SUMMER);
    }

    /** As {@link #again}, on another day. */
    RunningVelnik againAt(Instant moment) {
        close();
        return start(data, moment);
    }

    String url(String path) {
        return "http://localhost:" + port + path;
    }

    private static RunningVelnik start(Path data, Instant moment, String... arguments) {
        try {
            Path portFile = data.resolve("port");
            Files.deleteIfExists(portFile);
            Path log = OWN.resolve("velnik.log");
            List<String> command = command(data, portFile);
            command.add("--velnik.start-at=" + moment);
            command.addAll(List.of(arguments));
            Process process = new ProcessBuilder(command)
                    .redirectErrorStream(true)
                    .redirectOutput(ProcessBuilder.Redirect.appendTo(log.toFile()))
                    .start();
            return new RunningVelnik(data, process, port(portFile, process, log));
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static List<String> command(Path data, Path portFile) {
        return new ArrayList<>(List.of(
                Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                        .toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-XX:MetaspaceSize=160m", // classes have room at once: four full collections less at each start
                // Classes loaded once are kept for the next start.
                "-XX:+AutoCreateSharedArchive",
                "-XX:SharedArchiveFile=" + OWN.resolve("classes.jsa"),
                "--enable-native-access=ALL-UNNAMED",
                "-Dvelnik.port-file=" + portFile,
                "-jar",
                UNPACKED.toString(),
                "--server.port=0",
                "--management.server.port=0",
                "--velnik.data=" + data));
    }

    /** The cookies of whoever signed in since it started; none for others. */
    List<Cookie> sessionOf(String person) {
        return sessions.getOrDefault(person, List.of());
    }

    void remembers(String person, List<Cookie> session) {
        sessions.put(person, session);
    }

    Path data() {
        return data;
    }

    /** What another start on the same data says before it ends with status 2. */
    String startedAgainMeanwhile() {
        try {
            Process second = new ProcessBuilder(command(data, data.resolve("second-port"))).start();
            String said = new String(second.getErrorStream().readAllBytes(), StandardCharsets.UTF_8);
            if (second.waitFor() != 2) {
                throw new AssertionError("it ended with status " + second.exitValue() + ": " + said);
            }
            return said.lines()
                    .filter(line -> line.startsWith("Velnik does not start"))
                    .findFirst()
                    .orElse(said);
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static int port(Path portFile, Process process, Path log) throws IOException, InterruptedException {
        long deadline = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < deadline && process.isAlive()) {
            String port = Files.exists(portFile) ? Files.readString(portFile) : "";
            if (!port.isEmpty()) {
                return Integer.parseInt(port);
            }
            Thread.sleep(50);
        }
        process.destroyForcibly();
        throw new IllegalStateException("Velnik did not start: " + Files.readString(log));
    }

    /** An unpacked jar starts in half the time. */
    private static Path unpacked(Path jar) {
        Path folder = OWN.resolve("velnik");
        Path unpacked = folder.resolve(requireNonNull(jar.getFileName()));
        try {
            if (!Files.exists(unpacked)
                    || Files.getLastModifiedTime(unpacked).compareTo(Files.getLastModifiedTime(jar)) < 0) {
                new ProcessBuilder(
                                Path.of(requireNonNull(System.getProperty("java.home")), "bin", "java")
                                        .toString(),
                                "-Djarmode=tools",
                                "-jar",
                                jar.toString(),
                                "extract",
                                "--force",
                                "--destination",
                                folder.toString())
                        .inheritIO()
                        .start()
                        .waitFor();
                Files.setLastModifiedTime(unpacked, FileTime.from(Instant.now()));
            }
            return unpacked;
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }

    private static Path temporary() {
        try {
            return Files.createTempDirectory("velnik-browser");
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            process.waitFor();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
