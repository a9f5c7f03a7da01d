package velnik.server.workingcopy;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import velnik.core.change.Change;
import velnik.core.change.Circumstances;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.Remedy;
import velnik.core.compare.Difference;
import velnik.core.edit.Changes;
import velnik.core.site.Past;
import velnik.core.site.Removal;
import velnik.core.site.RemovalId;
import velnik.core.site.Site;
import velnik.server.calls.ProblemException;
import velnik.server.calls.RequestName;
import velnik.server.storage.Disk;
import velnik.server.storage.JournalEntry;
import velnik.server.storage.ReleaseStore;
import velnik.server.storage.SiteStore;

/**
 * The one place where the working copy becomes another. Edits are taken one at a time; the new site is seen by readers
 * only once it and its journal entry are on the disk.
 */
@Service
public class WorkingCopy {
    private final SiteStore store;
    private final ReleaseStore releases;
    private final Disk disk;
    private final Clock clock;
    private final Idle idle = new Idle();
    private History history;
    private final ReentrantLock editing = new ReentrantLock();
    /** Held while memory goes from one state to the next, never while anything is computed or written. */
    private final Object memory = new Object();

    private final List<Consumer<State>> watchers = new CopyOnWriteArrayList<>();
    private volatile State state;

    /** @param revision how many edits the site took */
    public record State(long revision, Site site) {}

    /**
     * An edit that was taken, or that had been taken before under the same request.
     *
     * @param remedies what can be done about what was told; none for a repeat
     * @param differences one after another; none where nothing was changed
     */
    public record Kept(
            State state, String title, List<String> told, List<Remedy> remedies, List<Difference> differences) {
        Kept offering(List<Remedy> remedies) {
            return new Kept(state, title, told, remedies, differences);
        }
    }

    WorkingCopy(SiteStore store, ReleaseStore releases, Disk disk, Clock clock) {
        this.store = store;
        this.releases = releases;
        this.disk = disk;
        this.clock = clock;
        this.state = read();
        this.history = readHistory();
        disk.whenUnsure(() -> {
            History fresh = readHistory();
            State there = read();
            synchronized (memory) {
                history = fresh;
                become(there);
            }
        });
    }

    private State read() {
        SiteStore.Stored stored = store.load();
        return new State(stored.revision(), stored.site().withPast(releases.past()));
    }

    private History readHistory() {
        return new History(store.headings(History.REACH, clock.instant().minus(History.YEAR)), store::findEntry);
    }

    public State state() {
        return state;
    }

    /** Has somebody told of every state from now on, in order; quickly, since no edit can happen meanwhile. */
    public void watch(Consumer<State> watcher) {
        watchers.add(watcher);
    }

    private void become(State next) {
        state = next;
        watchers.forEach(watcher -> watcher.accept(next));
    }

    /**
     * What happened after a revision.
     *
     * @param edits oldest first
     */
    public record Since(State state, List<History.Recent> edits) {}

    /** @throws ProblemException when there never was such a revision, or it is too many edits ago (409) */
    public Since since(long revision) {
        return atOneTime(() -> {
            checkRevision(revision);
            List<History.Recent> edits = history.since(revision);
            if (!history.knowsAllSince(revision)) {
                throw OtherRevision.tooLongAgo();
            }
            return new Since(state, edits);
        });
    }

    /** Reads what is true of one revision. Never waits for an edit that is being computed or written. */
    public <T> T atOneTime(Supplier<T> reading) {
        synchronized (memory) {
            return reading.get();
        }
    }

    /**
     * Runs while no other edit can happen, once memory and disk agree.
     *
     * @throws ProblemException when the disk does not answer (507)
     */
    public <T> T edit(Supplier<T> work) {
        editing.lock();
        try {
            disk.settle();
            return work.get();
        } finally {
            editing.unlock();
        }
    }

    /** Tells what releases have left behind by now. */
    public void published(Past past) {
        synchronized (memory) {
            become(new State(state.revision(), state.site().withPast(past)));
        }
    }

