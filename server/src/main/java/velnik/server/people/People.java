package velnik.server.people;

import static java.util.Objects.requireNonNull;

import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import velnik.core.change.Change;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.server.calls.ProblemException;
import velnik.server.storage.Person;
import velnik.server.storage.PersonStore;
import velnik.server.workingcopy.WorkingCopy;

/** Those who have an account at the editor. Makes accounts, and with the first of them begins the site. */
@Service
public class People {
    private final PersonStore people;
    private final PasswordEncoder passwords;
    private final WorkingCopy workingCopy;

    People(PersonStore people, PasswordEncoder passwords, WorkingCopy workingCopy) {
        this.people = people;
        this.passwords = passwords;
        this.workingCopy = workingCopy;
    }

    /** Whether nobody has an account yet. */
    public boolean isEmpty() {
        return people.isEmpty();
    }

    Optional<Person> find(String name) {
        return people.find(name);
    }

    /** What somebody is called; the name of their account where there is none any more. */
    public String displayName(String name) {
        return people.find(name).map(Person::displayName).orElse(name);
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
                workingCopy.applyForGood(
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
