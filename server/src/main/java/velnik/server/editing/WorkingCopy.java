package velnik.server.editing;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.core.change.Change;
import velnik.core.change.Changes;
import velnik.core.change.Circumstances;
import velnik.core.change.Notice;
import velnik.core.change.Outcome;
import velnik.core.change.Refusal;
import velnik.core.change.Undoing;
import velnik.core.compare.Difference;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.server.shared.ProblemException;
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
    private final Clock clock;
    private final History history;
    private final ReentrantLock editing = new ReentrantLock();
    private final List<Consumer<State>> watchers = new CopyOnWriteArrayList<>();
    private volatile State state;

    /** @param revision how many edits the site took */
    public record State(long revision, Site site) {}

    /** An edit that was taken, or that had been taken before under the same request. */
    public record Kept(State state, String title, List<String> told, Difference difference) {}

    WorkingCopy(SiteStore store, ReleaseStore releases, Clock clock) {
        this.store = store;
        this.clock = clock;
        SiteStore.Stored stored = store.load();
        this.state = new State(stored.revision(), stored.site().withPublished(releases.firstReleases()));
        this.history = new History(
                store.headings(History.REACH, clock.instant().minus(History.YEAR)), store.newestEntries(History.REACH));
    }

    public State state() {
        return state;
    }

    /** Has somebody told of every state from now on, in order; quickly, since no edit can happen meanwhile. */
    void watch(Consumer<State> watcher) {
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
    record Since(State state, List<History.Recent> edits) {}

    /** @throws ProblemException when there never was such a revision, or it is too many edits ago (409) */
    Since since(long revision) {
        return whileNothingChanges(() -> {
            checkRevision(revision);
            List<History.Recent> edits = history.since(revision);
            if (!history.knowsAllSince(revision)) {
                throw new ProblemException(
                        HttpStatus.CONFLICT,
                        "too-long-ago",
                        "So much happened since that it is not told one by one. Load the page again.");
            }
            return new Since(state, edits);
        });
    }

    /** Runs while no edit can happen. What it returns is true of one revision. */
    public <T> T whileNothingChanges(Supplier<T> work) {
        editing.lock();
        try {
            return work.get();
        } finally {
            editing.unlock();
        }
    }

    /** Tells that pages were published, and when first. */
    public void published(Map<PageId, LocalDate> firstReleases) {
        become(new State(state.revision(), state.site().withPublished(firstReleases)));
    }

    /**
     * Applies all changes or none.
     *
     * @param basedOn the revision the person saw
     * @throws ProblemException refused (422), or somebody changed the same field since that revision (409)
     */
    public Kept apply(String person, String request, long basedOn, List<Change> changes) {
        return whileNothingChanges(() ->
                repeated(request).orElseGet(() -> applyNew(JournalEntry.Kind.EDIT, person, request, basedOn, changes)));
    }

    /** Makes changes of Velnik's own, which nobody undoes. */
    public Kept applyForTheSystem(String person, String request, List<Change> changes) {
        return whileNothingChanges(() -> repeated(request)
                .orElseGet(() -> applyNew(JournalEntry.Kind.SYSTEM, person, request, state.revision(), changes)));
    }

    private Kept applyNew(JournalEntry.Kind kind, String person, String request, long basedOn, List<Change> changes) {
        checkRevision(basedOn);
        return switch (tried(person, changes)) {
            case Outcome.Refused(Refusal why) -> throw Refusals.problem(why);
            case Outcome.Applied applied -> {
                Difference difference = Difference.between(state.site(), applied.site());
                Clashes.check(history.since(basedOn), difference, state.site());
                yield keep(
                        new Draft(kind, null, person, request, applied.title(), told(applied), changes),
                        applied.site());
            }
        };
    }

    /** What would become of these changes. Changes nothing. */
    Outcome tried(String person, List<Change> changes) {
        return Changes.applyAll(state.site(), changes, new Circumstances(now(), person));
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /** The first of the sentences is what happens. */
    static List<String> told(Outcome.Applied applied) {
        List<String> told = new ArrayList<>();
        told.add(applied.sentence());
        applied.notices().stream().map(Notice::sentence).forEach(told::add);
        return told;
    }

    /** What to do about an edit that others were built upon. */
    public enum Undo {
        /** It is not taken back then; the answer says what was built upon it. */
        ALONE,
        /** What was built upon it is taken back too, whoever did it. */
        TOGETHER,
        /** It is left as it is; undo goes on with the one before it. */
        SKIP
    }

    /**
     * Takes back the person's latest edit that is still in force.
     *
     * @throws ProblemException built upon (409), with the titles of the later edits that would have to go too
     */
    public Kept undo(String person, String request, Undo how) {
        return whileNothingChanges(() -> repeated(request).orElseGet(() -> {
            long revision = history.undoable(person).orElseThrow(() -> Refusals.problem(new Refusal.NothingToUndo()));
            return switch (how) {
                case ALONE -> takeBack(JournalEntry.Kind.UNDO, "Undone: ", revision, person, request);
                case TOGETHER -> takeBackTogether(revision, person, request);
                case SKIP -> skip(revision, person, request);
            };
        }));
    }

    /** One after another, the newest first, so that each can be made again by itself. */
    private Kept takeBackTogether(long revision, String person, String request) {
        List<Long> revisions = new ArrayList<>();
        BuiltUpon.edits(state.site(), history, entry(revision))
                .reversed()
                .forEach(later -> revisions.add(later.revision()));
        revisions.add(revision);
        List<String> told = new ArrayList<>();
        Kept kept = null;
        for (long each : revisions) {
            String name =
                    kept == null ? request : request.substring(0, Math.min(request.length(), 50)) + "-" + told.size();
            kept = takeBack(JournalEntry.Kind.UNDO, "Undone: ", each, person, name);
            told.addAll(kept.told());
        }
        return new Kept(state, Objects.requireNonNull(kept).title(), told, kept.difference());
    }

    private Kept skip(long revision, String person, String request) {
        JournalEntry entry = entry(revision);
        Draft draft = new Draft(
                JournalEntry.Kind.SKIP,
                revision,
                person,
                request,
                entry.title(),
                List.of("Left as it is: " + entry.title() + "."),
                List.of());
        return keep(draft, state.site());
    }

    private JournalEntry entry(long revision) {
        return store.findEntry(revision)
                .orElseThrow(() -> new IllegalStateException("the journal has no revision " + revision));
    }

    /** Makes again what the person undid last. */
    public Kept redo(String person, String request) {
        return whileNothingChanges(() -> repeated(request).orElseGet(() -> {
            long revision = history.redoable(person).orElseThrow(() -> Refusals.problem(new Refusal.NothingToRedo()));
            return takeBack(JournalEntry.Kind.REDO, "Redone: ", revision, person, request);
        }));
    }

    private Kept takeBack(JournalEntry.Kind kind, String said, long revision, String person, String request) {
        JournalEntry entry = entry(revision);
        return switch (Undoing.undo(state.site(), entry.difference())) {
            case Undoing.Result.Blocked blocked ->
                throw BuiltUpon.problem(blocked.why(), BuiltUpon.edits(state.site(), history, entry));
            case Undoing.Result.Undone(Site site) -> {
                List<String> told = List.of(said + entry.title() + ".");
                yield keep(new Draft(kind, revision, person, request, entry.title(), told, List.of()), site);
            }
        };
    }

    private record Draft(
            JournalEntry.Kind kind,
            @Nullable Long undoes,
            String person,
            String request,
            String title,
            List<String> told,
            List<Change> changes) {}

    private Kept keep(Draft draft, Site site) {
        Difference difference = Difference.between(state.site(), site);
        if (difference.isEmpty() && draft.undoes() == null) {
            return new Kept(state, draft.title(), draft.told(), difference);
        }
        JournalEntry entry = new JournalEntry(
                state.revision() + 1,
                draft.request(),
                draft.kind(),
                draft.undoes(),
                draft.person(),
                now(),
                draft.title(),
                draft.told(),
                draft.changes(),
                difference);
        store.write(state.site(), site, entry);
        history.add(entry);
        become(new State(entry.revision(), site));
        return new Kept(state, entry.title(), entry.told(), difference);
    }

    private Optional<Kept> repeated(String request) {
        return store.findEntryOf(request)
                .map(entry -> new Kept(state, entry.title(), entry.told(), entry.difference()));
    }

    /** @throws ProblemException when there never was such a revision */
    public void checkRevision(long basedOn) {
        if (basedOn < 0 || basedOn > state.revision()) {
            throw new ProblemException(
                    HttpStatus.CONFLICT,
                    "revision-unknown",
                    "This was meant for a state of the site that never was. Nothing was changed; load the page again.",
                    Map.of("basedOn", basedOn, "revision", state.revision()));
        }
    }

    /**
     * What undo and redo would do for a person now.
     *
     * @param latest what repeated undo would take back, the latest first
     */
    public record Steps(@Nullable String undo, @Nullable String redo, List<String> latest) {}

    public Steps steps(String person) {
        return whileNothingChanges(
                () -> new Steps(history.undoTitle(person), history.redoTitle(person), history.latest(person)));
    }
}
