package velnik.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import velnik.server.settings.DataFolder;

/**
 * What the copy of a database says of the site in it. That it was opened shows that it can be.
 *
 * @param business the name of the business
 * @param revision the newest edit's
 * @param pages how many there are, built-in ones too
 * @param newer whether a newer Velnik made it, so that this one must not open it
 */
public record CopiedDatabase(String business, long revision, int pages, boolean newer) {

    /** The number of the form in which this Velnik stores what it keeps. */
    public static final int FORM = StoredForms.FORMAT;

    /**
     * Opens the copy in a folder, makes it as small as it can be, and closes it.
     *
     * @throws IOException where it is no database, is damaged, or holds no site
     */
    public static CopiedDatabase opened(Path folder) throws IOException {
        if (!Files.isRegularFile(DataFolder.databaseIn(folder))) {
            throw new IOException("there is no database in " + folder);
        }
        String url = "jdbc:h2:" + folder.toAbsolutePath() + "/velnik;TRACE_LEVEL_FILE=0;DB_CLOSE_ON_EXIT=FALSE";
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement statement = connection.createStatement()) {
            CopiedDatabase found = read(statement, isNewer(url));
            statement.execute("SHUTDOWN COMPACT");
            return found;
        } catch (SQLException | FlywayException | IllegalStateException damaged) {
            throw new IOException("the database in " + folder + " cannot be opened", damaged);
        }
    }

    private static CopiedDatabase read(Statement statement, boolean newer) throws SQLException, IOException {
        try (ResultSet site =
                statement.executeQuery("select name, revision, (select count(*) from page) as pages from site")) {
            if (!site.next()) {
                throw new IOException("there is no site in the database");
            }
            return new CopiedDatabase(site.getString("name"), site.getLong("revision"), site.getInt("pages"), newer);
        }
    }

    private static boolean isNewer(String url) {
        return Arrays.stream(Flyway.configure()
                        .dataSource(url, "sa", "")
                        .javaMigrations(StoredForms.migrations())
                        .load()
                        .info()
                        .applied())
                .anyMatch(migration -> !migration.getState().isResolved());
    }
}
