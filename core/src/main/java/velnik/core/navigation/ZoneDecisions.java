package velnik.core.navigation;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.site.Assignment;
import velnik.core.site.MenuRow;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Placing;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Decides which menus stand in which zone of which page. Made in O(assignments), asked in O(levels). */
final class ZoneDecisions {
    /** How narrow a scope is. Sections count on from theirs by their level. */
    private static final int EVERYWHERE = 0;

    private static final int SECTION = 1;
    private static final int LAYOUT = 100;
    private static final int PAGES = 101;

    private final Site site;
    private final Map<Zone, Map<Scope, Assignment>> byScope = new EnumMap<>(Zone.class);
    private final Map<Zone, Map<PageId, Assignment>> byPage = new EnumMap<>(Zone.class);

    ZoneDecisions(Site site) {
        this.site = site;
        for (Assignment assignment : site.assignments()) {
            if (assignment.scope() instanceof Scope.Pages some) {
                Map<PageId, Assignment> pages = byPage.computeIfAbsent(assignment.zone(), any -> new HashMap<>());
                some.pages().forEach(page -> pages.put(page, assignment));
            } else {
                byScope.computeIfAbsent(assignment.zone(), any -> new HashMap<>())
                        .put(assignment.scope(), assignment);
            }
        }
    }

    /** The scopes that something visited is in, from the widest to the narrowest, but for one of some pages. */
    record Scopes(List<Breadth> breadths, @Nullable PageId page) {}

    private record Breadth(Scope scope, int breadth) {}

    /** @param page null for one that is not in the tree */
    Scopes scopesOf(@Nullable PageId page) {
        return scopesOf(page, null);
    }

    /** @param topic whose listing stands beneath the page; null for the page itself */
    Scopes scopesOf(@Nullable PageId page, @Nullable String topic) {
        List<Breadth> breadths = new ArrayList<>();
        breadths.add(new Breadth(new Scope.Everywhere(), EVERYWHERE));
        if (page != null) {
            int level = SECTION;
            for (Branch<PageId, Page> step : site.pages().pathTo(page)) {
                breadths.add(new Breadth(new Scope.Section(step.id()), level++));
            }
            breadths.add(new Breadth(new Scope.OfLayout(site.pages().get(page).layout()), LAYOUT));
        }
        if (topic != null) {
            breadths.add(new Breadth(new Scope.OfTopic(topic), PAGES));
        }
        return new Scopes(breadths, topic == null ? page : null);
    }

    /** @param page null for one that is not in the tree */
    ZoneDecision of(Zone zone, @Nullable PageId page) {
        return of(scopesOf(page), zone);
    }

    ZoneDecision of(Scopes scopes, Zone zone) {
        ZoneDecision own = plain(zone, scopes);
        if (zone == Zone.PHONE_DRAWER) {
            ZoneDecision header = plain(Zone.HEADER, scopes);
            if (own.steps().isEmpty() || header.narrowest() > own.narrowest()) {
                return new ZoneDecision(header.steps(), folded(header.menus()), true);
            }
            if (own.onlyAdds()) {
                ZoneDecision beside = header.with(folded(header.menus()), own);
                return new ZoneDecision(beside.steps(), standing(beside.menus()), true);
            }
        }
        return own;
    }

    /** The header's menus as the drawer shows them: its own form, the same part of the menu. */
    static List<PlacedMenu> folded(List<PlacedMenu> menus) {
        return menus.stream()
                .map(placed -> new PlacedMenu(
                        placed.menu(),
                        Placing.AS_THE_ZONE.withPart(
                                placed.placing().fromLevel(), placed.placing().currentBranchOnly())))
                .toList();
    }

    private ZoneDecision plain(Zone zone, Scopes scopes) {
        Map<Scope, Assignment> assignments = byScope.getOrDefault(zone, Map.of());
        @Nullable
        Assignment own = scopes.page() == null
                ? null
                : byPage.getOrDefault(zone, Map.of()).get(scopes.page());
        if (assignments.isEmpty() && own == null) {
            return ZoneDecision.NOTHING;
        }
        List<ZoneDecision.Found> found = new ArrayList<>();
        for (Breadth at : scopes.breadths()) {
            @Nullable Assignment assignment = assignments.get(at.scope());
            if (assignment != null) {
                found.add(new ZoneDecision.Found(assignment, at.breadth()));
            }
        }
        if (own != null) {
            found.add(new ZoneDecision.Found(own, PAGES));
        }
        ZoneDecision decision = ZoneDecision.of(found);
        return new ZoneDecision(decision.steps(), standing(decision.menus()), false);
    }

    /** Without those that are set aside or gone. */
    List<PlacedMenu> standing(List<PlacedMenu> menus) {
        return menus.stream().filter(this::stands).toList();
    }

    private boolean stands(PlacedMenu placed) {
        return site.menus().find(placed.menu()).orElse(null) instanceof MenuRow.Menu menu && !menu.setAside();
    }
}
