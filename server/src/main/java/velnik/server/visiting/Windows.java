package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import org.springframework.stereotype.Component;

/** Who may look at the working copy: whoever has a token that nobody can guess and that does not live long unused. */
@Component
class Windows {
    private static final Duration UNUSED = Duration.ofMinutes(30);
    private static final int TOKEN_BYTES = 24;

    private final SecureRandom random = new SecureRandom();
    private final Cache<String, Boolean> open =
            Caffeine.newBuilder().expireAfterAccess(UNUSED).maximumSize(10_000).build();

    String open() {
        byte[] bytes = new byte[TOKEN_BYTES];
        random.nextBytes(bytes);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        open.put(token, true);
        return token;
    }

    boolean isOpen(String token) {
        return open.getIfPresent(token) != null;
    }
}
