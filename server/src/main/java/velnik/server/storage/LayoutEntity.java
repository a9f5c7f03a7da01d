package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;

/** A layout of the owner's own. */
@Entity
@Table(name = "layout")
class LayoutEntity {
    @Id
    String id;

    String name;
    String frame;

    @SuppressWarnings("NullAway.Init")
    protected LayoutEntity() {}

    static LayoutEntity of(Layout layout) {
        LayoutEntity entity = new LayoutEntity();
        entity.id = layout.id().value();
        entity.name = layout.name();
        entity.frame = layout.frame().value();
        return entity;
    }

    Layout layout() {
        return new Layout(new LayoutId(id), name, new LayoutId(frame));
    }
}
