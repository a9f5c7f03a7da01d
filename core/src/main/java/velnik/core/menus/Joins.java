package velnik.core.menus;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.Set;
import velnik.core.change.Change;
import velnik.core.change.MenuChange;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/**
 * Pages that come into menus by themselves: those an edit made or made open, once for each page and menu. Asked after
 * the whole edit, so that a page it places by hand does not come in twice.
 */
public final class Joins {
    private Joins() {}

    public static Optional<Refusal> setJoining(Draft draft, MenuChange.SetJoining set) {
        Site site = draft.site();
        Optional<Refusal> refusal = MenuChecks.isMenu(site, set.menu())
                .or(() -> set.from() instanceof Joining.From.Section(PageId page)
                        ? Checks.exists(site, page)
                        : Optional.empty());
        if (refusal.isEmpty()) {
            draft.become(site.withMenus(site.menus().update(set.menu(), row -> {
                MenuRow.Menu menu = (MenuRow.Menu) row;
                return menu.withJoining(menu.joining().with(set.from(), set.spot()));
            })));
        }
        return refusal;
    }

    /**
     * Costs O(menus) where none takes pages in; for one that does O(its items × (pages that come in + 1)).
     *
     * @param before the site before the edit
     */
    public static void afterAll(Draft draft, Site before, List<Change> changes) {
        List<MenuRowId> menus = draft.site().menus().top().stream()
                .filter(row -> row.value() instanceof MenuRow.Menu menu && takesIn(menu))
                .map(Branch::id)
                .toList();
        menus.forEach(menu -> rememberWhatLeft(draft, before, menu));
        List<PageId> fresh = menus.isEmpty() ? List.of() : fresh(before, draft.site(), changes);
        if (fresh.isEmpty()) {
            return;
        }
        SequencedMap<String, Integer> items = new LinkedHashMap<>();
        for (MenuRowId menu : menus) {
            int came = comeIn(draft, menu, fresh);
            if (came > 0) {
                items.put(MenuChecks.nameOf(draft.site(), menu), came);
            }
        }
        if (!items.isEmpty()) {
            draft.tell(new Notice.Joined(items));
        }
    }

    /** Pages whose items went out of a menu by hand do not come in again; those that came back are no more remembered. */
    @SuppressWarnings("ReferenceEquality") // the same branch has the same items
    private static void rememberWhatLeft(Draft draft, Site before, MenuRowId menu) {
        Site site = draft.site();
        if (!before.menus().contains(menu)
                || before.menus().branch(menu) == site.menus().branch(menu)) {
            return;
        }
        Set<PageId> left = ownPages(before, menu);
        left.removeAll(ownPages(site, menu));
        left.removeIf(page -> !site.pages().contains(page));
        remember(draft, menu, left);
    }

