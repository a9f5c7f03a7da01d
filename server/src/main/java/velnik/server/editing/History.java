package velnik.server.editing;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.compare.Difference;
import velnik.server.storage.JournalEntry;

/**
 * The newest part of the journal, in memory: for each person what undo and redo would take next, and what changed since
 * a revision. Used under the working copy's lock only.
 */
final class History {
    /** How many edits back undo reaches. */
    static final int REACH = 1000;

    /** How many of a person's edits are listed to go back to. */
    private static final int LISTED = 12;

    private record Step(long revision, String title) {}

    private static final class Steps {
        final Deque<Step> undo = new ArrayDeque<>();
        final Deque<Step> redo = new ArrayDeque<>();
    }

    /** @param sentence what happened, as it was told */
    record Recent(long revision, String person, String sentence, Difference difference) {}

    private final Map<String, Steps> byPerson = new HashMap<>();
    private final Deque<Recent> recent = new ArrayDeque<>();

    History(List<JournalEntry> entries) {
        entries.forEach(this::add);
    }

    void add(JournalEntry entry) {
        Steps steps = byPerson.computeIfAbsent(entry.person(), person -> new Steps());
        Step step = new Step(entry.revision(), entry.title());
        switch (entry.kind()) {
            case EDIT -> {
                steps.undo.push(step);
                steps.redo.clear();
            }
            case UNDO -> {
                steps.undo.poll();
                steps.redo.push(step);
            }
            case REDO -> {
                steps.redo.poll();
                steps.undo.push(step);
            }
            case SYSTEM -> {}
        }
        if (steps.undo.size() > REACH) {
            steps.undo.removeLast();
        }
        recent.addLast(new Recent(entry.revision(), entry.person(), entry.told().getFirst(), entry.difference()));
        if (recent.size() > REACH) {
            recent.removeFirst();
        }
    }

    Optional<Long> undoable(String person) {
        return next(person, true).map(Step::revision);
    }

    Optional<Long> redoable(String person) {
        return next(person, false).map(Step::revision);
    }

    @Nullable
    String undoTitle(String person) {
        return next(person, true).map(Step::title).orElse(null);
    }

    @Nullable
    String redoTitle(String person) {
        return next(person, false).map(Step::title).orElse(null);
    }

    /** The titles of what would be taken back step by step, the latest first. */
    List<String> latest(String person) {
        return Optional.ofNullable(byPerson.get(person)).map(steps -> steps.undo).stream()
                .flatMap(Deque::stream)
                .limit(LISTED)
                .map(Step::title)
                .toList();
    }

    private Optional<Step> next(String person, boolean undo) {
        return Optional.ofNullable(byPerson.get(person)).map(steps -> undo ? steps.undo.peek() : steps.redo.peek());
    }

    /** The edits after a revision, oldest first; only the newest {@link #REACH} are remembered. */
    List<Recent> since(long revision) {
        return recent.stream().filter(edit -> edit.revision() > revision).toList();
    }
}
