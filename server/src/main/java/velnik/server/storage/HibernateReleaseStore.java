package velnik.server.storage;

import static java.util.stream.Collectors.toSet;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;
import velnik.core.site.PageId;

@Component
class HibernateReleaseStore implements ReleaseStore {
    private final SessionFactory sessions;
    private final StoredForms forms;
    private final Durability durability;

    HibernateReleaseStore(EntityManagerFactory entityManagers, StoredForms forms, Durability durability) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
        this.forms = forms;
        this.durability = durability;
    }

    @Override
    public Optional<Release> findNewest() {
        return sessions.fromStatelessSession(session -> Optional.ofNullable(
                        session.createSelectionQuery("from ReleaseEntity order by number desc", ReleaseEntity.class)
                                .setMaxResults(1)
                                .getSingleResultOrNull())
                .map(entity -> entity.release(forms)));
    }

    @Override
    public List<Heading> headings() {
        return sessions.fromStatelessSession(session -> session.createSelectionQuery(
                        "select r.number, r.person, r.at, r.note from ReleaseEntity r order by r.number desc",
                        Heading.class)
                .getResultList());
    }

    @Override
    public Set<PageId> everPublished() {
        return sessions.fromStatelessSession(session ->
                session
                        .createSelectionQuery("select pageId from PublishedPageEntity", String.class)
                        .getResultList()
                        .stream()
                        .map(PageId::new)
                        .collect(toSet()));
    }

    @Override
    public void keep(Release release, Set<PageId> newlyPublished) {
        sessions.inStatelessTransaction(session -> {
            session.insert(ReleaseEntity.of(release, forms));
            session.insertMultiple(newlyPublished.stream()
                    .map(page -> new PublishedPageEntity(page.value()))
                    .toList());
        });
        durability.force();
    }
}
