package velnik.server.storage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;

@Entity
@Table(name = "preference")
@IdClass(PreferenceEntity.Key.class)
class PreferenceEntity {
    record Key(String person, String name) {}

    @Id
    String person;

    @Id
    String name;

    String setting;

    @SuppressWarnings("NullAway.Init")
    protected PreferenceEntity() {}

    PreferenceEntity(String person, String name, String setting) {
        this.person = person;
        this.name = name;
        this.setting = setting;
    }
}
