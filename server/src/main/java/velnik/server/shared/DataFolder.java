package velnik.server.shared;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.core.env.MapPropertySource;

/** Keeps two starts from using one data folder. The lock goes with the process, however it ends. */
public final class DataFolder {
    /** Held for as long as the process lives. */
    private static @Nullable FileLock held;

    private DataFolder() {}

    /** The folder is in use by another start. Its message is for the person who started this one. */
    public static final class InUse extends RuntimeException {
        InUse(Path folder) {
            super("The data in " + folder + " is in use by another start of Velnik. Stop that one first, or set"
                    + " VELNIK_DATA to another folder.");
        }
    }

    /** Takes the lock before anything opens the data. */
    public static ApplicationListener<ApplicationEnvironmentPreparedEvent> locking() {
        return event -> {
            String folder = event.getEnvironment().getRequiredProperty("velnik.data");
            Path absolute = Path.of(folder).toAbsolutePath().normalize();
            lock(absolute);
            // The database takes no path that depends on where one stands.
            event.getEnvironment()
                    .getPropertySources()
                    .addFirst(new MapPropertySource("data-folder", Map.of("velnik.data", absolute.toString())));
        };
    }

    @SuppressWarnings("resource") // the channel stays open with the lock
    private static void lock(Path folder) {
        try {
            Files.createDirectories(folder);
            FileChannel channel =
                    FileChannel.open(folder.resolve("in-use"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            held = channel.tryLock();
            if (held == null) {
                throw new InUse(folder);
            }
        } catch (OverlappingFileLockException sameProcess) {
            throw new InUse(folder);
        } catch (IOException unusable) {
            throw new IllegalStateException("cannot use the folder " + folder + ": " + unusable.getMessage(), unusable);
        }
    }
}
