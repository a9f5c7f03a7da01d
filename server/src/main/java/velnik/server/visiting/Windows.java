package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.springframework.stereotype.Component;
import velnik.server.shared.Tokens;

/** Who may look at the working copy: whoever has a token that nobody can guess and that does not live long unused. */
@Component
class Windows {
    private static final Duration UNUSED = Duration.ofMinutes(30);

    private final Cache<String, Boolean> open =
            Caffeine.newBuilder().expireAfterAccess(UNUSED).maximumSize(10_000).build();

    String open() {
        String token = Tokens.fresh();
        open.put(token, true);
        return token;
    }

    boolean isOpen(String token) {
        return open.getIfPresent(token) != null;
    }
}
