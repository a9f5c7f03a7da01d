package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.Removal;

/** A removal in the bin, as one JSON text. */
@Entity
@Table(name = "removal")
class RemovalEntity {
    @Id
    String id;

    String content;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected RemovalEntity() {}

    static RemovalEntity of(Removal removal, StoredForms forms) {
        RemovalEntity entity = new RemovalEntity();
        entity.id = removal.id().value();
        entity.content = forms.write(removal, Removal.class);
        entity.format = StoredForms.FORMAT;
        return entity;
    }
}
