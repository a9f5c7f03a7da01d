package velnik.server.files;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.core.site.FileContent;
import velnik.core.site.FileHash;
import velnik.core.site.FileType;
import velnik.core.site.Limits;
import velnik.server.calls.ProblemException;
import velnik.server.settings.DiskSpace;

/** Takes files in: looks at what is in them, makes pictures anew, and keeps them once something names them. */
@Service
public class Uploads {
    private final FileFolder folder;

    Uploads(FileFolder folder) {
        this.folder = folder;
    }

    /**
     * Reads a file to its end and makes it ready to be kept. A picture of 5 MB takes a second or two.
     *
     * @param declared how many bytes are to come; less than 0 where nobody said
     * @throws ProblemException when it is nothing that is taken, too large (413), or did not arrive whole
     */
    public Incoming take(InputStream body, long declared) {
        if (declared > Limits.FILE_BYTES) {
            throw FileRefused.tooLarge("file", Limits.FILE_BYTES);
        }
        Path place = null;
        boolean taken = false;
        try {
            place = folder.fresh();
            Path sent = place.resolve("sent");
            receive(body, declared, sent);
            FileContent content = made(sent, place);
            Files.delete(sent);
            taken = true;
            return new Incoming(place, content);
        } catch (IOException failed) {
            if (place != null && DiskSpace.isFull(place)) {
                throw new ProblemException(
                        HttpStatus.INSUFFICIENT_STORAGE,
                        "disk-full",
                        FileRefused.because("noRoom").sentence());
            }
            throw new UncheckedIOException(failed);
        } finally {
            if (!taken && place != null) {
                FileFolder.delete(place);
            }
        }
    }

    /** Keeps what was taken in, so that the site can name it. */
    public void keep(Incoming taken) {
        try {
            folder.keep(taken);
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
    }

    private static void receive(InputStream body, long declared, Path sent) throws IOException {
        long bytes = 0;
        try (OutputStream out = Files.newOutputStream(sent)) {
            byte[] some = new byte[64 * 1024];
            for (int count = read(body, some); count >= 0; count = read(body, some)) {
                bytes += count;
                if (bytes > Limits.FILE_BYTES) {
                    throw FileRefused.tooLarge("file", Limits.FILE_BYTES);
                }
                out.write(some, 0, count);
            }
        }
        if (bytes < declared) {
            throw FileRefused.because("cutOff");
        }
        if (bytes == 0) {
            throw FileRefused.because("empty");
        }
    }

    /** What goes wrong while reading is the line's fault, not the disk's. */
    private static int read(InputStream body, byte[] some) {
        try {
            return body.read(some);
        } catch (IOException cutOff) {
            throw FileRefused.because("cutOff");
        }
    }

    private static FileContent made(Path sent, Path place) throws IOException {
        return switch (Recognised.of(sent)) {
            case Recognised.Photo(String format) -> photo(sent, format, place);
            case Recognised.Drawing drawing -> drawing(sent, place);
            case Recognised.Other(FileType type) -> {
                FileContent content = content(type, sent, 0, 0);
                Files.copy(sent, place.resolve(FileFolder.name(content, 0)));
                yield content;
            }
        };
    }

    private static FileContent photo(Path sent, String format, Path place) throws IOException {
        checkSize(sent);
        Photos.Made made = Photos.make(sent, format, place);
        Path widest = place.resolve(made.width() + "." + made.type().ending());
        return content(made.type(), widest, made.width(), made.height());
    }

    private static FileContent drawing(Path sent, Path place) throws IOException {
        checkSize(sent);
        Path clean = place.resolve("clean");
        Drawings.Size size;
        try (InputStream in = Files.newInputStream(sent);
                OutputStream out = Files.newOutputStream(clean)) {
            size = Drawings.clean(in, out);
        }
        FileContent content = content(FileType.SVG, clean, size.width(), size.height());
        Files.move(clean, place.resolve(FileFolder.name(content, size.width())));
        return content;
    }

    private static void checkSize(Path picture) throws IOException {
        if (Files.size(picture) > Limits.PICTURE_BYTES) {
            throw FileRefused.tooLarge("picture", Limits.PICTURE_BYTES);
        }
    }

    private static FileContent content(FileType type, Path file, int width, int height) throws IOException {
        return new FileContent(type, hash(file), Files.size(file), width, height);
    }

    private static FileHash hash(Path file) throws IOException {
        try (DigestInputStream in =
                new DigestInputStream(Files.newInputStream(file), MessageDigest.getInstance("SHA-256"))) {
            in.transferTo(OutputStream.nullOutputStream());
            return new FileHash(HexFormat.of().formatHex(in.getMessageDigest().digest()));
        } catch (NoSuchAlgorithmException everyJdkHasIt) {
            throw new IllegalStateException(everyJdkHasIt);
        }
    }
}
