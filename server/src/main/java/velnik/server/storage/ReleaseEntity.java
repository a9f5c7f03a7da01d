package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import velnik.core.site.Past;
import velnik.core.site.Site;

@Entity
@Table(name = "release")
class ReleaseEntity {
    @Id
    int number;

    String request;
    long revision;
    String person;
    Instant at;
    String note;
    String site;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected ReleaseEntity() {}

    static ReleaseEntity of(Release release, StoredForms forms) {
        ReleaseEntity entity = new ReleaseEntity();
        entity.number = release.number();
        entity.request = release.request();
        entity.revision = release.revision();
        entity.person = release.person();
        entity.at = release.at();
        entity.note = release.note();
        entity.site = forms.writeSite(release.site());
        entity.format = StoredForms.FORMAT;
        return entity;
    }

    Release release(StoredForms forms, Past past) {
        Site released = forms.readSite(format, site).withPast(past);
        return new Release(number, request, revision, person, at, note, released);
    }
}
