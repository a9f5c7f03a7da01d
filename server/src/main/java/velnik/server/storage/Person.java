package velnik.server.storage;

/** Somebody who works on the site. */
public record Person(String name, String displayName, Role role, String passwordHash) {

    public enum Role {
        /** May do everything. */
        OWNER,
        /** May do everything but publish and see to people. */
        EDITOR,
        /** May look. */
        READER
    }
}
