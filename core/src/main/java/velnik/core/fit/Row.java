package velnik.core.fit;

import java.util.ArrayList;
import java.util.List;
import velnik.core.fit.Laid.Box;
import velnik.core.fit.Laid.State;
import velnik.core.navigation.Presentation;
import velnik.core.site.Zone;

/**
 * Items that stand across, as one device gets them.
 *
 * @param more the word behind which the last of them go where there is no room
 * @param fold what the button says that all of them go behind
 */
record Row(Zone zone, Presentation presentation, List<Piece> pieces, Piece more, String fold) {

    /** About as wide as a button with a short word is, in rems; nothing hangs on it. */
    private static final int FOLDED = 5;

    Row {
        pieces = List.copyOf(pieces);
    }

    Row with(Presentation other) {
        return new Row(zone, other, pieces, more, fold);
    }

    Row with(List<Piece> others) {
        return new Row(zone, presentation, others, more, fold);
    }

    Laid at(Lengths lengths, double room) {
        if (pieces.isEmpty()) {
            return Laid.NOWHERE;
        }
        double gap = lengths.gap(presentation.gap());
        List<Box> boxes = boxes(lengths);
        double needs = needs(lengths);
        List<List<Box>> lines = Laid.lines(boxes, gap, room);
        if (lines.size() == 1) {
            return new Laid(needs > room ? State.WRAPS : State.HOLDS, room, needs, lines, 0);
        }
        return switch (presentation.overflow()) {
            case WRAP -> new Laid(State.WRAPS, room, needs, lines, 0);
            case FOLD ->
                new Laid(
                        State.FOLDED,
                        room,
                        needs,
                        List.of(List.of(new Box(fold, false, 0, Math.min(room, FOLDED * lengths.rem())))),
                        pieces.size());
            case MORE -> {
                List<Box> before = before(boxes, box(more, lengths), gap, room);
                yield new Laid(
                        State.MORE, room, needs, Laid.lines(before, gap, room), boxes.size() - before.size() + 1);
            }
        };
    }

    /** Whether it stands in one line, for what is left of the room; the answer of {@link #at} without its lines. */
    boolean holds(Lengths lengths, double room) {
        return pieces.isEmpty() || needs(lengths) <= room;
    }

    /** As many as stand in one line with the word, and the word. */
    private static List<Box> before(List<Box> boxes, Box word, double gap, double room) {
        List<Box> before = new ArrayList<>();
        double end = word.width();
        for (Box box : boxes) {
            end += box.width() + gap;
            if (end > room) {
                break;
            }
            before.add(box);
        }
        before.add(word);
        return before;
    }

    private List<Box> boxes(Lengths lengths) {
        return pieces.stream().map(piece -> box(piece, lengths)).toList();
    }

    private Box box(Piece piece, Lengths lengths) {
        return new Box(piece.label(), piece.iconAlone(), 0, width(piece, lengths));
    }

    private double width(Piece piece, Lengths lengths) {
        return piece.width(lengths, zone, lengths.type(zone, presentation.size()));
    }

    private double needs(Lengths lengths) {
        double needs = lengths.gap(presentation.gap()) * (pieces.size() - 1);
        for (Piece piece : pieces) {
            needs += width(piece, lengths);
        }
        return needs;
    }
}
