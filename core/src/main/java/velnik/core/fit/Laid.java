package velnik.core.fit;

import java.util.ArrayList;
import java.util.List;

/**
 * A row at one width of the screen. All lengths are in pixels.
 *
 * @param room what it has
 * @param needs what it takes to stand in one line
 * @param lines from the first, what stands in each
 * @param behind how many items are behind a word or a button
 */
public record Laid(State state, double room, double needs, List<List<Box>> lines, int behind) {

    public enum State {
        /** All of it stands in one line. */
        HOLDS,
        /** It goes on in further lines, or the words of its one item do. */
        WRAPS,
        /** Its last items are behind a word. */
        MORE,
        /** All of it is behind a button. */
        FOLDED,
        /** It does not show at that width, or it does in the drawer. */
        AWAY
    }

    /**
     * @param iconAlone whether its label does not show
     * @param start from where the row begins, in the direction of reading
     */
    public record Box(String label, boolean iconAlone, double start, double width) {
        double end() {
            return start + width;
        }
    }

    static final Laid NOWHERE = new Laid(State.AWAY, 0, 0, List.of(), 0);

    public Laid {
        lines = lines.stream().map(List::copyOf).toList();
    }

    /** By how much it is too long; 0 where it holds. */
    public double over() {
        return state == State.AWAY ? 0 : Math.max(0, needs - room);
    }

    /** Boxes one after the other, as many in a line as have room; one that has none alone gives way. */
    static List<List<Box>> lines(List<Box> boxes, double gap, double room) {
        List<List<Box>> lines = new ArrayList<>();
        List<Box> line = new ArrayList<>();
        double end = 0;
        for (Box box : boxes) {
            double start = line.isEmpty() ? 0 : end + gap;
            if (!line.isEmpty() && start + box.width() > room) {
                lines.add(line);
                line = new ArrayList<>();
                start = 0;
            }
            Box placed = new Box(box.label(), box.iconAlone(), start, Math.min(box.width(), room));
            line.add(placed);
            end = placed.end();
        }
        lines.add(line);
        return lines;
    }
}
