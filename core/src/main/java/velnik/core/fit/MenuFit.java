package velnik.core.fit;

import java.util.List;
import velnik.core.fit.Spans.Span;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Details;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** How a menu fits where it stands on a page. */
public abstract sealed class MenuFit permits RowFit, ColumnFit {
    final ZoneMenu menu;
    final Zone zone;
    final Details details;
    final Lengths.Around around;

    MenuFit(Site site, Zone zone, ZoneMenu menu, Lengths.Around around) {
        this.menu = menu;
        this.zone = zone;
        this.details = site.details();
        this.around = around;
    }

    public final Zone zone() {
        return zone;
    }

    public final MenuRowId menu() {
        return menu.menu();
    }

    /** As the owner calls it. */
    public final String name() {
        return menu.name();
    }

    /** Whether the font that ships has every letter; otherwise it depends on the visitor's own. */
    public abstract boolean isKnown();

    /** Where it stands in one line, or each of its labels does. Costs O(items × widths looked at), which are some 300. */
    public abstract List<Span> holds();

    /**
     * What would make it so there, and after that what would help without being enough, each with the least trouble
     * first. Nothing where it is so.
     *
     * @param screen its width in pixels, from {@link Spans#LEAST} to {@link Spans#MOST}
     */
    public abstract List<Adjustment> adjustments(int screen);

    final Lengths lengths(int screen) {
        return new Lengths(details.look(), details.tuning(), screen);
    }
}
