package velnik.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.text.Line;
import velnik.server.calls.ProblemException;
import velnik.server.passwords.Attempts;
import velnik.server.passwords.PasswordRule;
import velnik.server.settings.Settings;
import velnik.server.storage.Person;

/** Signing in and out, and the first account. */
@RestController
@RequestMapping("/-/api")
class SessionController {
    private static final Logger LOG = LoggerFactory.getLogger(SessionController.class);

    private final People people;
    private final SignIn signIn;
    private final Attempts attempts;
    private final Settings settings;

    SessionController(People people, SignIn signIn, Clock clock, Settings settings) {
        this.settings = settings;
        this.people = people;
        this.signIn = signIn;
        this.attempts = new Attempts(clock);
    }

    private static final String TOO_LONG = "A name and a password have at most 200 characters each.";

    record Credentials(
            @NotNull @Size(max = 200, message = TOO_LONG) String name,
            @NotNull @Size(max = 200, message = TOO_LONG) String password) {}

    /**
     * @param siteName what the site is called
     * @param timeZone where its days begin and end; the server's where it is left out, or is none the server knows
     */
    record NewOwner(
            @NotNull
            @Pattern(
                    regexp = "[a-z0-9][a-z0-9._-]{0,58}",
                    message = "A name to sign in with has small letters, digits, dots and hyphens.")
            String name,

            @NotBlank(message = "Say what you are called.")
            @Size(max = 200, message = "What you are called has at most 200 characters.")
            String displayName,

            @NotNull @Size(min = PasswordRule.SHORTEST, max = PasswordRule.LONGEST, message = PasswordRule.SENTENCE)
            String password,

            @NotBlank(message = "Give your site a name; it can be changed later.")
            @Size(max = 200, message = "A site's name has at most 200 characters.")
            String siteName,

            @Nullable String timeZone) {

        ZoneId zone() {
            try {
                return timeZone == null ? ZoneId.systemDefault() : ZoneId.of(timeZone);
            } catch (DateTimeException unknown) {
                return ZoneId.systemDefault();
            }
        }
    }

    /**
     * @param ownerMissing whether nobody has an account yet
     * @param demo the accounts that the demo offers to whoever has not signed in; none outside the demo
     */
    record SessionDto(@Nullable PersonDto person, boolean ownerMissing, List<DemoAccount> demo) {
        static SessionDto of(Person person) {
            return new SessionDto(PersonDto.of(person), false, List.of());
        }
    }

    record PersonDto(String name, String displayName, Person.Role role) {
        static PersonDto of(Person person) {
            return new PersonDto(person.name(), person.displayName(), person.role());
        }
    }

    @GetMapping("/session")
    SessionDto session(@Nullable Principal principal) {
        @Nullable
        Person person =
                principal == null ? null : people.find(principal.getName()).orElse(null);
        if (person != null) {
            return SessionDto.of(person);
        }
        return new SessionDto(null, people.isEmpty(), settings.demo() ? DemoAccount.ALL : List.of());
    }

    @PostMapping("/session")
    SessionDto signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        String address = request.getRemoteAddr();
        Duration wait = attempts.begin(credentials.name(), address);
        if (!wait.isZero()) {
            long seconds = wait.toSeconds() + 1;
            throw new ProblemException(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too-many-attempts",
                    "Too many wrong passwords for this name. Try again in " + seconds + " seconds.",
                    Map.of("seconds", seconds));
        }
        try {
            signIn.with(credentials.name(), credentials.password(), request, response);
        } catch (BadCredentialsException wrong) {
            LOG.warn("a wrong password for the name {} from {}", Line.cleaned(credentials.name()), address);
            throw new ProblemException(
                    HttpStatus.UNAUTHORIZED, "wrong-password", "This name and password do not go together.");
        }
        attempts.succeeded(credentials.name(), address);
        Person person = people.find(credentials.name()).orElseThrow();
        return SessionDto.of(person);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }

    /** The first account, the owner's; there is no other way to it, and it works once. */
    @PostMapping("/owner")
    @ResponseStatus(HttpStatus.CREATED)
    SessionDto begin(@Valid @RequestBody NewOwner owner, HttpServletRequest request, HttpServletResponse response) {
        PasswordRule.check(owner.password(), owner.name());
        Person person =
                people.begin(owner.name(), owner.displayName(), owner.password(), owner.siteName(), owner.zone());
        signIn.with(owner.name(), owner.password(), request, response);
        return SessionDto.of(person);
    }
}
