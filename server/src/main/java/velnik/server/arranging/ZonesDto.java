package velnik.server.arranging;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.explanation.Words;
import velnik.core.navigation.Presentation;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.ZoneDecision;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.server.editing.AssignmentDto;

/**
 * The zone table, and what one page has in its zones.
 *
 * @param usual how a menu stands in each zone where nothing else is said
 * @param rows everywhere first, then the exceptions
 * @param page what the page asked about has; empty when none was
 */
record ZonesDto(long revision, List<UsualDto> usual, List<ScopeRowDto> rows, List<PageZoneDto> page) {

    /** @param rows the forms that the site's look shows as a row there, which can be too long for a line */
    record UsualDto(Zone zone, Placing.Form form, List<Placing.Form> rows, int levels) {}

    /** @param name "every page", "Repairs and what is under it" */
    record ScopeRowDto(AssignmentDto.ScopeDto scope, String name, List<AssignmentDto> cells) {}

    /**
     * @param menus names, in the order they stand
     * @param why sentences, the deciding one first
     */
    record PageZoneDto(Zone zone, List<StandingDto> menus, List<String> why) {}

    record StandingDto(String menu, String name) {}

    static ZonesDto of(Site site, SiteNavigation navigation, long revision, @Nullable PageId page) {
        Set<Scope> scopes = new LinkedHashSet<>();
        scopes.add(new Scope.Everywhere());
        site.assignments().stream()
                .map(Assignment::scope)
                .sorted(Comparator.comparing(ZonesDto::order).thenComparing(scope -> Words.scope(site, scope)))
                .forEach(scopes::add);
        List<ScopeRowDto> rows = scopes.stream()
                .map(scope -> new ScopeRowDto(
                        AssignmentDto.ScopeDto.of(scope),
                        Words.scope(site, scope),
                        site.assignments().stream()
                                .filter(assignment -> assignment.scope().equals(scope))
                                .map(assignment -> new AssignmentDto(
                                        assignment.zone(),
                                        AssignmentDto.ScopeDto.of(scope),
                                        AssignmentDto.SaysDto.of(assignment.says())))
                                .toList()))
                .toList();
        List<UsualDto> usual = Arrays.stream(Zone.values())
                .map(zone -> new UsualDto(
                        zone,
                        Presentation.usual(zone).form(),
                        Arrays.stream(Placing.Form.values())
                                .filter(form -> site.details().look().shows(zone, form) == Placing.Form.ACROSS)
                                .toList(),
                        Presentation.usual(zone).levels()))
                .toList();
        return new ZonesDto(revision, usual, rows, page == null ? List.of() : ofPage(site, navigation, page));
    }

    private static int order(Scope scope) {
        return switch (scope) {
            case Scope.Everywhere all -> 0;
            case Scope.Section section -> 1;
            case Scope.OfLayout layout -> 2;
            case Scope.OfTopic topic -> 3;
            case Scope.Pages pages -> 4;
        };
    }

    private static List<PageZoneDto> ofPage(Site site, SiteNavigation navigation, PageId page) {
        List<PageZoneDto> zones = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            ZoneDecision decision = navigation.decision(zone, page);
            zones.add(new PageZoneDto(
                    zone,
                    decision.menus().stream()
                            .map(placed -> new StandingDto(placed.menu().value(), name(site, placed)))
                            .toList(),
                    Words.why(site, decision)));
        }
        return zones;
    }

    private static String name(Site site, PlacedMenu placed) {
        return site.menus().get(placed.menu()) instanceof MenuRow.Menu menu ? menu.name() : "";
    }
}
