package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;

/** A row of an outline: where it stands, by {@link Chain}, and what is in it as one text by {@link StoredForms}. */
@MappedSuperclass
abstract class OutlineRowEntity {
    @Id
    String id;

    @Column(name = "parent_id")
    @Nullable
    String parentId;

    @Column(name = "after_id")
    @Nullable
    String afterId;

    String content;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected OutlineRowEntity() {}

    /** Makes the row one in the newest format. */
    void fill(Object id, Place<?> place, String content) {
        this.id = id.toString();
        this.parentId = place.parent() == null ? null : place.parent().toString();
        this.afterId = place.after() == null ? null : place.after().toString();
        this.content = content;
        this.format = StoredForms.FORMAT;
    }
}
