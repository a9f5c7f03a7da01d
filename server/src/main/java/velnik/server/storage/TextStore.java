package velnik.server.storage;

import java.util.Collection;
import java.util.Optional;
import velnik.core.site.TextHash;

/** Keeps the texts of pages, each under the hash of what it says. Texts are never changed. */
public interface TextStore {
    Optional<String> find(TextHash hash);

    /** Keeps texts; those kept already are left as they are. */
    void keep(Collection<String> texts);

    /**
     * Lets those go that nothing names any more: no page, nothing in the bin, no release, no entry of the journal. Reads
     * all of these; nothing may be written meanwhile.
     */
    void forgetUnnamed();
}
