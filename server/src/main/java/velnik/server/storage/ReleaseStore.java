package velnik.server.storage;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.Past;

/** Keeps releases, and which pages ever were part of one. */
public interface ReleaseStore {

    /** Its site knows the first releases of its pages. */
    Optional<Release> findNewest();

    /** One of them; empty where it was let go, or never was. */
    Optional<Release> find(int number);

    /** All, newest first. */
    List<ReleaseHeading> headings();

    /** What was published under a request's name. */
    Optional<ReleaseHeading> findOf(String request);

    /** Lets releases go. */
    void forget(Set<Integer> numbers);

    /** What all releases left behind. */
    Past past();

    /**
     * Keeps a release. When it returns, it is on the disk.
     *
     * @param left what it leaves behind beyond what those before it did
     */
    void keep(Release release, Past left);
}
