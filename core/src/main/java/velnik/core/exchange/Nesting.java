package velnik.core.exchange;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Place;

/** Gives the lines of an indented list their places, one after another, from the place of the first on. */
public final class Nesting<K> {
    /** For each level, from 1: the parent its rows stand under, and the row last put there. */
    private final List<@Nullable K> parents = new ArrayList<>();

    private final List<@Nullable K> last = new ArrayList<>();

    public Nesting(Place<K> first) {
        parents.add(first.parent());
        last.add(first.after());
    }

    /**
     * @param level from 1; at most one deeper than that of the line before
     * @param id of the row that takes the place
     */
    public Place<K> next(int level, K id) {
        while (last.size() > level) {
            last.removeLast();
            parents.removeLast();
        }
        if (last.size() < level) {
            parents.add(last.getLast());
            last.add(null);
        }
        Place<K> place = new Place<>(parents.getLast(), last.getLast());
        last.set(last.size() - 1, id);
        return place;
    }
}
