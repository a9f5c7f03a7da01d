package velnik.server.arranging;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Whereabouts;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/**
 * An item that leads to a page.
 *
 * @param page the one that a list shows it by; null for an item of its own
 * @param zones where its menu stands for some page
 * @param shownIn in which of them it shows on some page
 * @param shownTo whom it shows to, if it shows
 */
record WhereDto(
        String menu,
        String menuName,
        String item,
        @Nullable String page,
        String label,
        List<String> path,
        List<Zone> zones,
        List<Zone> shownIn,
        List<Visitor> shownTo,
        @Nullable String absence) {

    static WhereDto of(Site site, Whereabouts.Place place) {
        return new WhereDto(
                place.menu().value(),
                place.menuName(),
                place.row().item().value(),
                place.row().page() == null ? null : place.row().page().value(),
                place.label(),
                place.path(),
                List.copyOf(place.zones()),
                List.copyOf(place.shownIn()),
                place.visitors().stream().sorted().toList(),
                place.absence().map(absence -> absence.sentence(site)).orElse(null));
    }
}
