package velnik.server.storage;

import static java.util.Objects.requireNonNull;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.flywaydb.core.Flyway;
import org.h2.tools.RunScript;

/** Data folders as other versions of Velnik leave them. */
public final class FormerData {
    private FormerData() {}

    /** A database as the first format left it. */
    public static Path inFormatOne() throws IOException, SQLException {
        Path data = Files.createTempDirectory("velnik-upgrade");
        String url = OpenedStorage.url(data.toString());
        Flyway.configure().dataSource(url, "sa", "").target("1").load().migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Reader script = new InputStreamReader(
                        requireNonNull(FormerData.class.getResourceAsStream("/stored/format-1.sql")),
                        StandardCharsets.UTF_8)) {
            connection.createStatement().execute("delete from site");
            RunScript.execute(connection, script);
        }
        return data;
    }

    /** Makes a database one that a version to come has been at. */
    public static void becomesNewer(Path data) throws SQLException {
        try (Connection connection = DriverManager.getConnection(OpenedStorage.url(data.toString()), "sa", "")) {
            connection
                    .createStatement()
                    .execute("insert into \"flyway_schema_history\" (\"installed_rank\", \"version\", \"description\","
                            + " \"type\", \"script\", \"installed_by\", \"execution_time\", \"success\")"
                            + " values (900, '900', 'to come', 'SQL', 'V900__to_come.sql', 'sa', 1, true)");
        }
    }
}
