package velnik.server.storage;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

@Entity
@Table(name = "person")
class PersonEntity {
    @Id
    String name;

    @Column(name = "display_name")
    String displayName;

    @Enumerated(EnumType.STRING)
    Person.Role role;

    @Column(name = "password_hash")
    String passwordHash;

    @SuppressWarnings("NullAway.Init")
    protected PersonEntity() {}

    static PersonEntity of(Person person) {
        PersonEntity entity = new PersonEntity();
        entity.name = person.name();
        entity.displayName = person.displayName();
        entity.role = person.role();
        entity.passwordHash = person.passwordHash();
        return entity;
    }

    Person person() {
        return new Person(name, displayName, role, passwordHash);
    }
}
