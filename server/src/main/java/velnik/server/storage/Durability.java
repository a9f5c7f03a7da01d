package velnik.server.storage;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.stereotype.Component;

/**
 * Forces what was committed to the disk. H2 writes at the commit (see the WRITE_DELAY of the data source), but leaves it
 * to the operating system when the written bytes reach the disk; a pulled plug would lose them.
 */
@Component
class Durability {
    private final DataSource dataSource;

    Durability(DataSource dataSource) {
        this.dataSource = dataSource;
    }

    /**
     * Lets go of the connections there are. A database that could not write closes itself; new connections open it again
     * once it can.
     */
    void renew() {
        try {
            if (dataSource.isWrapperFor(HikariDataSource.class)) {
                HikariPoolMXBean pool =
                        dataSource.unwrap(HikariDataSource.class).getHikariPoolMXBean();
                if (pool != null) {
                    pool.softEvictConnections();
                }
            }
        } catch (SQLException noPool) {
            throw new IllegalStateException(noPool);
        }
    }

    /** Returns when all commits so far would survive a power failure. */
    void force() {
        try (Connection connection = dataSource.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute("CHECKPOINT SYNC");
        } catch (SQLException failed) {
            throw new IllegalStateException("the disk did not take the last edit", failed);
        }
    }
}
