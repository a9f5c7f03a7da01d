package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
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

    /** Everything that is written down and may name a text. */
    private static final List<String> NAMING = List.of(
            "select textHash from PageEntity where textHash is not null",
            "select content from RemovalEntity",
            "select site from ReleaseEntity",
            "select changes from JournalEntity",
            "select difference from JournalEntity");

    private static final Pattern HASH = Pattern.compile("(?<![0-9a-f])[0-9a-f]{64}(?![0-9a-f])");

    @Override
    public void forgetUnnamed() {
        sessions.inStatelessTransaction(session -> {
            Set<String> unnamed =
                    new HashSet<>(session.createSelectionQuery("select hash from TextEntity", String.class)
                            .getResultList());
            for (String naming : NAMING) {
                try (Stream<String> all =
                        session.createSelectionQuery(naming, String.class).getResultStream()) {
                    all.forEach(
                            written -> HASH.matcher(written).results().forEach(hash -> unnamed.remove(hash.group())));
                }
            }
            Batches.delete(session, TextEntity.class, "hash", unnamed);
        });
    }
}
