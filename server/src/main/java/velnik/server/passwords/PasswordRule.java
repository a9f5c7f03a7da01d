package velnik.server.passwords;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import velnik.server.calls.ProblemException;

/** What a password has to be; how it is guessed is slowed down by {@link Attempts}. */
public final class PasswordRule {
    public static final int SHORTEST = 10;
    public static final int LONGEST = 200;
    public static final String SENTENCE =
            "A password has 10 to 200 characters. Three words that do not belong together do.";

    /** Passwords that many people have, the most common first; guessers begin with them. */
    private static final String COMMON = "/dictionaries/passwords.txt";

    private PasswordRule() {}

    /**
     * @param name that it goes with
     * @throws ProblemException when it is one that many have, or the name (422)
     */
    public static void check(String password, String name) {
        String plain = password.toLowerCase(Locale.ROOT);
        if (plain.contains(name.toLowerCase(Locale.ROOT)) && plain.length() < name.length() + SHORTEST
                || Common.PASSWORDS.contains(plain)
                || plain.chars().distinct().count() < 4) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "password-common",
                    "This password is one of the first that are guessed. Choose three words that do not belong together.");
        }
    }

    /** Read once somebody chooses a password. */
    private static final class Common {
        private static final Set<String> PASSWORDS = read();

        private static Set<String> read() {
            try (BufferedReader lines = new BufferedReader(new InputStreamReader(
                    Objects.requireNonNull(PasswordRule.class.getResourceAsStream(COMMON)), StandardCharsets.UTF_8))) {
                return lines.lines()
                        .map(line -> line.strip().toLowerCase(Locale.ROOT))
                        .filter(password -> password.length() >= SHORTEST)
                        .collect(Collectors.toSet());
            } catch (IOException unreadable) {
                throw new UncheckedIOException(unreadable);
            }
        }
    }
}
