package velnik.server.arranging;

import java.util.List;
import java.util.function.IntFunction;
import velnik.core.fit.Adjustment;
import velnik.core.fit.ColumnFit;
import velnik.core.fit.FitWords;
import velnik.core.fit.Laid;
import velnik.core.fit.MenuFit;
import velnik.core.fit.RowFit;
import velnik.core.fit.Spans;
import velnik.core.fit.Stacked;
import velnik.core.site.Zone;

/**
 * How a menu fits its zone: one that stands across, or the labels of one that stands one under the other. Lengths are in
 * pixels.
 *
 * @param name as the owner calls it
 * @param across whether it is a row
 * @param holds where it, or each label, stands in one line, in words
 * @param about why the figures are not exact; empty where they are
 * @param at the widths of usual screens, widest first
 * @param shown the width that was asked for
 * @param adjustments what would help there; nothing where it stands in one line
 */
record FitDto(
        Zone zone,
        String menu,
        String name,
        boolean across,
        String holds,
        String about,
        List<AtDto> at,
        ShownDto shown,
        List<AdjustmentDto> adjustments) {

    /** @param says how it stands there, in words */
    record AtDto(int width, Laid.State state, String says) {}

    /**
     * @param room what it has, or a column
     * @param needs what it, or its longest label, takes to stand in one line
     * @param lines what stands in each, from the first; of labels one under the other, those that are too long, the
     *     longest first and no more than a few, or the longest where none is
     */
    record ShownDto(int width, Laid.State state, String says, double room, double needs, List<List<BoxDto>> lines) {}

    /**
     * @param iconAlone whether its label does not show
     * @param start from where the row begins
     */
    record BoxDto(String label, boolean iconAlone, double start, double width) {}

    /**
     * @param holds whether it stands in one line then
     * @param count of letters, items or percent; 0 where there are none
     * @param says what it is, in words
     */
    record AdjustmentDto(Adjustment.Kind kind, boolean holds, int count, String says) {}

    private static final int FEW = 8;

    static FitDto of(RowFit fit, int width) {
        Laid shown = fit.at(width);
        return of(
                fit,
                true,
                FitWords.holds(fit, fit.holds()),
                each -> {
                    Laid laid = fit.at(each);
                    return new AtDto(each, laid.state(), FitWords.at(fit, laid));
                },
                new ShownDto(
                        width,
                        shown.state(),
                        FitWords.at(fit, shown),
                        shown.room(),
                        shown.needs(),
                        shown.lines().stream()
                                .map(line -> line.stream().map(FitDto::box).toList())
                                .toList()));
    }

    static FitDto of(ColumnFit fit, int width) {
        Stacked shown = fit.at(width);
        List<Stacked.Label> tooLong = shown.tooLong();
        return of(
                fit,
                false,
                FitWords.holds(fit, fit.holds()),
                each -> {
                    Stacked stacked = fit.at(each);
                    return new AtDto(each, stacked.state(), FitWords.at(fit, stacked));
                },
                new ShownDto(
                        width,
                        shown.state(),
                        FitWords.at(fit, shown),
                        shown.room(),
                        shown.room() + shown.over(),
                        (tooLong.isEmpty() ? shown.tightest() : tooLong)
                                .stream().limit(FEW).map(FitDto::line).toList()));
    }

    private static FitDto of(MenuFit fit, boolean across, String holds, IntFunction<AtDto> at, ShownDto shown) {
        return new FitDto(
                fit.zone(),
                fit.menu().value(),
                fit.name(),
                across,
                holds,
                fit.isKnown() ? "" : FitWords.about(),
                Spans.WIDTHS.stream().map(at::apply).toList(),
                shown,
                fit.adjustments(shown.width()).stream()
                        .map(adjustment -> new AdjustmentDto(
                                adjustment.kind(),
                                adjustment.holds(),
                                adjustment.count(),
                                FitWords.adjustment(adjustment)))
                        .toList());
    }

    private static List<BoxDto> line(Stacked.Label label) {
        return List.of(new BoxDto(label.label(), false, label.start(), label.width()));
    }

    private static BoxDto box(Laid.Box box) {
        return new BoxDto(box.label(), box.iconAlone(), box.start(), box.width());
    }
}
