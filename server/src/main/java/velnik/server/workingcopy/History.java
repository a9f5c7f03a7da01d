package velnik.server.workingcopy;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongFunction;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.compare.Difference;
import velnik.server.storage.JournalEntry;

/**
 * What of the journal is in memory: for each person what undo and redo would take next, as far back as they reach, and
 * of the newest edits what they changed. Used under the working copy's lock only.
 */
public final class History {
    /** Undo reaches back so many of a person's edits, or all of a year, whichever is more. */
    static final int REACH = 1000;

    static final Duration YEAR = Duration.ofDays(366);

    /** Rows that the newest edits changed, remembered at most, so that large pastes do not fill the memory. */
    private static final int ROWS = 60_000;

    /** How many of a person's edits are listed to go back to. */
    private static final int LISTED = 12;

    private static final class Steps {
        final Deque<JournalEntry.Heading> undo = new ArrayDeque<>();
        final Deque<JournalEntry.Heading> redo = new ArrayDeque<>();
    }

    /**
     * @param sentence what happened, as it was told
     * @param changes as asked; none for an undo or redo
     */
    public record Recent(JournalEntry.Heading heading, String sentence, List<Change> changes, Difference difference) {
        static Recent of(JournalEntry entry) {
            return new Recent(entry.heading(), entry.told().getFirst(), entry.changes(), entry.difference());
        }

        /** About how much it takes in memory, counted in rows. */
        int weight() {
            return 1
                    + difference.pages().rows().size()
                    + difference.menus().rows().size();
        }

        long revision() {
            return heading.revision();
        }

        public String person() {
            return heading.person();
        }
    }

    private final Map<String, Steps> byPerson = new HashMap<>();
    private final Deque<Recent> recent = new ArrayDeque<>();
    private int weight;

    /**
     * @param headings as far back as undo reaches, oldest first
     * @param entries finds a whole one by its revision
     */
    History(List<JournalEntry.Heading> headings, LongFunction<Optional<JournalEntry>> entries) {
        headings.forEach(this::step);
        for (JournalEntry.Heading heading : headings.reversed()) {
            Recent earlier = entries.apply(heading.revision()).map(Recent::of).orElseThrow();
            if (recent.size() == REACH || (weight + earlier.weight() > ROWS && !recent.isEmpty())) {
                break;
            }
            recent.addFirst(earlier);
            weight += earlier.weight();
        }
    }

    void add(JournalEntry entry) {
        step(entry.heading());
        remember(entry);
    }

    /** The newest edit; none where there never was one. */
    Optional<Recent> newest() {
        return Optional.ofNullable(recent.peekLast());
    }

    /** Lets the newest edit go, since the next goes on with it and holds all of it. */
    void goOnWithNewest() {
        Recent newest = recent.removeLast();
        weight -= newest.weight();
        forget(newest.revision());
    }

    private void step(JournalEntry.Heading heading) {
        Steps steps = byPerson.computeIfAbsent(heading.person(), person -> new Steps());
        if (heading.undoes() != null) {
            forget(heading.undoes());
        }
        switch (heading.kind()) {
            case EDIT -> {
                steps.undo.push(heading);
                steps.redo.clear();
            }
            case UNDO -> steps.redo.push(heading);
            case REDO -> steps.undo.push(heading);
            case SYSTEM, SKIP -> {}
        }
        Instant aYearAgo = heading.at().minus(YEAR);
        while (steps.undo.size() > REACH && steps.undo.getLast().at().isBefore(aYearAgo)) {
            steps.undo.removeLast();
        }
    }

    /** Taken back, made again or left: it is nobody's next step any more. */
    private void forget(long revision) {
        for (Steps steps : byPerson.values()) {
            steps.undo.removeIf(step -> step.revision() == revision);
            steps.redo.removeIf(step -> step.revision() == revision);
        }
    }

    private void remember(JournalEntry entry) {
        Recent newest = Recent.of(entry);
        recent.addLast(newest);
        weight += newest.weight();
        while (recent.size() > REACH || (weight > ROWS && recent.size() > 1)) {
            weight -= recent.removeFirst().weight();
        }
    }

    /** The entries that undo, redo and the comparison of edits may still ask for. */
    Set<Long> needed() {
        Set<Long> needed = new HashSet<>();
        for (Steps steps : byPerson.values()) {
            steps.undo.forEach(step -> needed.add(step.revision()));
            steps.redo.forEach(step -> needed.add(step.revision()));
        }
        recent.forEach(edit -> needed.add(edit.revision()));
        return needed;
    }

    Optional<Long> undoable(String person) {
        return next(person, true).map(JournalEntry.Heading::revision);
    }

    Optional<Long> redoable(String person) {
        return next(person, false).map(JournalEntry.Heading::revision);
    }

    @Nullable
    String undoTitle(String person) {
        return next(person, true).map(JournalEntry.Heading::title).orElse(null);
    }

    @Nullable
    String redoTitle(String person) {
        return next(person, false).map(JournalEntry.Heading::title).orElse(null);
    }

    /** The titles of what would be taken back step by step, the latest first. */
    List<String> latest(String person) {
        return Optional.ofNullable(byPerson.get(person)).map(steps -> steps.undo).stream()
                .flatMap(Deque::stream)
                .limit(LISTED)
                .map(JournalEntry.Heading::title)
                .toList();
    }

    private Optional<JournalEntry.Heading> next(String person, boolean undo) {
        return Optional.ofNullable(byPerson.get(person)).map(steps -> undo ? steps.undo.peek() : steps.redo.peek());
    }

    /** The edits after a revision, oldest first; as far as {@link #knowsAllSince} goes. */
    List<Recent> since(long revision) {
        return recent.stream().filter(edit -> edit.revision() > revision).toList();
    }

    /** Whether every edit after a revision is remembered. */
    boolean knowsAllSince(long revision) {
        return recent.isEmpty() || recent.getFirst().revision() <= revision + 1;
    }

    /** Those of them that were not taken back again. */
    List<Recent> inForceSince(long revision) {
        Set<Long> takenBack = new HashSet<>();
        List<Recent> inForce = new ArrayList<>();
        for (Recent edit : since(revision).reversed()) {
            @Nullable Long undoes = edit.heading().undoes();
            boolean nothing = edit.heading().kind() == JournalEntry.Kind.SKIP;
            if (nothing || takenBack.contains(edit.revision())) {
                continue;
            }
            if (undoes != null && undoes > revision) {
                takenBack.add(undoes);
            } else {
                inForce.add(edit);
            }
        }
        return inForce.reversed();
    }
}