    private static Set<PageId> ownPages(Site site, MenuRowId menu) {
        Set<PageId> pages = new HashSet<>();
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk(menu)) {
            if (row.value() instanceof MenuRow.Item item && item.kind() instanceof ItemKind.ToPage to) {
                pages.add(to.page());
            }
        }
        return pages;
    }

    /** Only what needs to be: a page that has an item in the menu, or is no more, is not remembered besides. */
    private static void remember(Draft draft, MenuRowId menu, Set<PageId> more) {
        Site site = draft.site();
        Joining joining = ((MenuRow.Menu) site.menus().get(menu)).joining();
        Set<PageId> all = new HashSet<>(joining.joined());
        all.addAll(more);
        all.removeAll(ownPages(site, menu));
        if (all.equals(joining.joined())) {
            return;
        }
        Set<PageId> binned = site.removedPages();
        all.removeIf(page -> !site.pages().contains(page) && !binned.contains(page));
        draft.become(site.withMenus(
                site.menus().update(menu, row -> ((MenuRow.Menu) row).withJoining(joining.withJoined(all)))));
    }

    /** One that is set aside stays as it is. */
    private static boolean takesIn(MenuRow.Menu menu) {
        return !menu.setAside() && !(menu.joining().from() instanceof Joining.From.Nowhere);
    }

    /**
     * What the edit made or opened and lists may now show, as the tree has it: also what came out from under a page that
     * withheld it. What is restored brings its old items, and joins nothing.
     */
    private static List<PageId> fresh(Site before, Site after, List<Change> changes) {
        Set<PageId> caused = new LinkedHashSet<>();
        Set<PageId> madePages = new LinkedHashSet<>();
        for (Change change : changes) {
            switch (change) {
                case Change.AddPages add -> add.pages().forEach(page -> caused.add(page.id()));
                case Change.SetReach set when set.reach() == Reach.OPEN -> caused.addAll(set.pages());
                case Change.MovePages move -> caused.addAll(move.pages());
                case Change.RemovePages remove -> remove.pages().forEach(page -> caused.addAll(beneath(before, page)));
                case Change.SetGroup set when !set.group() -> madePages.addAll(set.pages());
                default -> {}
            }
        }
        Set<PageId> fresh = new LinkedHashSet<>();
        // A later change of the edit may have taken one away again.
        caused.removeIf(page -> !after.pages().contains(page));
        for (PageId top : after.pages().outermost(caused)) {
            for (Branch<PageId, Page> row : after.pages().walk(top)) {
                if (isListed(after, row.id()) && !isListed(before, row.id())) {
                    fresh.add(row.id());
                }
            }
        }
        for (PageId page : madePages) {
            boolean wasGroup = before.pages()
                    .find(page)
                    .filter(was -> was.kind() == PageKind.GROUP)
                    .isPresent();
            if (wasGroup && isListed(after, page)) {
                fresh.add(page);
            }
        }
        return PagesInMenus.inOrder(after, List.copyOf(fresh), page -> page);
    }

    private static List<PageId> beneath(Site site, PageId page) {
        return site.pages().contains(page)
                ? site.pages().childrenOf(page).stream().map(Branch::id).toList()
                : List.of();
    }

    private static boolean isListed(Site site, PageId page) {
        return site.pages().contains(page)
                && !site.pages().get(page).kind().isBuiltIn()
                && Access.of(site, page, Openings.ALWAYS).isListed();
    }

    private static int comeIn(Draft draft, MenuRowId menu, List<PageId> fresh) {
        Site site = draft.site();
        Joining joining = ((MenuRow.Menu) site.menus().get(menu)).joining();
        Set<PageId> standing = PagesInMenus.byPage(site, menu).keySet();
        Set<PageId> leftOut = new HashSet<>();
        site.menus().walk(menu).forEach(row -> leftOut.addAll(PagesInMenus.leftOut(row.value())));
        List<PageId> wanted = fresh.stream()
                .filter(page -> isFrom(site, joining.from(), page))
                .filter(page -> !joining.joined().contains(page) && !leftOut.contains(page))
                .toList();
        List<PageId> coming =
                wanted.stream().filter(page -> !standing.contains(page)).toList();
        int room = Math.max(0, Limits.ITEMS - (site.menus().walk(menu).size() - 1));
        if (coming.size() > room) {
            draft.tell(new Notice.CouldNotJoin(MenuChecks.nameOf(site, menu), coming.size() - room, Limits.ITEMS));
        }
        List<PageId> joined = coming.subList(0, Math.min(room, coming.size()));
        Mirroring mirroring = new Mirroring(site, menu);
        joined.forEach(page -> comeIn(draft, mirroring, menu, joining.spot(), page));
        // Those that stand there by a list have had their turn.
        Set<PageId> standingAnyway = new HashSet<>(wanted);
        coming.forEach(standingAnyway::remove);
        standingAnyway.removeAll(ownPages(draft.site(), menu));
        remember(draft, menu, standingAnyway);
        return joined.size();
    }

    private static boolean isFrom(Site site, Joining.From from, PageId page) {
        return switch (from) {
            case Joining.From.Nowhere nowhere -> false;
            case Joining.From.TopLevel top -> site.pages().parentOf(page).isEmpty();
            case Joining.From.Section(PageId section) ->
                site.pages().contains(section)
                        && !page.equals(section)
                        && site.pages().isInside(page, section);
            case Joining.From.Everywhere all -> true;
        };
    }

    private static void comeIn(Draft draft, Mirroring mirroring, MenuRowId menu, Joining.Spot spot, PageId page) {
        Site site = draft.site();
        Mirroring.Spot end = new Mirroring.Spot(site.endOfOrdinary(menu), null);
        Mirroring.Spot place = spot == Joining.Spot.AT_END ? end : mirroring.spot(page);
        MenuRowId id = freeId(draft, page);
        ItemKind kind = new ItemKind.ToPage(page, 0);
        Items.add(draft, new MenuChange.NewItem(id, place.place(), place.anchor(), kind, ""))
                // Only a menu nested to the last level has no room beside the page's neighbours.
                .ifPresent(
                        tooDeep -> Items.add(draft, new MenuChange.NewItem(id, end.place(), end.anchor(), kind, "")));
        mirroring.placed(draft.site(), page, id);
    }

    /** From the page's own, so that the same edit always names it the same. */
    private static MenuRowId freeId(Draft draft, PageId page) {
        String stem = page.value().substring(0, Math.min(page.value().length(), 45)) + "-joined-";
        for (int number = 1; ; number++) {
            MenuRowId id = new MenuRowId(stem + number);
            if (MenuChecks.isFree(draft, id).isEmpty()) {
                return id;
            }
        }
    }
}
