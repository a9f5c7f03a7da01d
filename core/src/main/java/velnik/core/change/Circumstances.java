package velnik.core.change;

import java.time.Instant;
import java.util.Set;
import velnik.core.site.PageId;

/**
 * What a change has to know of the world outside the site.
 *
 * @param everPublished pages that were part of a release; their slugs no longer follow their titles
 * @param now when it happens
 * @param person whose change it is
 */
public record Circumstances(Set<PageId> everPublished, Instant now, String person) {
    /** Before the first release, at the beginning of time, by nobody in particular. */
    public static final Circumstances NOTHING_PUBLISHED = new Circumstances(Set.of(), Instant.EPOCH, "");

    public Circumstances published(Set<PageId> pages) {
        return new Circumstances(pages, now, person);
    }

    public Circumstances at(Instant moment, String by) {
        return new Circumstances(everPublished, moment, by);
    }
}
