package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.PageId;

/** Keeps releases, and which pages ever were part of one. */
public interface ReleaseStore {

    /** Its site knows the first releases of its pages. */
    Optional<Release> findNewest();

    /** All, newest first. */
    List<ReleaseHeading> headings();

    /** What was published under a request's name. */
    Optional<ReleaseHeading> findOf(String request);

    /** Lets releases go. */
    void forget(Set<Integer> numbers);

    /** When each page was first part of a release. */
    Map<PageId, Instant> firstReleases();

    /**
     * Keeps a release. When it returns, it is on the disk.
     *
     * @param newlyReleased its pages that were part of no release before
     */
    void keep(Release release, Set<PageId> newlyReleased);
}