    /**
     * Applies all changes or none.
     *
     * @param basedOn the revision the person saw
     * @throws ProblemException refused (422), or somebody changed the same field since that revision (409)
     */
    public Kept apply(String person, String request, long basedOn, List<Change> changes) {
        return applied(JournalEntry.Kind.EDIT, person, request, () -> basedOn, changes, Outcome.Applied::title);
    }

    /** The same for changes that are one deed, which undo calls by its title and not by theirs. */
    public Kept apply(String person, String request, long basedOn, List<Change> changes, String title) {
        return applied(JournalEntry.Kind.EDIT, person, request, () -> basedOn, changes, applied -> title);
    }

    /** Makes changes that nobody undoes: Velnik's own, and those that say beforehand that they are for good. */
    public Kept applyForGood(String person, String request, List<Change> changes) {
        return applied(
                JournalEntry.Kind.SYSTEM, person, request, () -> state.revision(), changes, Outcome.Applied::title);
    }

    private Kept applied(
            JournalEntry.Kind kind,
            String person,
            String request,
            LongSupplier basedOn,
            List<Change> changes,
            Function<Outcome.Applied, String> title) {
        Asked asked = new Asked(person, kind, changes);
        return edit(() -> repeated(request, asked)
                .orElseGet(() -> applyNew(kind, person, request, basedOn.getAsLong(), changes, title)));
    }

    private Kept applyNew(
            JournalEntry.Kind kind,
            String person,
            String request,
            long basedOn,
            List<Change> changes,
            Function<Outcome.Applied, String> title) {
        checkRevision(basedOn);
        return switch (tried(person, changes)) {
            case Outcome.Refused(Refusal why) -> throw Refusals.problem(why);
            case Outcome.Applied applied -> {
                Site site = applied.site();
                Difference difference = Difference.between(state.site(), site);
                if (difference.isEmpty()) {
                    Kept nothing = new Kept(state, title.apply(applied), applied.told(), applied.remedies(), List.of());
                    idle.remember(request, new Asked(person, kind, changes), nothing);
                    yield nothing;
                }
                if (kind == JournalEntry.Kind.EDIT) {
                    Clashes.check(history, basedOn, changes, difference, state.site(), site);
                }
                Optional<Stretch> stretch = kind == JournalEntry.Kind.EDIT
                        ? Stretch.goingOn(history, state, person, changes, site)
                        : Optional.empty();
                JournalEntry entry = new JournalEntry(
                        state.revision() + 1,
                        request,
                        kind,
                        null,
                        person,
                        now(),
                        title.apply(applied),
                        applied.told(),
                        changes,
                        stretch.map(Stretch::difference).orElse(difference));
                yield keep(List.of(entry), site, stretch.map(Stretch::revision).orElse(null))
                        .offering(applied.remedies());
            }
        };
    }

