package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

@Entity
@Table(name = "published_page")
class PublishedPageEntity {
    @Id
    @Column(name = "page_id")
    String pageId;

    @Column(name = "first_at")
    Instant firstAt;

    @SuppressWarnings("NullAway.Init")
    protected PublishedPageEntity() {}

    PublishedPageEntity(String pageId, Instant firstAt) {
        this.pageId = pageId;
        this.firstAt = firstAt;
    }
}
