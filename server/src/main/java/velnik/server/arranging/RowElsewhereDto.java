package velnik.server.arranging;

import velnik.core.fit.FitWords;
import velnik.core.fit.RowClass;
import velnik.core.fit.RowFit;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/**
 * A row that stands on other pages.
 *
 * @param name of the menu, as the owner calls it
 * @param holds where it stands in one line, in words
 * @param pages how many have it
 * @param page one of them
 * @param title of that page
 */
record RowElsewhereDto(Zone zone, String menu, String name, String holds, int pages, String page, String title) {

    static RowElsewhereDto of(Site site, RowClass row) {
        RowFit fit = row.fit();
        PageId page = row.pages().getFirst();
        return new RowElsewhereDto(
                fit.zone(),
                fit.menu().value(),
                fit.name(),
                FitWords.holds(fit, fit.holds()),
                row.pages().size(),
                page.value(),
                site.pages().get(page).title());
    }
}
