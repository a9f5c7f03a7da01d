package velnik.server.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;

/**
 * Where the contents of files lie: {@code files/ab/ab12…/}, named by their hash, so that whoever names a content finds
 * it, in the working copy and in every release. A picture lies there once for each of its widths, as {@code 960.jpg};
 * anything else as {@code whole.pdf}. A content never changes.
 */
@Component
class FileFolder {
    private final Path kept;
    private final Path incoming;

    FileFolder(@Value("${velnik.data}") Path data) {
        this.kept = data.resolve("files");
        this.incoming = kept.resolve("incoming");
        delete(incoming); // of uploads that a stop cut off
    }

    /** An empty folder to take a file in. */
    Path fresh() throws IOException {
        Files.createDirectories(incoming);
        return Files.createTempDirectory(incoming, "upload-");
    }

    /** Keeps what was taken in, on the disk for good; a content that is there stays as it is. */
    void keep(Incoming taken) throws IOException {
        Path folder = folder(taken.content().hash());
        if (Files.isDirectory(folder)) {
            return;
        }
        try (DirectoryStream<Path> files = Files.newDirectoryStream(taken.folder())) {
            for (Path file : files) {
                force(file);
            }
        }
        force(taken.folder());
        Path shelf = shelf(taken.content().hash());
        Files.createDirectories(shelf);
        Files.move(taken.folder(), folder, StandardCopyOption.ATOMIC_MOVE);
        force(shelf);
        force(kept);
    }

    /** A content in one of its widths, or the whole of what is no picture; empty where it does not lie here. */
    Optional<Path> find(FileContent content, int width) {
        return Optional.of(folder(content.hash()).resolve(name(content, width))).filter(Files::isRegularFile);
    }

    /** @param width of a picture; anything for another file */
    static String name(FileContent content, int width) {
        return (content.isPicture() ? Integer.toString(width) : "whole") + "."
                + content.type().ending();
    }

    /** Lets contents go whose hash nothing names. Nothing may be kept meanwhile. */
    void tidy(Set<String> named) throws IOException {
        if (!Files.isDirectory(kept)) {
            return;
        }
        try (DirectoryStream<Path> shelves = Files.newDirectoryStream(kept, "[0-9a-f][0-9a-f]")) {
            for (Path shelf : shelves) {
                try (DirectoryStream<Path> contents = Files.newDirectoryStream(shelf)) {
                    for (Path content : contents) {
                        if (!named.contains(content.getFileName().toString())) {
                            delete(content);
                        }
                    }
                }
            }
        }
    }

    boolean has(FileHash hash) {
        return Files.isDirectory(folder(hash));
    }

    private Path folder(FileHash hash) {
        return shelf(hash).resolve(hash.value());
    }

    private Path shelf(FileHash hash) {
        return kept.resolve(hash.value().substring(0, 2));
    }

    private static void force(Path path) throws IOException {
        try (FileChannel channel = FileChannel.open(path, StandardOpenOption.READ)) {
            channel.force(true);
        }
    }

    static void delete(Path folder) {
        try {
            Files.walkFileTree(folder, new SimpleFileVisitor<>() {
                @Override
                public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                    Files.delete(file);
                    return FileVisitResult.CONTINUE;
                }

                @Override
                public FileVisitResult postVisitDirectory(Path directory, @Nullable IOException failed)
                        throws IOException {
                    Files.delete(directory);
                    return FileVisitResult.CONTINUE;
                }
            });
        } catch (NoSuchFileException gone) {
            // moved to where it is kept, or never there
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
