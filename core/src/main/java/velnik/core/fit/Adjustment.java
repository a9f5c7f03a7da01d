package velnik.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntPredicate;
import velnik.core.fit.Laid.State;
import velnik.core.navigation.Presentation;
import velnik.core.site.Placing.Gap;
import velnik.core.site.Placing.Overflow;
import velnik.core.site.Placing.Size;
import velnik.core.site.Placing.Width;

/**
 * Something by which what is too long needs less room, or has more.
 *
 * @param holds whether it stands in one line then
 * @param over by how many pixels it is too long then; 0 where it holds
 * @param count of letters or items that are meant, or that go behind something, or percent; 0 where there are none
 */
public record Adjustment(Kind kind, boolean holds, double over, int count) {

    public enum Kind {
        /** As wide as the zone. */
        FULL_WIDTH,
        TIGHT_GAP,
        SMALL_TYPE,
        TIGHT_AND_SMALL,
        /** Side columns of every page, by percent of what the look gives them. */
        WIDER_SIDES,
        /** Items that have an icon show it in the place of their words. */
        ICONS_ALONE,
        /** So many letters less, in all labels together. */
        SHORTER_LABELS,
        /** So many of the last items elsewhere. */
        FEWER_ITEMS,
        /** So many of the last items behind a word. */
        MORE,
        /** All behind a button. */
        FOLD
    }

    /** @param laying lays another row at the same width of the screen */
    static List<Adjustment> of(Row row, Laid now, Function<Row, Laid> laying) {
        Presentation has = row.presentation();
        List<Adjustment> adjustments = new ArrayList<>();
        if (has.width() != Width.FULL) {
            adjustments.add(of(Kind.FULL_WIDTH, laying.apply(row.with(has.withWidth(Width.FULL)))));
        }
        boolean looser = has.gap() != Gap.TIGHT;
        boolean larger = has.size() != Size.SMALL;
        Presentation tight = has.withGap(Gap.TIGHT);
        if (looser) {
            adjustments.add(of(Kind.TIGHT_GAP, laying.apply(row.with(tight))));
        }
        if (larger) {
            adjustments.add(of(Kind.SMALL_TYPE, laying.apply(row.with(has.withSize(Size.SMALL)))));
        }
        if (looser && larger && adjustments.stream().noneMatch(Adjustment::holds)) {
            adjustments.add(of(Kind.TIGHT_AND_SMALL, laying.apply(row.with(tight.withSize(Size.SMALL)))));
        }
        if (row.pieces().stream().anyMatch(Piece::couldBeIconAlone)) {
            adjustments.add(of(
                    Kind.ICONS_ALONE,
                    laying.apply(row.with(
                            row.pieces().stream().map(Piece::withIconAlone).toList()))));
        }
        int letters =
                row.pieces().stream().mapToInt(piece -> piece.label().length()).sum();
        adjustments.add(
                new Adjustment(Kind.SHORTER_LABELS, true, 0, (int) Math.ceil(now.over() / now.needs() * letters)));
        int stay = most(
                row.pieces().size(),
                items -> laying.apply(row.with(row.pieces().subList(0, items))).state() == State.HOLDS);
        if (stay > 0) {
            adjustments.add(
                    new Adjustment(Kind.FEWER_ITEMS, true, 0, row.pieces().size() - stay));
        }
        if (has.overflow() == Overflow.WRAP && row.pieces().size() > 1) {
            Laid more = laying.apply(row.with(has.withOverflow(Overflow.MORE)));
            adjustments.add(new Adjustment(Kind.MORE, true, 0, more.behind()));
            adjustments.add(new Adjustment(Kind.FOLD, true, 0, row.pieces().size()));
        }
        adjustments.sort(Comparator.comparing(Adjustment::holds).reversed());
        return adjustments;
    }

    /** The most items, fewer than all, that hold: where some do, all fewer do. 0 where not even one does. */
    private static int most(int all, IntPredicate holds) {
        int low = 0;
        int high = all;
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (holds.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private static Adjustment of(Kind kind, Laid laid) {
        return new Adjustment(kind, laid.state() == State.HOLDS, laid.over(), 0);
    }
}
