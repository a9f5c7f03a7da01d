package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.Optional;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;

@Component
class HibernatePersonStore implements PersonStore {
    private final SessionFactory sessions;
    private final Durability durability;

    HibernatePersonStore(EntityManagerFactory entityManagers, Durability durability) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
        this.durability = durability;
    }

    @Override
    public boolean isEmpty() {
        return sessions.fromStatelessSession(
                session -> session.createSelectionQuery("select count(*) from PersonEntity", Long.class)
                                .getSingleResult()
                        == 0);
    }

    @Override
    public Optional<Person> find(String name) {
        return sessions.fromStatelessSession(session ->
                Optional.ofNullable(session.get(PersonEntity.class, name)).map(PersonEntity::person));
    }

    @Override
    public void add(Person person) {
        sessions.inStatelessTransaction(session -> session.insert(PersonEntity.of(person)));
        durability.force();
    }
}
