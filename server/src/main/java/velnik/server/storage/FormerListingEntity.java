package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** The listing of which topic visitors knew by an address last. */
@Entity
@Table(name = "former_listing")
class FormerListingEntity {
    @Id
    String address;

    String topic;

    @SuppressWarnings("NullAway.Init")
    protected FormerListingEntity() {}

    FormerListingEntity(String address, String topic) {
        this.address = address;
        this.topic = topic;
    }
}
