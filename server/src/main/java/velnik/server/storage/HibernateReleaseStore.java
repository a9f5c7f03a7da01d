package velnik.server.storage;

import static java.util.stream.Collectors.toMap;

import jakarta.persistence.EntityManagerFactory;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hibernate.SessionFactory;
import org.springframework.stereotype.Component;
import velnik.core.site.PageId;
import velnik.core.site.Past;

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
                .map(entity -> entity.release(forms, past())));
    }

    @Override
    public Optional<Release> find(int number) {
        return sessions.fromStatelessSession(session -> Optional.ofNullable(session.get(ReleaseEntity.class, number))
                .map(entity -> entity.release(forms, past())));
    }

    private static final String HEADINGS =
            "select r.number, r.request, r.revision, r.person, r.at, r.note from ReleaseEntity r ";

    @Override
    public List<ReleaseHeading> headings() {
        return sessions.fromStatelessSession(
                session -> session.createSelectionQuery(HEADINGS + "order by r.number desc", ReleaseHeading.class)
                        .getResultList());
    }

    @Override
    public Optional<ReleaseHeading> findOf(String request) {
        return sessions.fromStatelessSession(session -> Optional.ofNullable(
                session.createSelectionQuery(HEADINGS + "where r.request = :request", ReleaseHeading.class)
                        .setParameter("request", request)
                        .getSingleResultOrNull()));
    }

    @Override
    public Past past() {
        return sessions.fromStatelessSession(session -> new Past(
                session
                        .createSelectionQuery("from PublishedPageEntity", PublishedPageEntity.class)
                        .getResultList()
                        .stream()
                        .collect(toMap(row -> new PageId(row.pageId), row -> row.firstAt)),
                session
                        .createSelectionQuery("from FormerAddressEntity", FormerAddressEntity.class)
                        .getResultList()
                        .stream()
                        .collect(toMap(row -> row.address, row -> new PageId(row.pageId))),
                session
                        .createSelectionQuery("from FormerListingEntity", FormerListingEntity.class)
                        .getResultList()
                        .stream()
                        .collect(toMap(row -> row.address, row -> row.topic))));
    }

    @Override
    public void forget(Set<Integer> numbers) {
        if (!numbers.isEmpty()) {
            sessions.inStatelessTransaction(
                    session -> session.createMutationQuery("delete from ReleaseEntity where number in :numbers")
                            .setParameterList("numbers", numbers)
                            .executeUpdate());
        }
    }

    @Override
    public void keep(Release release, Past left) {
        sessions.inStatelessTransaction(session -> {
            session.insert(ReleaseEntity.of(release, forms));
            session.insertMultiple(left.published().keySet().stream()
                    .map(page -> new PublishedPageEntity(page.value(), release.at()))
                    .toList());
            session.upsertMultiple(left.addresses().entrySet().stream()
                    .map(known -> new FormerAddressEntity(
                            known.getKey(), known.getValue().value()))
                    .toList());
            session.upsertMultiple(left.listings().entrySet().stream()
                    .map(known -> new FormerListingEntity(known.getKey(), known.getValue()))
                    .toList());
        });
        durability.force();
    }
}
