package velnik.server.storage;

import java.util.Set;

/** Knows which contents of files are still named. */
public interface FileNames {

    /** The hashes of all that the site, what lies in the bin, a release or the journal names, and perhaps some more. */
    Set<String> named();
}
