package velnik.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** How much room a disk has left. */
final class DiskSpace {
    /** Bytes; with fewer a disk counts as full, since the database writes whole blocks. */
    private static final long LEAST = 1_000_000;

    private DiskSpace() {}

    static boolean isFull(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace() < LEAST;
        } catch (IOException unreadable) {
            return false;
        }
    }
}
