package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.SiteFile;

/** A file of the site; what it holds lies in the data folder. */
@Entity
@Table(name = "site_file")
class FileEntity {
    @Id
    String id;

    String content;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected FileEntity() {}

    static FileEntity of(SiteFile file, StoredForms forms) {
        FileEntity entity = new FileEntity();
        entity.id = file.id().value();
        entity.content = forms.write(file, SiteFile.class);
        entity.format = StoredForms.FORMAT;
        return entity;
    }
}
