package velnik.core.fit;

import java.util.Comparator;
import java.util.List;
import velnik.core.fit.Laid.State;

/**
 * Labels one under the other at one width of the screen. All lengths are in pixels.
 *
 * @param state that some label goes on in a second line, or none does
 * @param room what a column has, from side to side
 * @param labels in order, each with what it needs
 */
public record Stacked(State state, double room, List<Label> labels) {

    /**
     * @param start from where the column begins, in the direction of reading
     * @param width what it takes to stand in one line, with its icon and its picture
     * @param room what it has
     */
    public record Label(String label, double start, double width, double room) {
        boolean fits() {
            return width <= room;
        }

        /** By how much it is too long; less than 0 where it is not. */
        double over() {
            return width - room;
        }
    }

    static final Stacked NOWHERE = new Stacked(State.AWAY, 0, List.of());

    public Stacked {
        labels = List.copyOf(labels);
    }

    static Stacked of(double room, List<Label> labels) {
        if (labels.isEmpty()) {
            return NOWHERE;
        }
        return new Stacked(labels.stream().allMatch(Label::fits) ? State.HOLDS : State.WRAPS, room, labels);
    }

    /** Those that go on in a second line, the longest first. */
    public List<Label> tooLong() {
        return labels.stream()
                .filter(label -> !label.fits())
                .sorted(Comparator.comparingDouble(Label::over).reversed())
                .toList();
    }

    /** By how much the longest is too long; less than 0 where none is. */
    public double over() {
        return labels.stream().mapToDouble(Label::over).max().orElse(0);
    }

    /** The one that is nearest to a second line. */
    public List<Label> tightest() {
        return labels.stream()
                .max(Comparator.comparingDouble(Label::over))
                .map(List::of)
                .orElse(List.of());
    }
}
