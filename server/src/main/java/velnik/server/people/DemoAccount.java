package velnik.server.people;

import java.util.List;
import velnik.server.storage.Person;

/** Who may work on the made-up business. Nothing of it is secret: whoever starts the demo is told these. */
public record DemoAccount(String name, String displayName, Person.Role role, String password) {
    public static final List<DemoAccount> ALL = List.of(
            new DemoAccount("mara", "Mara Okafor", Person.Role.OWNER, "slack-water"),
            new DemoAccount("jo", "Jo Lindqvist", Person.Role.EDITOR, "neap-tide"),
            new DemoAccount("visitor-desk", "Visitor desk", Person.Role.READER, "low-water"));
}
