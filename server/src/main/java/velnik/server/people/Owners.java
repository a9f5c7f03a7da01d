package velnik.server.people;

import static java.util.Objects.requireNonNull;

import java.time.ZoneId;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import velnik.core.change.Change;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.server.editing.WorkingCopy;
import velnik.server.shared.ProblemException;
import velnik.server.storage.Person;
import velnik.server.storage.PersonStore;

/** Makes accounts, and with the first of them begins the site. */
@Service
public class Owners {
    private final PersonStore people;
    private final PasswordEncoder passwords;
    private final WorkingCopy workingCopy;

    Owners(PersonStore people, PasswordEncoder passwords, WorkingCopy workingCopy) {
        this.people = people;
        this.passwords = passwords;
        this.workingCopy = workingCopy;
    }

    /**
     * Makes the owner's account and begins the site.
     *
     * @throws ProblemException when there is an account already (409)
     */
    Person begin(String name, String displayName, String password, String siteName, ZoneId timeZone) {
        return workingCopy.edit(() -> {
            if (!people.isEmpty()) {
                throw new ProblemException(
                        HttpStatus.CONFLICT, "owner-exists", "This site has an owner already. Sign in instead.");
            }
            // The site first: an account without a site could not begin it again, a site without one can.
            if (workingCopy.state().site().equals(Site.bare())) {
                workingCopy.applyForTheSystem(
                        name,
                        "begin-site",
                        List.of(
                                new Change.BeginSite(
                                        siteName, "", timeZone, new MenuRowId("main"), new MenuRowId("main-list")),
                                new Change.AddBuiltInPages()));
            }
            return add(name, displayName, Person.Role.OWNER, password);
        });
    }

    public Person add(String name, String displayName, Person.Role role, String password) {
        String hash = requireNonNull(passwords.encode(password));
        Person person = new Person(name, Line.cleaned(displayName), role, hash);
        people.add(person);
        return person;
    }
}
