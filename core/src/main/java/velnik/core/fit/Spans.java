package velnik.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;

/** Widths of screens, in pixels, and between which of them something holds. */
public final class Spans {
    /** A wide one, a small notebook, a tablet, a phone, a small phone. */
    public static final List<Integer> WIDTHS = List.of(1280, 1024, 768, 390, 320);

    public static final int LEAST = 320;
    public static final int MOST = 2560;

    /** Between what is looked at in search of where something begins to hold. */
    private static final int STEP = 8;

    private Spans() {}

    /** Both ends are in it. */
    public record Span(int from, int to) {}

    /** Costs some 300 widths asked about. */
    static List<Span> where(IntPredicate holdsAt) {
        List<Span> spans = new ArrayList<>();
        boolean holds = holdsAt.test(LEAST);
        int from = LEAST;
        for (int screen = LEAST; screen < MOST; screen += STEP) {
            int next = Math.min(screen + STEP, MOST);
            if (holdsAt.test(next) != holds) {
                int turn = turn(screen, next, holds, holdsAt);
                if (holds) {
                    spans.add(new Span(from, turn - 1));
                }
                holds = !holds;
                from = turn;
            }
        }
        if (holds) {
            spans.add(new Span(from, MOST));
        }
        return spans;
    }

    /** The first width where it is otherwise than at the first, as it is at the last. */
    private static int turn(int from, int to, boolean holds, IntPredicate holdsAt) {
        int low = from;
        int high = to;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (holdsAt.test(middle) == holds) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
