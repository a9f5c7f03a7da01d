package velnik.server.settings;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** How much room a disk has left, and what is said where it has none. */
public final class DiskSpace {
    /** Bytes; with fewer a disk counts as full, since the database writes whole blocks. */
    private static final long LEAST = 1_000_000;

    private DiskSpace() {}

    public static boolean isFull(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace() < LEAST;
        } catch (IOException unreadable) {
            return false;
        }
    }

    /** What is the matter with the disk, as far as that can be told, and that nothing was changed. */
    public static String refusal(Path folder) {
        return isFull(folder)
                ? "The disk that Velnik keeps its data on is full, so nothing was changed. Make room on it, then try"
                        + " again."
                : "The disk that Velnik keeps its data on does not answer, so nothing was changed. Try again.";
    }
}
