package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.Optional;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;

@Component
class HibernateMessageStore implements MessageStore {
    private final SessionFactory sessions;
    private final StoredForms forms;
    private final Durability durability;

    HibernateMessageStore(EntityManagerFactory entityManagers, StoredForms forms, Durability durability) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
        this.forms = forms;
        this.durability = durability;
    }

    @Override
    public List<VisitorMessage> all() {
        return found("from MessageEntity order by at desc, id");
    }

    @Override
    public List<VisitorMessage> waiting() {
        return found("from MessageEntity where sending = WAITING order by at, id");
    }

    private List<VisitorMessage> found(String query) {
        return sessions.fromStatelessSession(
                session -> session.createSelectionQuery(query, MessageEntity.class).getResultList().stream()
                        .map(entity -> entity.message(forms))
                        .toList());
    }

    @Override
    public long count() {
        return counted("select count(*) from MessageEntity");
    }

    @Override
    public long unread() {
        return counted("select count(*) from MessageEntity where read = false");
    }

    private long counted(String query) {
        return sessions.fromStatelessSession(
                session -> session.createSelectionQuery(query, Long.class).getSingleResult());
    }

    @Override
    public Optional<VisitorMessage> find(String id) {
        return sessions.fromStatelessSession(session ->
                Optional.ofNullable(session.get(MessageEntity.class, id)).map(entity -> entity.message(forms)));
    }

    @Override
    public void add(VisitorMessage message) {
        sessions.inStatelessTransaction(session -> session.insert(MessageEntity.of(message, forms)));
        durability.force();
    }

    @Override
    public void replace(VisitorMessage message) {
        sessions.inStatelessTransaction(session -> session.update(MessageEntity.of(message, forms)));
        durability.force();
    }

    @Override
    public void remove(String id) {
        sessions.inStatelessTransaction(
                session -> session.createMutationQuery("delete from MessageEntity where id = :id")
                        .setParameter("id", id)
                        .executeUpdate());
        durability.force();
    }
}
