package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.HashSet;
import java.util.Set;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;

@Component
class HibernateFileNames implements FileNames {
    private final SessionFactory sessions;

    HibernateFileNames(EntityManagerFactory entityManagers) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
    }

    @Override
    public Set<String> named() {
        Set<String> named = new HashSet<>();
        sessions.inStatelessTransaction(session -> Naming.each(session, named::add));
        return named;
    }
}
