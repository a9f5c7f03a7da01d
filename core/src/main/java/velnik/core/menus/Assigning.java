package velnik.core.menus;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import velnik.core.change.MenuChange;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Words;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.navigation.Presentation;
import velnik.core.reach.Openings;
import velnik.core.site.Assignment;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Scope;
import velnik.core.site.Site;

/** Says which menus stand in a zone, for a scope. */
public final class Assigning {
    private Assigning() {}

    public static Optional<Refusal> assignMenus(Draft draft, MenuChange.AssignMenus assign) {
        Site site = draft.site();
        Assignment.Key key = new Assignment.Key(assign.zone(), assign.scope());
        List<Assignment> others = new ArrayList<>(site.assignments());
        others.removeIf(assignment -> assignment.key().equals(key));
        Assignment.Says says = assign.says();
        if (says == null) {
            draft.become(site.withAssignments(others));
            return Optional.empty();
        }
        Optional<Refusal> refusal = scope(site, assign, others)
                .or(() -> menus(site, says))
                .or(() -> assign.scope() instanceof Scope.Everywhere && says instanceof Assignment.Says.Around
                        ? Optional.of(new Refusal.NothingWidens())
                        : Optional.empty());
        if (refusal.isEmpty()) {
            others.add(new Assignment(assign.zone(), assign.scope(), says));
            draft.become(site.withAssignments(others));
            List<PlacedMenu> before =
                    site.findAssignment(key).map(Assignment::menus).orElse(List.of());
            says.menus().stream()
                    .filter(placed -> !before.contains(placed))
                    .forEach(placed -> tellOfLevels(draft, assign, placed));
        }
        return refusal;
    }

    /** A zone shows so many levels; what is deeper is told before anybody misses it. */
    private static void tellOfLevels(Draft draft, MenuChange.AssignMenus assign, PlacedMenu placed) {
        List<MenuEntry> entries = MenuReading.of(draft.site(), Openings.ALWAYS, placed.menu(), null);
        int from = placed.placing().fromLevel();
        int levels = levels(entries) - (from - 1);
        int shown = Presentation.of(assign.zone(), placed.placing()).levels();
        if (levels > shown) {
            String menu = MenuChecks.nameOf(draft.site(), placed.menu());
            String zone = Words.zone(assign.zone());
            draft.tell(
                    MenuReading.showsWithin(entries, from, shown)
                            ? new Notice.LevelsUnseen(menu, levels, shown, zone)
                            : new Notice.HeadingsAlone(menu, levels, shown, zone));
        }
    }

    private static int levels(List<MenuEntry> entries) {
        int deepest = 0;
        for (MenuEntry entry : entries) {
            if (entry.absence().isEmpty()) {
                int beneath = entry.appearance().arrangement().levels(levels(entry.rows()));
                deepest = Math.max(deepest, beneath + (entry.splices() ? 0 : 1));
            }
        }
        return deepest;
    }

    private static Optional<Refusal> scope(Site site, MenuChange.AssignMenus assign, List<Assignment> others) {
        return switch (assign.scope()) {
            case Scope.Everywhere all -> Optional.empty();
            case Scope.OfLayout(LayoutId layout) -> Checks.layout(site, layout);
            case Scope.OfTopic(String topic) ->
                site.topics().contains(topic) ? Optional.empty() : Optional.of(new Refusal.TopicUnknown(topic));
            case Scope.Section(PageId page) -> Checks.exists(site, page);
            case Scope.Pages(Set<PageId> pages) -> {
                Optional<Refusal> refusal = Optional.empty();
                for (PageId page : pages) {
                    refusal =
                            refusal.or(() -> Checks.exists(site, page)).or(() -> overlaps(site, assign, others, page));
                }
                yield refusal;
            }
        };
    }

    /** Two assignments for single pages would leave open which of them a page has. */
    private static Optional<Refusal> overlaps(
            Site site, MenuChange.AssignMenus assign, List<Assignment> others, PageId page) {
        boolean named = others.stream()
                .anyMatch(other -> other.zone() == assign.zone()
                        && other.scope() instanceof Scope.Pages(Set<PageId> pages)
                        && pages.contains(page));
        return named
                ? Optional.of(new Refusal.ScopeOverlaps(site.pages().get(page).title()))
                : Optional.empty();
    }

    public static boolean overlapsAnother(Site site, Assignment assignment) {
        return assignment.scope() instanceof Scope.Pages(Set<PageId> pages)
                && site.assignments().stream()
                        .anyMatch(other -> other.zone() == assignment.zone()
                                && !other.key().equals(assignment.key())
                                && other.scope() instanceof Scope.Pages(Set<PageId> others)
                                && pages.stream().anyMatch(others::contains));
    }

    private static Optional<Refusal> menus(Site site, Assignment.Says says) {
        Set<MenuRowId> seen = new HashSet<>();
        for (PlacedMenu placed : says.menus()) {
            Optional<Refusal> refusal = MenuChecks.isMenu(site, placed.menu());
            if (refusal.isPresent()) {
                return refusal;
            }
            if (!seen.add(placed.menu())) {
                return Optional.of(new Refusal.MenuTwice(MenuChecks.nameOf(site, placed.menu())));
            }
        }
        return Optional.empty();
    }
}
