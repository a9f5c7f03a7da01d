package velnik.server.storage;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import velnik.core.site.Site;

/** Keeps the working copy and its journal. */
public interface SiteStore {

    /** The working copy and how many edits it took. */
    record Stored(long revision, Site site) {}

    Stored load();

    /**
     * Writes what differs and the journal entry in one transaction. When it returns, both are on the disk.
     *
     * @param before the site at the revision before the entry's
     * @throws RuntimeException when the stored revision is another, or the disk refuses; nothing is written then
     */
    void write(Site before, Site after, JournalEntry entry);

    Optional<JournalEntry> findEntry(long revision);

    Optional<JournalEntry> findEntryOf(String request);

    /** The newest entries, oldest first. */
    List<JournalEntry> newestEntries(int atMost);

    /** Of the newest edits, and of all since a moment, whichever are more; oldest first. */
    List<JournalEntry.Heading> headings(int newest, Instant since);
}
