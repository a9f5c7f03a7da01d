package velnik.core.navigation;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import velnik.core.outline.Branch;
import velnik.core.site.Assignment;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** What a move from one section to another makes of the zones. */
public final class ZoneChanges {
    private ZoneChanges() {}

    /**
     * On how many pages of the moved branches each zone has other menus than before, or the same in another way.
     *
     * <p>Costs O(pages × levels) for each zone that an assignment to a section speaks of; nothing where none does.
     *
     * @param before the same site but for where those pages stand
     * @return in the order of zones; without those where nothing changes
     */
    public static Map<Zone, Integer> ofMove(Site before, Site after, List<PageId> moved) {
        Set<Zone> zones = zonesOfSections(after);
        Map<Zone, Integer> counts = new EnumMap<>(Zone.class);
        if (zones.isEmpty()) {
            return counts;
        }
        ZoneDecisions old = new ZoneDecisions(before);
        ZoneDecisions fresh = new ZoneDecisions(after);
        for (PageId branch : moved) {
            for (Branch<PageId, Page> page : after.pages().walk(branch)) {
                for (Zone zone : zones) {
                    if (!old.of(zone, page.id())
                            .menus()
                            .equals(fresh.of(zone, page.id()).menus())) {
                        counts.merge(zone, 1, Integer::sum);
                    }
                }
            }
        }
        return counts;
    }

    private static Set<Zone> zonesOfSections(Site site) {
        Set<Zone> zones = EnumSet.noneOf(Zone.class);
        for (Assignment assignment : site.assignments()) {
            if (assignment.scope() instanceof Scope.Section) {
                zones.add(assignment.zone());
            }
        }
        if (zones.contains(Zone.HEADER)) {
            zones.add(Zone.PHONE_DRAWER); // it shows what the header shows
        }
        return zones;
    }
}
