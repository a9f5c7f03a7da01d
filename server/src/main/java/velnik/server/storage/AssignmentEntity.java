package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.Assignment;
import velnik.core.site.TextHash;

/** An assignment, named by its zone and scope, of which there is one each. */
@Entity
@Table(name = "assignment")
class AssignmentEntity {
    @Id
    String id;

    String content;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected AssignmentEntity() {}

    static AssignmentEntity of(Assignment assignment, StoredForms forms) {
        AssignmentEntity entity = new AssignmentEntity();
        entity.id = idOf(assignment.key());
        entity.content = forms.write(assignment, Assignment.class);
        entity.format = StoredForms.FORMAT;
        return entity;
    }

    /** A scope may name many pages, so its word is kept as a hash. */
    static String idOf(Assignment.Key key) {
        return key.zone() + " " + TextHash.of(key.scope().word()).value();
    }
}
