package velnik.server.storage;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
import java.util.zip.ZipInputStream;
import javax.sql.DataSource;
import org.h2.api.ErrorCode;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import velnik.server.settings.DataFolder;
import velnik.server.settings.Settings;

/** The file that the database keeps everything in: made small again, and copied while it is in use. */
@Component
public class DatabaseFile {
    private static final Logger LOG = LoggerFactory.getLogger(DatabaseFile.class);

    /** Bytes; some 17,000 edits come to it. */
    private static final long LARGE = 512_000_000;

    private static final Set<Integer> CLOSED =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.DATABASE_CALLED_AT_SHUTDOWN);

    private final DataSource dataSource;
    private final Durability durability;
    private final Path folder;

    @Autowired
    DatabaseFile(DataSource dataSource, Durability durability, Settings settings) {
        this(dataSource, durability, settings.data());
    }

    DatabaseFile(DataSource dataSource, Durability durability, Path folder) {
        this.dataSource = dataSource;
        this.durability = durability;
        this.folder = folder;
    }

    /** Whether the file has grown to more than a day's edits usually need. */
    public boolean isLarge() {
        return isLarge(LARGE);
    }

    boolean isLarge(long bytes) {
        return DataFolder.databaseIn(folder).toFile().length() > bytes;
    }

    /**
     * Copies the database as it is now, as a file of the same name in another folder. Edits go on meanwhile: the copy
     * has what was committed when it began. It costs one reading of the file.
     *
     * @throws IOException where the copy cannot be written, or the database does not answer
     */
    public synchronized void copyInto(Path other) throws IOException {
        Path packed = other.resolve("copy.zip");
        try (Connection connection = dataSource.getConnection();
                PreparedStatement statement = connection.prepareStatement("BACKUP TO ?")) {
            statement.setString(1, packed.toString());
            statement.execute();
        } catch (SQLException failed) {
            throw new IOException(failed);
        }
        try (ZipInputStream entries = new ZipInputStream(Files.newInputStream(packed))) {
            entries.getNextEntry(); // the only one
            Files.copy(entries, DataFolder.databaseIn(other));
        }
        Files.delete(packed);
    }

    /**
     * Makes the file small again. Each edit appends to it and is forced to the disk, so it grows by some 30 kB an edit,
     * most of it of no use any more. The database closes, is written anew beside its file, and takes its place in one
     * step; the next connection opens it again. Nothing may be written meanwhile, and what is read may have to be asked
     * for again.
     */
    @PreDestroy
    public synchronized void compact() {
        try (Connection connection = dataSource.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("SHUTDOWN COMPACT");
        } catch (SQLException failed) {
            // That it is closed is what was asked for, and comes up as the statement is.
            if (!CLOSED.contains(failed.getErrorCode())) {
                LOG.warn("the database was not made smaller: {}", failed.getMessage());
            }
        }
        durability.renew();
        forceFolder();
        DataFolder.keepPrivate(folder);
    }

    /** The database has made its file by now. */
    @EventListener(ApplicationReadyEvent.class)
    void keepPrivate() {
        DataFolder.keepPrivate(folder);
    }

    /** Only then does the disk know which of the two files has the name. */
    private void forceFolder() {
        if (!Files.isDirectory(folder)) {
            return;
        }
        try (FileChannel channel = FileChannel.open(folder, StandardOpenOption.READ)) {
            channel.force(true);
        } catch (IOException unknown) {
            LOG.debug("this system forces no folders: {}", unknown.getMessage());
        }
    }
}
