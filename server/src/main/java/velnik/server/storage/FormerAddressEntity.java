package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** By which page visitors knew an address last. */
@Entity
@Table(name = "former_address")
class FormerAddressEntity {
    @Id
    String address;

    @Column(name = "page_id")
    String pageId;

    @SuppressWarnings("NullAway.Init")
    protected FormerAddressEntity() {}

    FormerAddressEntity(String address, String pageId) {
        this.address = address;
        this.pageId = pageId;
    }
}
