package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.Collection;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;
import velnik.core.site.TextHash;

@Component
class HibernateTextStore implements TextStore {
    private final SessionFactory sessions;

    HibernateTextStore(EntityManagerFactory entityManagers) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
    }

    @Override
    public Optional<String> find(TextHash hash) {
        return sessions.fromStatelessSession(session ->
                Optional.ofNullable(session.get(TextEntity.class, hash.value())).map(text -> text.body));
    }

    @Override
    public void keep(Collection<String> texts) {
        sessions.inStatelessTransaction(session -> {
            for (String text : texts) {
                session.upsert(new TextEntity(TextHash.of(text).value(), text));
            }
        });
    }

    @Override
    public void forgetUnnamed() {
        sessions.inStatelessTransaction(session -> {
            Set<String> unnamed =
                    new HashSet<>(session.createSelectionQuery("select hash from TextEntity", String.class)
                            .getResultList());
            Naming.each(session, unnamed::remove);
            Batches.delete(session, TextEntity.class, "hash", unnamed);
        });
    }
}
