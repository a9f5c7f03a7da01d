package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "member_session")
class MemberSessionEntity {
    @Id
    @Column(name = "token_hash")
    String tokenHash;

    String member;

    @Column(name = "ends_at")
    Instant endsAt;

    @SuppressWarnings("NullAway.Init")
    protected MemberSessionEntity() {}

    MemberSessionEntity(String tokenHash, String member, Instant endsAt) {
        this.tokenHash = tokenHash;
        this.member = member;
        this.endsAt = endsAt;
    }
}
