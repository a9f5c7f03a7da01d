package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/** The one row that says how far the site has come. */
@Entity
@Table(name = "site")
class SiteEntity {
    static final int ONLY = 1;

    @Id
    int id;

    long revision;
    String name;
    String address;

    @Column(name = "time_zone")
    String timeZone;

    @Nullable
    String home;

    @SuppressWarnings("NullAway.Init")
    protected SiteEntity() {}
}
