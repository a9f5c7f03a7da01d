package velnik.core.change;

import java.util.Set;
import velnik.core.site.PageId;

/**
 * What a change has to know of the world outside the site.
 *
 * @param everPublished pages that were part of a release; their slugs no longer follow their titles
 */
public record Circumstances(Set<PageId> everPublished) {
    public static final Circumstances NOTHING_PUBLISHED = new Circumstances(Set.of());
}
