package velnik.core.telling;

import static java.util.stream.Collectors.joining;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import velnik.core.change.Change;
import velnik.core.change.FileChange;
import velnik.core.change.LookChange;
import velnik.core.change.MenuChange;
import velnik.core.explanation.Words;
import velnik.core.outline.Outline;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/**
 * How changes are told: by a title that names them in undo, and by a sentence that says what happened.
 */
public record Telling(String title, String sentence) {
    static final Messages WORDS = Messages.of(Telling.class);

    /** Of several changes at once, the first are told one by one. */
    public static final int TOLD = 3;

    /**
     * Of an edit of one or several changes.
     *
     * @param first the tellings of the first changes, at most {@value #TOLD}
     * @param count of all changes
     */
    public static Telling together(List<Telling> first, int count) {
        String title = first.getFirst().title();
        return new Telling(
                count == 1 ? title : WORDS.say("together", Map.of("title", title, "more", count - 1)),
                first.stream().map(Telling::sentence).collect(joining(" ")));
    }

    /** @param before the site before this change, {@code after} the one it made */
    public static Telling of(Change change, Site before, Site after) {
        return switch (change) {
            case MenuChange menus -> MenuTelling.of(menus, before, after);
            case LookChange looks -> LookTelling.of(looks, after);
            case FileChange files -> FileTelling.of(files, before, after);
            default -> PageTelling.of(change, before, after);
        };
    }

    /** The title and the sentence of a kind of change. */
    static Telling say(String kind, Map<String, ?> facts) {
        return new Telling(WORDS.say(kind + ".title", facts), WORDS.say(kind, facts));
    }

    /**
     * The same of something that has a name.
     *
     * @param what its name, or that of the first of several
     * @param count of all
     */
    static Telling say(String kind, String what, int count, Map<String, ?> more) {
        Map<String, Object> facts = new HashMap<>(more);
        facts.put("what", what);
        facts.put("What", Words.opening(what));
        facts.put("count", count);
        return say(kind, facts);
    }

    static Telling say(String kind, String what, int count) {
        return say(kind, what, count, Map.of());
    }

    /** "Canoes and 3 more" */
    static String some(String first, int count) {
        return WORDS.say("some", Map.of("first", first, "count", count));
    }

    /** Whether rows that were to move are where they were. */
    static <K, V> boolean stay(Outline<K, V> before, Outline<K, V> after, List<K> moved) {
        return before.placesOf(moved).equals(after.placesOf(moved));
    }
}
