package velnik.server.storage;

import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.h2.engine.SessionLocal;
import org.h2.jdbc.JdbcConnection;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes the database's file small again. Each edit appends to it and is forced to the disk, so it grows by some 30 kB an
 * edit, most of it of no use any more. Done in place, step by step, each forced before the next, so that a pulled plug
 * loses nothing.
 */
@Component
public class Compaction {
    private static final Logger LOG = LoggerFactory.getLogger(Compaction.class);
    private static final int MILLISECONDS = 5_000;

    private final DataSource dataSource;

    Compaction(DataSource dataSource) {
        this.dataSource = dataSource;
    }

    /** Takes some seconds at most; what is left is done the next time. */
    @PreDestroy
    public void run() {
        try (Connection connection = dataSource.getConnection()) {
            SessionLocal session =
                    (SessionLocal) connection.unwrap(JdbcConnection.class).getSession();
            session.getDatabase().getStore().getMvStore().compactFile(MILLISECONDS);
        } catch (SQLException | RuntimeException failed) {
            LOG.warn("the database was not made smaller: {}", failed.getMessage());
        }
    }
}
