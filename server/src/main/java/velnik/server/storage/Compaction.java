package velnik.server.storage;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Set;
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

/**
 * Makes the database's file small again. Each edit appends to it and is forced to the disk, so it grows by some 30 kB an
 * edit, most of it of no use any more. The database closes, is written anew beside its file, and takes its place in one
 * step; the next connection opens it again.
 */
@Component
public class Compaction {
    private static final Logger LOG = LoggerFactory.getLogger(Compaction.class);

    /** Bytes; some 17,000 edits come to it. */
    private static final long LARGE = 512_000_000;

    private static final Set<Integer> CLOSED =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.DATABASE_CALLED_AT_SHUTDOWN);

    private final DataSource dataSource;
    private final Durability durability;
    private final Path folder;

    @Autowired
    Compaction(DataSource dataSource, Durability durability, Settings settings) {
        this(dataSource, durability, settings.data());
    }

    Compaction(DataSource dataSource, Durability durability, Path folder) {
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

    /** Nothing may be written meanwhile, and what is read may have to be asked for again. */
    @PreDestroy
    public void run() {
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
