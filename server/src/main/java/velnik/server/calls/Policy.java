package velnik.server.calls;

/** The header by which a page says what the browser may load and run in it. */
public final class Policy {
    public static final String HEADER = "Content-Security-Policy";

    private Policy() {}
}
