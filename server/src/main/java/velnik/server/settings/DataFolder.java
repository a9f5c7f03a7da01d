package velnik.server.settings;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Arrays;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.MapPropertySource;

/** Keeps two starts from using one data folder. The lock goes with the process, however it ends. */
public final class DataFolder {
    /** Held for as long as the process lives. */
    private static @Nullable FileLock held;

    private DataFolder() {}

    /** Velnik cannot start on a folder. Its message is for the person who tried. */
    public static final class Unusable extends RuntimeException {
        Unusable(String sentence, @Nullable Throwable cause) {
            super(sentence, cause);
        }

        static Unusable inUse(Path folder) {
            return new Unusable(
                    "The data in " + folder + " is in use by another start of Velnik. Stop that one first, or set"
                            + " VELNIK_DATA to another folder.",
                    null);
        }
    }

    private static final String DATABASE = "velnik.mv.db";
    /** What every database file begins with, twice, a block each. */
    private static final byte[] HEADER = "H:2,".getBytes(StandardCharsets.US_ASCII);

    private static final int BLOCK = 4096;
    private static final Set<PosixFilePermission> OWNER_ONLY = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OWNER_ONLY_FILE = PosixFilePermissions.fromString("rw-------");

    public static Path databaseIn(Path folder) {
        return folder.resolve(DATABASE);
    }

    /** The folder that is named from outside, when nothing has read the settings yet. */
    public static Path named() {
        String folder = System.getProperty("velnik.data", System.getenv().getOrDefault("VELNIK_DATA", "data"));
        return Path.of(folder).toAbsolutePath().normalize();
    }

    /**
     * Takes the lock before anything opens the data.
     *
     * @param first what is done with the folder before it is looked at
     */
    public static ApplicationListener<ApplicationEnvironmentPreparedEvent> locking(Consumer<Path> first) {
        return event -> {
            String folder = event.getEnvironment().getRequiredProperty("velnik.data");
            Path absolute = Path.of(folder).toAbsolutePath().normalize();
            lock(absolute);
            first.accept(absolute);
            checkDatabase(absolute);
            // The database takes no path that depends on where one stands.
            event.getEnvironment()
                    .getPropertySources()
                    .addFirst(new MapPropertySource("data-folder", Map.of("velnik.data", absolute.toString())));
        };
    }

    /** Takes the lock, and makes the folder where there is none. */
    @SuppressWarnings("resource") // the channel stays open with the lock
    public static void lock(Path folder) {
        try {
            Files.createDirectories(folder);
            FileChannel channel =
                    FileChannel.open(folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            held = channel.tryLock();
            if (held == null) {
                throw Unusable.inUse(folder);
            }
            keepPrivate(folder);
        } catch (OverlappingFileLockException sameProcess) {
            throw Unusable.inUse(folder);
        } catch (IOException unusable) {
            throw new Unusable(
                    "Velnik cannot write to the folder " + folder + ", where it keeps its data. Let it write there, or"
                            + " set VELNIK_DATA to another folder.",
                    unusable);
        }
    }

    /** Nobody else on the machine reads what is in the folder; where the system knows no such permissions, it decides. */
    public static void keepPrivate(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            Files.setPosixFilePermissions(folder, OWNER_ONLY);
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                Files.setPosixFilePermissions(file, OWNER_ONLY_FILE);
            }
        } catch (IOException | UnsupportedOperationException unknown) {
            // A folder of somebody else's, or another kind of system: what it allows is decided elsewhere.
        }
    }

    /** A file that is there but is no database is never taken for a site that has yet to begin. */
    private static void checkDatabase(Path folder) {
        Path file = databaseIn(folder);
        if (!Files.exists(file)) {
            return;
        }
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            if (!isHeaderAt(channel, 0) && !isHeaderAt(channel, BLOCK)) {
                throw damaged(folder, channel.size() == 0 ? "is empty" : "is damaged", null);
            }
        } catch (IOException unreadable) {
            throw damaged(folder, "cannot be read", unreadable);
        }
    }

    private static boolean isHeaderAt(FileChannel channel, long position) throws IOException {
        ByteBuffer start = ByteBuffer.allocate(HEADER.length);
        channel.read(start, position);
        return Arrays.equals(start.array(), HEADER);
    }

    /** What is said where the database cannot be opened. */
    public static Unusable damaged(Path folder, String how, @Nullable Throwable cause) {
        return new Unusable(
                "The database file " + databaseIn(folder) + " " + how + ". Velnik leaves it as it is and does not"
                        + " start. Put a backup of it in its place, or set VELNIK_DATA to another folder.",
                cause);
    }
}
