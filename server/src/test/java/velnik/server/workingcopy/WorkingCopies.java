package velnik.server.workingcopy;

import java.time.Clock;
import velnik.server.storage.Disk;
import velnik.server.storage.ReleaseStore;
import velnik.server.storage.SiteStore;

/** Makes working copies for tests that start no server. */
public final class WorkingCopies {
    private WorkingCopies() {}

    public static WorkingCopy over(SiteStore store, ReleaseStore releases, Disk disk) {
        return over(store, releases, disk, Clock.systemUTC());
    }

    public static WorkingCopy over(SiteStore store, ReleaseStore releases, Disk disk, Clock clock) {
        return new WorkingCopy(store, releases, disk, clock);
    }
}
