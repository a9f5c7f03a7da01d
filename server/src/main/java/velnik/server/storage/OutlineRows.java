package velnik.server.storage;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
import org.hibernate.StatelessSession;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;

/** Writes the rows of an outline as {@link OutlineRowEntity} reads them: a thousand by one statement. */
final class OutlineRows {
    private static final int TOGETHER = 1_000;

    private OutlineRows() {}

    /** @param content in the newest format */
    record Row<K>(K id, Place<K> place, String content) {}

    static <K> void put(StatelessSession session, String table, List<Row<K>> rows) {
        if (rows.isEmpty()) {
            return;
        }
        String sql = "merge into " + table + " (id, parent_id, after_id, content, format) key (id) select *, "
                + StoredForms.FORMAT + " from unnest(cast(? as varchar array), cast(? as varchar array),"
                + " cast(? as varchar array), cast(? as varchar array))";
        session.doWork((Connection connection) -> {
            try (PreparedStatement statement = connection.prepareStatement(sql)) {
                for (int from = 0; from < rows.size(); from += TOGETHER) {
                    List<Row<K>> part = rows.subList(from, Math.min(from + TOGETHER, rows.size()));
                    statement.setObject(1, texts(part, Row::id));
                    statement.setObject(2, texts(part, row -> row.place().parent()));
                    statement.setObject(3, texts(part, row -> row.place().after()));
                    statement.setObject(4, texts(part, Row::content));
                    statement.executeUpdate();
                }
            }
        });
    }

    /** One by one, since the database compares each row of a list with all that are to go. */
    static <K> void delete(StatelessSession session, String table, Collection<K> ids) {
        if (ids.isEmpty()) {
            return;
        }
        session.doWork((Connection connection) -> {
            try (PreparedStatement statement = connection.prepareStatement("delete from " + table + " where id = ?")) {
                for (K id : ids) {
                    statement.setString(1, id.toString());
                    statement.addBatch();
                }
                statement.executeBatch();
            }
        });
    }

    private static <R> @Nullable String[] texts(List<R> rows, Function<R, @Nullable Object> column) {
        return rows.stream()
                .map(column)
                .map(value -> value == null ? null : value.toString())
                .toArray(String[]::new);
    }
}
