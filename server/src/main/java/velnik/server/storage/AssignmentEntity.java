package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.Assignment;
import velnik.core.site.Scope;

/** An assignment, named by its zone and scope, of which there is one each. */
@Entity
@Table(name = "assignment")
class AssignmentEntity {
    @Id
    String id;

    String content;

    @SuppressWarnings("NullAway.Init")
    protected AssignmentEntity() {}

    static AssignmentEntity of(Assignment assignment, StoredForms forms) {
        AssignmentEntity entity = new AssignmentEntity();
        entity.id = assignment.zone() + " " + forms.write(assignment.scope(), Scope.class);
        entity.content = forms.write(assignment, Assignment.class);
        return entity;
    }
}
