package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import velnik.core.site.Forward;
import velnik.core.site.TextHash;

/** A forward, named by where it is from, of which there is one each. */
@Entity
@Table(name = "forward")
class ForwardEntity {
    @Id
    String id;

    String content;
    int format;

    @SuppressWarnings("NullAway.Init")
    protected ForwardEntity() {}

    static ForwardEntity of(Forward forward, StoredForms forms) {
        ForwardEntity entity = new ForwardEntity();
        entity.id = idOf(forward.from());
        entity.content = forms.write(forward, Forward.class);
        entity.format = StoredForms.FORMAT;
        return entity;
    }

    /** An address may be long, so its word is kept as a hash. */
    static String idOf(Forward.Source from) {
        return from.getClass().getSimpleName() + " " + TextHash.of(from.word()).value();
    }
}
