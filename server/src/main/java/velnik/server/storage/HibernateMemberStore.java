package velnik.server.storage;

import jakarta.persistence.EntityManagerFactory;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.hibernate.SessionFactory;
import org.hibernate.StatelessSession;
import org.springframework.stereotype.Component;

@Component
class HibernateMemberStore implements MemberStore {
    private final SessionFactory sessions;
    private final Durability durability;

    HibernateMemberStore(EntityManagerFactory entityManagers, Durability durability) {
        this.sessions = entityManagers.unwrap(SessionFactory.class);
        this.durability = durability;
    }

    @Override
    public List<Member> all() {
        return sessions.fromStatelessSession(session ->
                session
                        .createSelectionQuery("from MemberEntity order by name", MemberEntity.class)
                        .getResultList()
                        .stream()
                        .map(MemberEntity::member)
                        .toList());
    }

    @Override
    public Optional<Member> find(String name) {
        return sessions.fromStatelessSession(session ->
                Optional.ofNullable(session.get(MemberEntity.class, name)).map(MemberEntity::member));
    }

    @Override
    public void add(Member member) {
        sessions.inStatelessTransaction(session -> session.insert(MemberEntity.of(member)));
        durability.force();
    }

    @Override
    public void replace(Member member) {
        sessions.inStatelessTransaction(session -> {
            session.update(MemberEntity.of(member));
            endAll(session, member.name());
        });
        durability.force();
    }

    @Override
    public void remove(String name) {
        sessions.inStatelessTransaction(session -> {
            session.createMutationQuery("delete from MemberEntity where name = :name")
                    .setParameter("name", name)
                    .executeUpdate();
            endAll(session, name);
        });
        durability.force();
    }

    private static void endAll(StatelessSession session, String member) {
        session.createMutationQuery("delete from MemberSessionEntity where member = :member")
                .setParameter("member", member)
                .executeUpdate();
    }

    @Override
    public void begin(String tokenHash, String member, Instant now, Instant endsAt) {
        sessions.inStatelessTransaction(session -> {
            session.createMutationQuery("delete from MemberSessionEntity where endsAt <= :now")
                    .setParameter("now", now)
                    .executeUpdate();
            session.insert(new MemberSessionEntity(tokenHash, member, endsAt));
        });
    }

    @Override
    public boolean isRunning(String tokenHash, Instant now) {
        return sessions.fromStatelessSession(
                session -> Optional.ofNullable(session.get(MemberSessionEntity.class, tokenHash))
                        .filter(running -> now.isBefore(running.endsAt))
                        .isPresent());
    }

    @Override
    public void end(String tokenHash) {
        sessions.inStatelessTransaction(
                session -> session.createMutationQuery("delete from MemberSessionEntity where tokenHash = :hash")
                        .setParameter("hash", tokenHash)
                        .executeUpdate());
    }
}
