package velnik.server.storage;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.util.Map;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import velnik.core.forwarding.Releasing;
import velnik.core.site.PageId;
import velnik.core.site.Past;
import velnik.core.site.Site;

/**
 * Reads once, from the releases that were made before addresses forwarded, which addresses visitors knew, so that those
 * lead on too. Only releases that are still kept can tell.
 */
@Component
final class EarlierReleases extends SchemaStep {
    private final StoredForms forms;

    EarlierReleases(StoredForms forms) {
        super("14", "addresses of earlier releases");
        this.forms = forms;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        Site live = Site.bare();
        try (Statement asking = connection.createStatement();
                ResultSet releases = asking.executeQuery("select format, site from release order by number")) {
            while (releases.next()) {
                Site next = forms.readSite(releases.getInt(1), releases.getString(2));
                live = Releasing.released(live, next.withPast(live.past()), Instant.EPOCH);
            }
        }
        Past past = live.past();
        for (Map.Entry<String, PageId> known : past.addresses().entrySet()) {
            insert(
                    connection,
                    "former_address",
                    "page_id",
                    known.getKey(),
                    known.getValue().value());
        }
        for (Map.Entry<String, String> known : past.listings().entrySet()) {
            insert(connection, "former_listing", "topic", known.getKey(), known.getValue());
        }
    }

    /** What was remembered since stays. */
    private static void insert(Connection connection, String table, String column, String address, String value)
            throws SQLException {
        String sql = "insert into " + table + " (address, " + column + ") select ?, ? where not exists (select 1 from "
                + table + " where address = ?)";
        try (PreparedStatement inserting = connection.prepareStatement(sql)) {
            inserting.setString(1, address);
            inserting.setString(2, value);
            inserting.setString(3, address);
            inserting.executeUpdate();
        }
    }
}
