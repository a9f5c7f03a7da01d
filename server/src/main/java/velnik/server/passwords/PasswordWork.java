package velnik.server.passwords;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import jakarta.annotation.PreDestroy;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import velnik.server.calls.ProblemException;

/**
 * Lets few passwords be checked at a time, since each takes a processor for a while, and but one of each address: sixty
 * guesses at once keep neither visitors waiting nor somebody who signs in from elsewhere. They are checked on half as
 * many threads as there are processors.
 */
@Component
public class PasswordWork {
    /** Seconds that somebody waits for their turn, and then for the check: on a busy machine long, and not for ever. */
    private static final int SECONDS = 30;

    private final ExecutorService checks = Executors.newFixedThreadPool(
            Math.max(1, Runtime.getRuntime().availableProcessors() / 2),
            Thread.ofPlatform().daemon().name("passwords-", 0).factory());
    private final LoadingCache<String, Semaphore> turns =
            Caffeine.newBuilder().weakValues().build(address -> new Semaphore(1, true));

    /**
     * @param address that the password comes from
     * @throws TooManyAtOnce when too many wait already
     */
    public <T> T inTurn(String address, Supplier<T> work) {
        Semaphore turn = turns.get(address);
        try {
            if (!turn.tryAcquire(SECONDS, TimeUnit.SECONDS)) {
                throw new TooManyAtOnce();
            }
            try {
                return checked(work);
            } finally {
                turn.release();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new TooManyAtOnce();
        }
    }

    private <T> T checked(Supplier<T> work) throws InterruptedException {
        Future<T> check = checks.submit(work::get);
        try {
            return check.get(SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException late) {
            throw new TooManyAtOnce();
        } catch (ExecutionException failed) {
            if (failed.getCause() instanceof RuntimeException cause) {
                throw cause;
            }
            throw new IllegalStateException("a password could not be checked", failed);
        } finally {
            check.cancel(false);
        }
    }

    @PreDestroy
    void end() {
        checks.shutdownNow();
    }

    /** So many passwords are being checked that one more has to come again (429). */
    public static final class TooManyAtOnce extends ProblemException {
        TooManyAtOnce() {
            super(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too-many-at-once",
                    "Too many people sign in just now. Try again in a moment.");
        }
    }
}
