package velnik.server.releasing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.core.bin.BringingBack;
import velnik.core.change.Change;
import velnik.core.forwarding.Releasing;
import velnik.core.site.Site;
import velnik.core.telling.Waiting;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;
import velnik.server.storage.Disk;
import velnik.server.storage.Release;
import velnik.server.storage.ReleaseHeading;
import velnik.server.storage.ReleaseStore;
import velnik.server.workingcopy.WorkingCopy;

/** Publishes the working copy. */
@Service
public class Releases {
    private final WorkingCopy workingCopy;
    private final ReleaseStore store;
    private final LiveSite live;
    private final Disk disk;
    private final Clock clock;

    Releases(WorkingCopy workingCopy, ReleaseStore store, LiveSite live, Disk disk, Clock clock) {
        this.workingCopy = workingCopy;
        this.store = store;
        this.live = live;
        this.disk = disk;
        this.clock = clock;
    }

    public List<ReleaseHeading> headings() {
        return store.headings();
    }

    /**
     * Makes the working copy what visitors see, in one step.
     *
     * @param basedOn the revision whose waiting changes the person saw
     * @throws ProblemException when nothing waits (422), or the working copy went on since (409)
     */
    public ReleaseHeading publish(String person, String request, long basedOn, String note) {
        return workingCopy.edit(() -> repeated(person, request, basedOn, note.strip())
                .orElseGet(() -> publishNew(person, request, basedOn, note.strip())));
    }

    /**
     * What differs between two releases, in the sentences of what waits.
     *
     * @throws ProblemException when one of them is not kept (404)
     */
    public List<Waiting.Entry> difference(int from, int to) {
        return Waiting.between(site(from), site(to));
    }

    private Site site(int number) {
        return store.find(number)
                .map(Release::site)
                .orElseThrow(() -> new ProblemException(
                        HttpStatus.NOT_FOUND, "release-unknown", "That release is not kept any more."));
    }

    /**
     * Makes the working copy as it was in a release, as one edit that can be undone.
     *
     * @param basedOn the revision that the person saw
     * @throws ProblemException when the release is not kept (404), or the working copy went on since (409)
     */
    public WorkingCopy.Kept bringBack(String person, String request, long basedOn, int number) {
        Site released = site(number);
        return workingCopy.edit(() -> {
            List<Change> before = workingCopy.changesOf(request);
            if (before.isEmpty()) {
                workingCopy.checkIsNewest(basedOn);
            } else if (!(before.getFirst() instanceof Change.BringBack back && back.release() == number)) {
                throw RequestName.taken();
            }
            List<Change> changes = before.isEmpty()
                    ? List.of(new Change.BringBack(
                            number, BringingBack.difference(workingCopy.state().site(), released)))
                    : before;
            return workingCopy.apply(person, request, basedOn, changes);
        });
    }

    /** So many of the newest are kept, */
    private static final int NEWEST = 100;

    /** and all that were live for so long. */
    private static final Duration LONG_LIVE = Duration.ofDays(7);

    /** Lets go the releases that nobody comes back to. */
    public void tidy() {
        workingCopy.edit(() -> {
            List<ReleaseHeading> all = store.headings();
            Set<Integer> old = new HashSet<>();
            for (int i = NEWEST; i < all.size(); i++) {
                Duration live = Duration.between(all.get(i).at(), all.get(i - 1).at());
                if (live.compareTo(LONG_LIVE) <= 0) {
                    old.add(all.get(i).number());
                }
            }
            store.forget(old);
            return old;
        });
    }

    private Optional<ReleaseHeading> repeated(String person, String request, long basedOn, String note) {
        Optional<ReleaseHeading> known = store.findOf(request);
        if (known.filter(found -> !found.person().equals(person)
                        || found.revision() != basedOn
                        || !found.note().equals(note))
                .isPresent()) {
            throw RequestName.taken();
        }
        return known;
    }

    private ReleaseHeading publishNew(String person, String request, long basedOn, String note) {
        workingCopy.checkIsNewest(basedOn);
        WorkingCopy.State state = workingCopy.state();
        if (live.waiting(state.site()).isEmpty()) {
            throw new ProblemException(
                    HttpStatus.UNPROCESSABLE_CONTENT, "nothing-waits", "Nothing waits to be published.");
        }
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        Site published = Releasing.released(live.site(), state.site(), now);
        Release release = new Release(
                live.number() + 1, request, state.revision(), person, now, note, published.withBin(List.of()));
        disk.write(
                () -> store.keep(release, published.past().since(state.site().past())),
                () -> store.findOf(request).isPresent());
        if (live.number() < release.number()) {
            live.become(release);
            workingCopy.published(published.past());
        }
        return release.heading();
    }
}
