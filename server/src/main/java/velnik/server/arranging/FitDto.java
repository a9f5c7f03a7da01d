package velnik.server.arranging;

import java.util.List;
import velnik.core.fit.Adjustment;
import velnik.core.fit.FitWords;
import velnik.core.fit.Laid;
import velnik.core.fit.RowFit;
import velnik.core.site.Zone;

/**
 * How a menu that stands across fits its zone. Lengths are in pixels.
 *
 * @param name as the owner calls it
 * @param holds where it stands in one line, in words
 * @param about why the figures are not exact; empty where they are
 * @param at the widths of usual screens, widest first
 * @param shown the width that was asked for
 * @param adjustments what would help there; nothing where it stands in one line
 */
record FitDto(
        Zone zone,
        String menu,
        String name,
        String holds,
        String about,
        List<AtDto> at,
        ShownDto shown,
        List<AdjustmentDto> adjustments) {

    /** @param says how it stands there, in words */
    record AtDto(int width, Laid.State state, String says) {}

    /**
     * @param room what it has
     * @param needs what it takes to stand in one line
     * @param lines what stands in each, from the first
     */
    record ShownDto(int width, Laid.State state, String says, double room, double needs, List<List<BoxDto>> lines) {}

    /**
     * @param iconAlone whether its label does not show
     * @param start from where the row begins
     */
    record BoxDto(String label, boolean iconAlone, double start, double width) {}

    /**
     * @param holds whether it stands in one line then
     * @param says what it is, in words
     */
    record AdjustmentDto(Adjustment.Kind kind, boolean holds, String says) {}

    static FitDto of(RowFit fit, int width) {
        Laid shown = fit.at(width);
        return new FitDto(
                fit.zone(),
                fit.menu().value(),
                fit.name(),
                FitWords.holds(fit, fit.holds()),
                fit.isKnown() ? "" : FitWords.about(),
                RowFit.WIDTHS.stream()
                        .map(each -> {
                            Laid laid = fit.at(each);
                            return new AtDto(each, laid.state(), FitWords.at(fit, laid));
                        })
                        .toList(),
                new ShownDto(
                        width,
                        shown.state(),
                        FitWords.at(fit, shown),
                        shown.room(),
                        shown.needs(),
                        shown.lines().stream()
                                .map(line -> line.stream().map(FitDto::box).toList())
                                .toList()),
                fit.adjustments(width).stream()
                        .map(adjustment -> new AdjustmentDto(
                                adjustment.kind(), adjustment.holds(), FitWords.adjustment(adjustment)))
                        .toList());
    }

    private static BoxDto box(Laid.Box box) {
        return new BoxDto(box.label(), box.iconAlone(), box.start(), box.width());
    }
}
