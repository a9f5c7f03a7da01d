package velnik.server.tidying;

import velnik.server.Started;

/** Does the night's work by day. */
public final class Tidy {
    private Tidy() {}

    public static void now(Started server) {
        server.bean(Tidying.class).tidy();
    }
}
