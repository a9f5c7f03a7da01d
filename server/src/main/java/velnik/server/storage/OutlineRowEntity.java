package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import org.jspecify.annotations.Nullable;

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
}
