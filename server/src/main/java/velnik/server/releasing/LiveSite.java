package velnik.server.releasing;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import velnik.core.compare.Difference;
import velnik.core.site.Details;
import velnik.core.site.Site;
import velnik.core.telling.Waiting;
import velnik.server.storage.Disk;
import velnik.server.storage.Release;
import velnik.server.storage.ReleaseStore;
import velnik.server.workingcopy.WorkingCopy;

/** What visitors see now: the newest release. */
@Component
public class LiveSite {
    private final ReleaseStore store;
    private final WorkingCopy workingCopy;
    private final AtomicReference<@Nullable Release> newest = new AtomicReference<>();
    private Site toCome = Site.bare();

    LiveSite(ReleaseStore store, WorkingCopy workingCopy, Disk disk) {
        this.store = store;
        this.workingCopy = workingCopy;
        read();
        disk.whenUnsure(this::read);
    }

    private void read() {
        newest.set(store.findNewest().map(this::sharing).orElse(null));
    }

    /** With what is alike in the working copy held as the same objects, so that comparing the two skips it. */
    private Release sharing(Release release) {
        Site working = workingCopy.state().site();
        return release.withSite(Difference.between(working, release.site()).applyTo(working));
    }

    public Optional<Release> findRelease() {
        return Optional.ofNullable(newest.get());
    }

    /** The number of the newest release; 0 before the first. */
    public int number() {
        return findRelease().map(Release::number).orElse(0);
    }

    /** The site of the newest release; a bare one before the first. */
    public Site site() {
        return findRelease().map(Release::site).orElseGet(Site::bare);
    }

    /** The same, but that before the first it is called what it will be, in the language it will be in. */
    public Site served() {
        return findRelease().map(Release::site).orElseGet(this::toCome);
    }

    private synchronized Site toCome() {
        Details details = workingCopy.state().site().details();
        Details named = toCome.details().withName(details.name()).withLanguage(details.language());
        if (!toCome.details().equals(named)) {
            toCome = toCome.withDetails(named);
        }
        return toCome;
    }

    void become(Release release) {
        newest.set(release);
    }

    public List<String> publicPages() {
        return site().pages().walk().stream().map(row -> row.id().value()).toList();
    }

    /** What a working copy has that visitors do not see yet. */
    public List<Waiting.Entry> waiting(Site workingCopy) {
        Site live = site();
        // Before the first release nobody waits for the menu that every site begins with.
        Site from = findRelease().isPresent()
                ? live
                : Site.bare()
                        .withDetails(workingCopy.details())
                        .withMenus(workingCopy.menus())
                        .withAssignments(workingCopy.assignments());
        return Waiting.between(from, workingCopy);
    }
}
