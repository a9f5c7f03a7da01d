package velnik.server.passwords;

import java.security.SecureRandom;
import java.util.Base64;

/** Words that nobody can guess, and that can stand in an address. */
public final class Tokens {
    private static final int BYTES = 32;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Tokens() {}

    public static String fresh() {
        byte[] bytes = new byte[BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }
}
