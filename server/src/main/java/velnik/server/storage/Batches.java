package velnik.server.storage;

import java.util.Collection;
import java.util.List;
import org.hibernate.StatelessSession;

/** Deletes many rows by as few statements as their keys fit into. */
final class Batches {
    static final int SIZE = 200;

    private Batches() {}

    /** @param key the field that is one of the keys */
    static <K> void delete(StatelessSession session, Class<?> entity, String key, Collection<K> keys) {
        List<K> all = List.copyOf(keys);
        for (int from = 0; from < all.size(); from += SIZE) {
            session.createMutationQuery("delete from " + entity.getSimpleName() + " where " + key + " in :keys")
                    .setParameterList("keys", all.subList(from, Math.min(from + SIZE, all.size())))
                    .executeUpdate();
        }
    }
}
