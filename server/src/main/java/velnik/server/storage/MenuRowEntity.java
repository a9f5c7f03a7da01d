package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;

/** A row of the outline of menus. Kinds of item differ much, so what is in a row is kept as one JSON text. */
@Entity
@Table(name = "menu_row")
class MenuRowEntity {
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
    protected MenuRowEntity() {}

    static MenuRowEntity of(MenuRowId id, Place<MenuRowId> place, MenuRow row, StoredForms forms) {
        MenuRowEntity entity = new MenuRowEntity();
        entity.id = id.value();
        entity.parentId = place.parent() == null ? null : place.parent().value();
        entity.afterId = place.after() == null ? null : place.after().value();
        entity.content = forms.write(row, MenuRow.class);
        entity.format = StoredForms.FORMAT;
        return entity;
    }
}
