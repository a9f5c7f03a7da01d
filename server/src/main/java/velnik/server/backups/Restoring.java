package velnik.server.backups;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * Puts a backup in the place of what a data folder holds. It is unpacked and checked beside that first; then a mark is
 * set, from which on each step is a renaming. A start that finds the mark takes the steps that are left, one that finds
 * none throws away what was unpacked. So a kill at any moment leaves the one or the other, and never a mixture.
 */
public final class Restoring {
    private static final List<String> PARTS = List.of(BackupFile.DATABASE, BackupFile.FILES);
    private static final String FOLDER = "restoring";
    private static final String MARK = "checked";

    private Restoring() {}

    /**
     * What came of it.
     *
     * @param held for a person: what the backup holds
     * @param before the folder in which what was there before is kept; it does not exist where there was nothing
     */
    public record Restored(String held, Path before) {}

    /**
     * Restores a backup. Nobody else may use the folder.
     *
     * @param data the data folder, empty or not
     * @throws BackupRefused where the file is no backup that can be put back; the data folder is as it was
     * @throws IOException where the disk refuses; the data folder is as it was, or the next start finishes
     */
    public static Restored restore(Path data, Path file, Instant now) throws BackupRefused, IOException {
        Path unpacked = data.resolve(FOLDER);
        FileSystemUtils.deleteRecursively(unpacked);
        Files.createDirectories(unpacked);
        Manifest manifest;
        try {
            manifest = Unpacked.into(unpacked, file);
            forceAll(unpacked);
        } catch (BackupRefused | IOException | RuntimeException refused) {
            FileSystemUtils.deleteRecursively(unpacked);
            throw refused;
        }
        String before = "before-restore-" + Backups.STAMP.format(now);
        mark(unpacked, before);
        finish(data);
        return new Restored(
                "%s, made %s, with %,d pages (built-in ones too) and edits up to number %,d"
                        .formatted(
                                manifest.business(),
                                Manifest.said(manifest.made()),
                                manifest.pages(),
                                manifest.revision()),
                data.resolve(before));
    }

    /** Takes the steps that a restore has left, if one was cut off. Costs one look where there is none. */
    public static void finish(Path data) {
        Path unpacked = data.resolve(FOLDER);
        if (!Files.isDirectory(unpacked)) {
            return;
        }
        try {
            Path mark = unpacked.resolve(MARK);
            if (Files.exists(mark)) {
                Path before = data.resolve(Files.readString(mark));
                for (String part : PARTS) {
                    exchange(data.resolve(part), unpacked.resolve(part), before);
                }
                force(data);
            }
            FileSystemUtils.deleteRecursively(unpacked);
        } catch (IOException refused) {
            throw new UncheckedIOException(refused);
        }
    }

    /** The new one is gone from where it was unpacked once it is in its place, so this can be done again. */
    private static void exchange(Path place, Path restored, Path before) throws IOException {
        if (!Files.exists(restored)) {
            return;
        }
        if (Files.exists(place)) {
            Files.createDirectories(before);
            Files.move(place, before.resolve(place.getFileName()), StandardCopyOption.ATOMIC_MOVE);
            force(before);
        }
        Files.move(restored, place, StandardCopyOption.ATOMIC_MOVE);
    }

    /** The mark is there as a whole, after all that it stands for, or not at all. */
    private static void mark(Path unpacked, String before) throws IOException {
        Path writing = unpacked.resolve("mark");
        Files.write(writing, before.getBytes(StandardCharsets.UTF_8));
        force(writing);
        Files.move(writing, unpacked.resolve(MARK), StandardCopyOption.ATOMIC_MOVE);
        force(unpacked);
    }

    private static void forceAll(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.toList()) {
                force(path);
            }
        }
    }

    private static void force(Path path) throws IOException {
        try (FileChannel channel = FileChannel.open(path, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }
}
