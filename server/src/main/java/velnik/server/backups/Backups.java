package velnik.server.backups;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.util.FileSystemUtils;
import velnik.server.calls.ProblemException;
import velnik.server.files.KeptFiles;
import velnik.server.people.People;
import velnik.server.settings.DataFolder;
import velnik.server.settings.DiskSpace;
import velnik.server.settings.Settings;
import velnik.server.storage.DatabaseFile;
import velnik.server.workingcopy.WorkingCopy;

/** Takes backups, by the night and when asked to, into a folder of their own. */
@Service
public class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);

    /** How a moment stands in the names of files. */
    static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("uuuu-MM-dd-HHmmss").withZone(ZoneOffset.UTC);

    private static final Pattern NAME = Pattern.compile("velnik-(\\d{4}-\\d{2}-\\d{2}-\\d{6})\\.zip");

    private final DatabaseFile database;
    private final KeptFiles files;
    private final People people;
    private final WorkingCopy workingCopy;
    private final Clock clock;
    private final Path data;
    private final Path folder;
    private final ReentrantLock taking = new ReentrantLock();
    private volatile String failure = "";

    Backups(
            DatabaseFile database,
            KeptFiles files,
            People people,
            WorkingCopy workingCopy,
            Clock clock,
            Settings settings) {
        this.database = database;
        this.files = files;
        this.people = people;
        this.workingCopy = workingCopy;
        this.clock = clock;
        this.data = settings.data();
        this.folder = settings.backupFolder();
    }

    /**
     * A backup in the folder.
     *
     * @param at when it was taken
     * @param bytes its size
     */
    record Kept(String name, Instant at, long bytes) {}

    Path folder() {
        return folder;
    }

    /** Why the last night's was not taken; empty where it was, where none was due, and once another was. */
    String failure() {
        return failure;
    }

    /**
     * All there are, the newest first. Other files in the folder are nobody's business.
     *
     * @throws ProblemException when the folder cannot be read (507)
     */
    List<Kept> all() {
        List<Kept> all = new ArrayList<>();
        try (DirectoryStream<Path> found = Files.newDirectoryStream(folder, "velnik-*.zip")) {
            for (Path file : found) {
                moment(file)
                        .ifPresent(at ->
                                all.add(new Kept(name(at), at, file.toFile().length())));
            }
        } catch (NoSuchFileException none) {
            return List.of();
        } catch (IOException unreadable) {
            LOG.error("the folder for backups cannot be read", unreadable);
            throw new ProblemException(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "backups-unreadable",
                    "The folder " + folder + " for backups cannot be read, so none can be taken.");
        }
        all.sort(Comparator.comparing(Kept::at).reversed());
        return all;
    }

    Optional<Path> find(String name) {
        return Optional.of(name)
                .filter(found -> NAME.matcher(found).matches())
                .map(folder::resolve)
                .filter(Files::isRegularFile);
    }

    /**
     * Takes a backup. Edits go on meanwhile.
     *
     * @throws ProblemException when one is being taken already (409), or the disk refuses (507); none was taken then
     */
    Kept take() {
        if (!taking.tryLock()) {
            throw new ProblemException(
                    HttpStatus.CONFLICT, "backup-being-taken", "A backup is being taken already. Wait for that one.");
        }
        try {
            Kept kept = taken();
            failure = "";
            return kept;
        } catch (IOException refused) {
            LOG.error("no backup was taken", refused);
            throw new ProblemException(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "backup-not-taken",
                    DiskSpace.isFull(folder)
                            ? "The disk is full, so no backup was taken. Make room on it, then try again."
                            : "The folder " + folder + " cannot be written, so no backup was taken.");
        } finally {
            taking.unlock();
        }
    }

    private Kept taken() throws IOException {
        Files.createDirectories(folder);
        try (DirectoryStream<Path> cutOff = Files.newDirectoryStream(folder, "taking-*")) {
            for (Path left : cutOff) {
                FileSystemUtils.deleteRecursively(left);
            }
        }
        Path own = Files.createTempDirectory(folder, "taking-");
        try {
            Instant now = clock.instant();
            Path kept = folder.resolve(name(now));
            files.whileKept(() -> {
                database.copyInto(own);
                write(own, data, now, kept);
            });
            return new Kept(name(now), moment(kept).orElseThrow(), kept.toFile().length());
        } finally {
            FileSystemUtils.deleteRecursively(own);
        }
    }

    /**
     * Takes a backup of data that no server uses.
     *
     * @param file where it goes; there as a whole or not at all
     */
    public static void takeOffline(Path data, Path file, Instant now) throws IOException {
        Path own = Files.createTempDirectory(file.toAbsolutePath().getParent(), "taking-");
        try {
            Files.copy(DataFolder.databaseIn(data), DataFolder.databaseIn(own));
            write(own, data, now, file);
        } finally {
            FileSystemUtils.deleteRecursively(own);
        }
    }

    private static void write(Path own, Path data, Instant now, Path file) throws IOException {
        Path written = Files.createTempFile(own, "backup", ".zip");
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(written), 1 << 16)) {
            BackupFile.write(own, data, now, out);
        }
        try (FileChannel channel = FileChannel.open(written, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.move(written, file, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Asked every ten minutes, so that a machine that was off at night makes up for it. */
    @Scheduled(initialDelay = 10, fixedDelay = 10, timeUnit = TimeUnit.MINUTES)
    void nightly() {
        ZoneId zone = workingCopy.state().site().details().timeZone();
        try {
            List<Kept> all = all();
            Instant newest = all.isEmpty() ? Instant.MIN : all.getFirst().at();
            if (people.isEmpty() || !Nights.isDue(newest, clock.instant(), zone)) {
                failure = "";
                return;
            }
            take();
            Nights.surplus(all().stream().map(Kept::at).toList(), zone).forEach(this::delete);
        } catch (ProblemException refused) {
            failure = Objects.requireNonNullElse(refused.getMessage(), "");
        }
    }

    private void delete(Instant at) {
        try {
            Files.deleteIfExists(folder.resolve(name(at)));
        } catch (IOException refused) {
            LOG.warn("an old backup stays: {}", refused.getMessage());
        }
    }

    private static String name(Instant at) {
        return "velnik-" + STAMP.format(at) + ".zip";
    }

    private static Optional<Instant> moment(Path file) {
        Matcher name = NAME.matcher(file.getFileName().toString());
        try {
            return name.matches() ? Optional.of(STAMP.parse(name.group(1), Instant::from)) : Optional.empty();
        } catch (DateTimeException noDate) {
            return Optional.empty();
        }
    }
}
