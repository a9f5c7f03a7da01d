package velnik.server.arranging;

import java.util.List;
import velnik.core.fit.FitWords;
import velnik.core.fit.Laid;
import velnik.core.fit.Remedy;
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
 * @param remedies what would help there; nothing where it stands in one line
 */
record FitDto(
        Zone zone,
        String menu,
        String name,
        String holds,
        String about,
        List<AtDto> at,
        ShownDto shown,
        List<RemedyDto> remedies) {

    /** @param says how it stands there, in words */
    record AtDto(int width, Laid.State state, String says) {}

    /**
     * @param room what it has
     * @param needs what it takes to stand in one line
     * @param lines what stands in each, from the first
     */
    record ShownDto(int width, Laid.State state, String says, double room, double needs, List<List<Laid.Box>> lines) {}

    /**
     * @param holds whether it stands in one line then
     * @param says what it is, in words
     */
    record RemedyDto(Remedy.Kind kind, boolean holds, String says) {}

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
                new ShownDto(width, shown.state(), FitWords.at(fit, shown), shown.room(), shown.needs(), shown.lines()),
                fit.remedies(width).stream()
                        .map(remedy -> new RemedyDto(remedy.kind(), remedy.holds(), FitWords.remedy(remedy)))
                        .toList());
    }
}
