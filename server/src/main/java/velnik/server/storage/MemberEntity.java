package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;

@Entity
@Table(name = "member")
class MemberEntity {
    @Id
    String name;

    @Column(name = "display_name")
    String displayName;

    LocalDate since;

    @Column(name = "password_hash")
    String passwordHash;

    @SuppressWarnings("NullAway.Init")
    protected MemberEntity() {}

    static MemberEntity of(Member member) {
        MemberEntity entity = new MemberEntity();
        entity.name = member.name();
        entity.displayName = member.displayName();
        entity.since = member.since();
        entity.passwordHash = member.passwordHash();
        return entity;
    }

    Member member() {
        return new Member(name, displayName, since, passwordHash);
    }
}
