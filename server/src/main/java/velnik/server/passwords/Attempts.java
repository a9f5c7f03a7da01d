package velnik.server.passwords;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Slows down guessing of passwords. After {@link #FREE} wrong ones for a name from one address, each further one must
 * wait, twice as long every time; so must those for any names after {@link #FREE_OF_ADDRESS} from one address. Somebody
 * at another address is not kept waiting.
 */
public final class Attempts {
    public static final int FREE = 5;
    public static final int FREE_OF_ADDRESS = 50;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(15);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

    /** Characters of a name that are remembered; what nobody is called may be of any length. */
    private static final int NAME = 100;

    private record Guesses(int count, Instant latest) {}

    private final Clock clock;
    private final Cache<String, Guesses> guesses = Caffeine.newBuilder()
            .maximumSize(10_000) // names that somebody made up do not fill the memory
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    public Attempts(Clock clock) {
        this.clock = clock;
    }

    /**
     * Counts an attempt before its password is looked at, so that many at once count as one after another.
     *
     * @return how long it has to wait; zero when it may be made now
     */
    public Duration begin(String name, String address) {
        Duration ofName = begin(key(name, address), FREE);
        return ofName.isZero() ? begin(address, FREE_OF_ADDRESS) : ofName;
    }

    private Duration begin(String key, int free) {
        Instant now = clock.instant();
        AtomicReference<Duration> wait = new AtomicReference<>(Duration.ZERO);
        guesses.asMap().compute(key, (any, so) -> {
            if (so == null) {
                return new Guesses(1, now);
            }
            if (so.count() >= free) {
                Duration left = Duration.between(now, so.latest().plus(waitAfter(so.count() - free)));
                if (left.isPositive()) {
                    wait.set(left);
                    return so;
                }
            }
            return new Guesses(so.count() + 1, now);
        });
        return wait.get();
    }

    private static Duration waitAfter(int further) {
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(further, 10));
        return wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
    }

    /** The password was right: what was guessed for the name from there counts no more. */
    public void succeeded(String name, String address) {
        guesses.invalidate(key(name, address));
        guesses.asMap().computeIfPresent(address, (any, so) -> new Guesses(Math.max(0, so.count() - 1), so.latest()));
    }

    /** Whoever guessed wrong for a name may try again, from anywhere: it has another password. */
    public void forget(String name) {
        String ending = key(name, "");
        guesses.asMap().keySet().removeIf(key -> key.startsWith(ending));
    }

    private static String key(String name, String address) {
        return name.substring(0, Math.min(name.length(), NAME)) + "\n" + address;
    }
}
