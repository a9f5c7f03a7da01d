package velnik.server.calls;

import java.util.Optional;

/** Says what is the matter with the disk where that is why something failed. */
public interface StorageTrouble {
    /** A sentence for the person; empty where the disk has nothing to do with it. */
    Optional<String> behind(Throwable failed);
}
