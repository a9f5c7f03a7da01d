package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.servlet.http.HttpSessionEvent;
import jakarta.servlet.http.HttpSessionListener;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;
import velnik.server.passwords.Tokens;

/**
 * Who may look at the working copy: whoever has a token that nobody can guess. It does not live long unused, ends with
 * the session that opened it, and in any case after a day.
 */
@Component
class Windows implements HttpSessionListener {
    private static final Duration UNUSED = Duration.ofMinutes(30);
    private static final Duration LONGEST = Duration.ofHours(24);

    private record Window(String session, Instant endsAt) {}

    private final Clock clock;
    private final Cache<String, Window> open =
            Caffeine.newBuilder().expireAfterAccess(UNUSED).maximumSize(10_000).build();

    Windows(Clock clock) {
        this.clock = clock;
    }

    /** @param session that it ends with */
    String open(String session) {
        String token = Tokens.fresh();
        open.put(token, new Window(session, clock.instant().plus(LONGEST)));
        return token;
    }

    boolean isOpen(String token) {
        Window window = open.getIfPresent(token);
        return window != null && clock.instant().isBefore(window.endsAt());
    }

    @Override
    public void sessionDestroyed(HttpSessionEvent event) {
        String session = event.getSession().getId();
        open.asMap().values().removeIf(window -> window.session().equals(session));
    }
}
