package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "text")
class TextEntity {
    @Id
    String hash;

    String body;

    @SuppressWarnings("NullAway.Init")
    protected TextEntity() {}

    TextEntity(String hash, String body) {
        this.hash = hash;
        this.body = body;
    }
}
