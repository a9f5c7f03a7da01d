package velnik.server.members;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import velnik.core.site.TextHash;
import velnik.core.text.Line;
import velnik.server.calls.ProblemException;
import velnik.server.passwords.Attempts;
import velnik.server.passwords.PasswordWork;
import velnik.server.passwords.Tokens;
import velnik.server.storage.Member;
import velnik.server.storage.MemberStore;
import velnik.server.workingcopy.WorkingCopy;

/** Who is a member, and where members are signed in. */
@Service
public class Members {
    /** How long a member stays signed in. */
    public static final Duration SESSION = Duration.ofDays(14);

    /** Characters of a name or password that anybody has. */
    private static final int LONGEST = 200;

    private static final Logger LOG = LoggerFactory.getLogger(Members.class);

    private final MemberStore store;
    private final PasswordEncoder passwords;
    private final PasswordWork work;
    private final WorkingCopy workingCopy;
    private final Clock clock;
    private final Attempts attempts;
    /**
     * Compared with where there is no such member, so that it takes as long to say so. Written out, since working it out
     * takes part of a second at each start.
     */
    public static final String NOBODYS_HASH =
            "{argon2}$argon2id$v=19$m=19456,t=2,p=1$HlgrHM7jPTq7Z0EEeGwxdg$tHFqnlWKQV0RkV/PxSjxin3xPc8RH8lApSuxD2LN48k";

    Members(MemberStore store, PasswordEncoder passwords, PasswordWork work, WorkingCopy workingCopy, Clock clock) {
        this.store = store;
        this.passwords = passwords;
        this.work = work;
        this.workingCopy = workingCopy;
        this.clock = clock;
        this.attempts = new Attempts(clock);
    }

    /** What became of signing in. */
    public sealed interface SignIn {
        /** @param token what the browser keeps, for {@link #SESSION} */
        record Done(String token) implements SignIn {}

        record Wrong() implements SignIn {}

        record TooOften(Duration left) implements SignIn {}

        /** Too many others sign in just now. */
        record Busy() implements SignIn {}
    }

    List<Member> all() {
        return store.all();
    }

    /** @throws ProblemException when there is a member of that name (409) */
    public synchronized void add(String name, String displayName, String password) {
        if (store.find(name).isPresent()) {
            throw new ProblemException(
                    HttpStatus.CONFLICT,
                    "member-exists",
                    "There is a member with the name " + name + " already. Nothing was changed.");
        }
        ZoneId zone = workingCopy.state().site().details().timeZone();
        store.add(new Member(
                name, Line.cleaned(displayName), LocalDate.ofInstant(clock.instant(), zone), hashed(password)));
    }

    /**
     * Gives a member another password and signs them out everywhere.
     *
     * @throws ProblemException when there is no such member (404)
     */
    synchronized void setPassword(String name, String password) {
        Member member = existing(name);
        store.replace(new Member(name, member.displayName(), member.since(), hashed(password)));
        attempts.forget(name);
    }

    /**
     * Removes a member and signs them out everywhere.
     *
     * @throws ProblemException when there is no such member (404)
     */
    synchronized void remove(String name) {
        store.remove(existing(name).name());
    }

    private Member existing(String name) {
        return store.find(name)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "no-such-member", "There is no member with the name " + name + "."));
    }

    /** @param address that the attempt comes from */
    public SignIn signIn(String typed, String password, String address) {
        String name = typed.strip().toLowerCase(Locale.ROOT);
        if (typed.length() > LONGEST || password.length() > LONGEST) {
            return new SignIn.Wrong();
        }
        Duration wait = attempts.begin(name, address);
        if (!wait.isZero()) {
            return new SignIn.TooOften(wait);
        }
        Optional<Member> member = store.find(name);
        boolean right;
        try {
            right = work.inTurn(
                    address,
                    () -> passwords.matches(
                            password, member.map(Member::passwordHash).orElse(NOBODYS_HASH)));
        } catch (PasswordWork.TooManyAtOnce busy) {
            return new SignIn.Busy();
        }
        if (member.isEmpty() || !right) {
            LOG.warn("a wrong password for the member {} from {}", Line.cleaned(name), address);
            return new SignIn.Wrong();
        }
        attempts.succeeded(name, address);
        return begun(member.get());
    }

    /** Not for one who was removed or given another password just now. */
    private synchronized SignIn begun(Member member) {
        if (!store.find(member.name()).equals(Optional.of(member))) {
            return new SignIn.Wrong();
        }
        String token = Tokens.fresh();
        Instant now = clock.instant();
        store.begin(hashOf(token), member.name(), now, now.plus(SESSION));
        return new SignIn.Done(token);
    }

    public boolean isSignedIn(String token) {
        return store.isRunning(hashOf(token), clock.instant());
    }

    public void signOut(String token) {
        store.end(hashOf(token));
    }

    private String hashed(String password) {
        return requireNonNull(passwords.encode(password));
    }

    private static String hashOf(String token) {
        return TextHash.of(token).value();
    }
}
