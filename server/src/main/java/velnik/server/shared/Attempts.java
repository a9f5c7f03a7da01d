package velnik.server.shared;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * Slows down guessing of passwords. After {@link #FREE} wrong ones for a name, each further one must wait, twice as long
 * every time.
 */
public final class Attempts {
    public static final int FREE = 5;
    private static final Duration FIRST_WAIT = Duration.ofSeconds(15);
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(15);

    private record Wrong(int count, Instant latest) {}

    /** Characters of a name that are remembered; what nobody is called may be of any length. */
    private static final int NAME = 100;

    private final Clock clock;
    private final Cache<String, Wrong> wrong = Caffeine.newBuilder()
            .maximumSize(10_000) // names that somebody made up do not fill the memory
            .expireAfterWrite(Duration.ofHours(1))
            .build();

    public Attempts(Clock clock) {
        this.clock = clock;
    }

    /** How long the next attempt for this name has to wait; zero when it may be made now. */
    public Duration wait(String name) {
        Wrong so = wrong.getIfPresent(key(name));
        if (so == null || so.count() < FREE) {
            return Duration.ZERO;
        }
        Duration wait = FIRST_WAIT.multipliedBy(1L << Math.min(so.count() - FREE, 10));
        Duration capped = wait.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : wait;
        Duration left = Duration.between(clock.instant(), so.latest().plus(capped));
        return left.isNegative() ? Duration.ZERO : left;
    }

    public void failed(String name) {
        wrong.asMap()
                .merge(
                        key(name),
                        new Wrong(1, clock.instant()),
                        (old, one) -> new Wrong(old.count() + 1, one.latest()));
    }

    public void succeeded(String name) {
        wrong.invalidate(key(name));
    }

    private static String key(String name) {
        return name.substring(0, Math.min(name.length(), NAME));
    }
}
