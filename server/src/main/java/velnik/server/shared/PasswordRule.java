package velnik.server.shared;

/** What a password has to be; how it is guessed is slowed down by {@link Attempts}. */
public final class PasswordRule {
    public static final int SHORTEST = 10;
    public static final int LONGEST = 200;
    public static final String SENTENCE =
            "A password has 10 to 200 characters. Three words that do not belong together do.";

    private PasswordRule() {}
}
