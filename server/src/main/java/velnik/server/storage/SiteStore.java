package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Site;

/** Keeps the working copy and its journal. */
public interface SiteStore {

    /** The working copy and how many edits it took. */
    record Stored(long revision, Site site) {}

    /** What it returns is on the disk. */
    Stored load();

    /**
     * Writes what differs and the journal entries in one transaction. When it returns, all is on the disk.
     *
     * @param before the site at the revision before the first entry's
     * @param after the site that the last entry led to
     * @param entries of consecutive revisions, at least one
     * @param instead the revision of the entry that the first of them goes on with and takes the place of; null for none
     * @throws RuntimeException when the stored revision is another, or the disk refuses; what is written then has to be
     *     read
     */
    void write(Site before, Site after, List<JournalEntry> entries, @Nullable Long instead);

    /** As above, where no entry goes on with another. */
    default void write(Site before, Site after, List<JournalEntry> entries) {
        write(before, after, entries, null);
    }

    Optional<JournalEntry> findEntry(long revision);

    /** What was kept under a request's name: one entry, several for edits undone together, or none. */
    List<JournalEntry> entriesOf(String request);

    /** Lets entries made before a moment go, but for those that are still needed. */
    void forget(Instant before, Set<Long> needed);

    /** Of the newest edits, and of all since a moment, whichever are more; oldest first. */
    List<JournalEntry.Heading> headings(int newest, Instant since);
}
