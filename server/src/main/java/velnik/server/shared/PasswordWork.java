package velnik.server.shared;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Lets few passwords be checked at a time, since each takes a processor for a while: sixty guesses at once must not keep
 * visitors waiting.
 */
@Component
public class PasswordWork {
    private static final int SECONDS = 10;

    private final Semaphore turns =
            new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

    /** @throws ProblemException when too many wait already (503) */
    public <T> T inTurn(Supplier<T> work) {
        try {
            if (!turns.tryAcquire(SECONDS, TimeUnit.SECONDS)) {
                throw tooMany();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw tooMany();
        }
        try {
            return work.get();
        } finally {
            turns.release();
        }
    }

    private static ProblemException tooMany() {
        return new ProblemException(
                HttpStatus.TOO_MANY_REQUESTS,
                "too-many-at-once",
                "Too many people sign in just now. Try again in a moment.");
    }
}
