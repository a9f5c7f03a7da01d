package velnik.server.storage;

import static java.util.stream.Collectors.toMap;

import jakarta.persistence.EntityManagerFactory;
import java.util.Map;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;

@Component
class HibernatePreferenceStore implements PreferenceStore {
    private final SessionFactory sessions;

    HibernatePreferenceStore(EntityManagerFactory entityManagers) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
    }

    @Override
    public Map<String, String> of(String person) {
        return sessions.fromStatelessSession(session -> session
                .createSelectionQuery("from PreferenceEntity where person = :person", PreferenceEntity.class)
                .setParameter("person", person)
                .getResultList()
                .stream()
                .collect(toMap(row -> row.name, row -> row.setting)));
    }

    @Override
    public void keep(String person, String name, String setting) {
        sessions.inStatelessTransaction(session -> session.upsert(new PreferenceEntity(person, name, setting)));
    }
}
