package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "published_page")
class PublishedPageEntity {
    @Id
    @Column(name = "page_id")
    String pageId;

    @SuppressWarnings("NullAway.Init")
    protected PublishedPageEntity() {}

    PublishedPageEntity(String pageId) {
        this.pageId = pageId;
    }
}
