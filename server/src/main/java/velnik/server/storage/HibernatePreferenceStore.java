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
    public boolean keep(String person, String name, String setting, Room most) {
        return sessions.fromStatelessTransaction(session -> {
            Object[] others = session.createSelectionQuery(
                            "select count(*), coalesce(sum(length(setting)), 0) from PreferenceEntity"
                                    + " where person = :person and name <> :name",
                            Object[].class)
                    .setParameter("person", person)
                    .setParameter("name", name)
                    .getSingleResult();
            boolean fits = ((Number) others[0]).longValue() < most.settings()
                    && ((Number) others[1]).longValue() + setting.length() <= most.characters();
            if (fits) {
                session.upsert(new PreferenceEntity(person, name, setting));
            }
            return fits;
        });
    }
}