    /** What would become of these changes. Changes nothing. */
    public Outcome tried(String person, List<Change> changes) {
        return Changes.applyAll(state.site(), changes, new Circumstances(now(), person));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /**
     * Takes back the person's latest edit that is still in force.
     *
     * @throws ProblemException built upon (409), with the titles of the later edits that would have to go too
     */
    public Kept undo(String person, String request, Undo how) {
        JournalEntry.Kind kind = how == Undo.SKIP ? JournalEntry.Kind.SKIP : JournalEntry.Kind.UNDO;
        StepBack.Asked asked = new StepBack.Asked(kind, person, request, now());
        return edit(() -> repeated(request, new Asked(person, kind, List.of())).orElseGet(() -> {
            JournalEntry done =
                    entry(history.undoable(person).orElseThrow(() -> Refusals.problem(new Refusal.NothingToUndo())));
            return switch (how) {
                case ALONE -> keep(StepBack.taking(asked, state, history, List.of(done)));
                case TOGETHER -> keep(StepBack.taking(asked, state, history, withWhatIsBuiltUpon(done)));
                case SKIP -> keep(StepBack.skipping(asked, state, done));
            };
        }));
    }

    /** Makes again what the person undid last. */
    public Kept redo(String person, String request) {
        return edit(() -> repeated(request, new Asked(person, JournalEntry.Kind.REDO, List.of()))
                .orElseGet(() -> {
                    JournalEntry undone = entry(
                            history.redoable(person).orElseThrow(() -> Refusals.problem(new Refusal.NothingToRedo())));
                    return keep(StepBack.taking(
                            new StepBack.Asked(JournalEntry.Kind.REDO, person, request, now()),
                            state,
                            history,
                            List.of(undone)));
                }));
    }

    /** The newest first. */
    private List<JournalEntry> withWhatIsBuiltUpon(JournalEntry done) {
        List<JournalEntry> all = new ArrayList<>();
        BuiltUpon.edits(state.site(), history, done).reversed().forEach(later -> all.add(entry(later.revision())));
        all.add(done);
        return all;
    }

    private Kept keep(StepBack step) {
        return keep(step.entries(), step.site(), null);
    }

    /** How long what was removed lies in the bin. */
    private static final Duration IN_BIN = Duration.ofDays(90);

    /** Lets go what has lain in the bin for long, and what of the journal is beyond the reach of undo. */
    public void tidy() {
        edit(() -> {
            Instant now = now();
            List<RemovalId> old = state.site().bin().stream()
                    .filter(removal -> removal.at().isBefore(now.minus(IN_BIN)))
                    .map(Removal::id)
                    .toList();
            if (!old.isEmpty()) {
                applyForGood("Velnik", "tidy-" + state.revision(), List.of(new Change.EmptyBin(old)));
            }
            store.forget(now.minus(History.YEAR), history.needed());
            return state;
        });
    }

    private JournalEntry entry(long revision) {
        return store.findEntry(revision)
                .orElseThrow(() -> new IllegalStateException("the journal has no revision " + revision));
    }

    /**
     * Readers see the new site only once it and its entries are on the disk.
     *
     * @param instead the revision of the newest edit where the first entry goes on with it
     */
    private Kept keep(List<JournalEntry> entries, Site site, @Nullable Long instead) {
        long last = entries.getLast().revision();
        disk.write(
                () -> store.write(state.site(), site, entries, instead),
                () -> !store.entriesOf(entries.getFirst().request()).isEmpty());
        synchronized (memory) {
            if (state.revision() < last) {
                if (instead != null) {
                    history.goOnWithNewest();
                }
                entries.forEach(history::add);
                become(new State(last, site));
            }
        }
        return kept(entries);
    }

    private Kept kept(List<JournalEntry> entries) {
        return new Kept(
                state,
                entries.getLast().title(),
                entries.stream().flatMap(entry -> entry.told().stream()).toList(),
                List.of(),
                entries.stream().map(JournalEntry::difference).toList());
    }

    /**
     * The answer to a request that was answered before.
     *
     * @throws ProblemException when the name was given to another request (409)
     */
    private Optional<Kept> repeated(String request, Asked asked) {
        List<JournalEntry> entries = store.entriesOf(request);
        if (entries.isEmpty()) {
            return idle.find(request, asked)
                    .map(kept -> new Kept(state, kept.title(), kept.told(), List.of(), List.of()));
        }
        if (!asked.isWhatMade(entries.getFirst())) {
            throw RequestName.taken();
        }
        return Optional.of(kept(entries));
    }

    /** What was changed under a request's name; nothing where there was no such request. */
    public List<Change> changesOf(String request) {
        return store.entriesOf(request).stream()
                .flatMap(entry -> entry.changes().stream())
                .toList();
    }

    /** @throws ProblemException when there never was such a revision */
    public void checkRevision(long basedOn) {
        if (basedOn < 0 || basedOn > state.revision()) {
            throw OtherRevision.unknown(basedOn, state.revision());
        }
    }

    /** @throws ProblemException when others went on since a revision (409), or it never was there */
    public void checkIsNewest(long basedOn) {
        checkRevision(basedOn);
        if (state.revision() != basedOn) {
            throw OtherRevision.changedSince(basedOn, state.revision());
        }
    }

    /**
     * What undo and redo would do for a person now.
     *
     * @param latest what repeated undo would take back, the latest first
     */
    public record Steps(@Nullable String undo, @Nullable String redo, List<String> latest) {}

    public Steps steps(String person) {
        return atOneTime(() -> new Steps(history.undoTitle(person), history.redoTitle(person), history.latest(person)));
    }
}
