package velnik.core.change;

import java.time.Instant;

/**
 * What a change has to know of the world outside the site.
 *
 * @param now when it happens
 * @param person whose change it is
 */
public record Circumstances(Instant now, String person) {
    /** At the beginning of time, by nobody in particular. */
    public static final Circumstances NOBODY = new Circumstances(Instant.EPOCH, "");
}
