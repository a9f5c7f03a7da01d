package velnik.server.storage;

import java.util.Optional;

public interface PersonStore {
    boolean isEmpty();

    Optional<Person> find(String name);

    /** Adds somebody. When it returns, they are on the disk. */
    void add(Person person);
}
