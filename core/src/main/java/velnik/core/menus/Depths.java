package velnik.core.menus;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntPredicate;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Notice;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Words;
import velnik.core.navigation.Presentation;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Appearance;
import velnik.core.site.Assignment;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.PlacedMenu;
import velnik.core.site.Site;

/**
 * Tells of rows that an edit takes deeper than a zone shows the menu. Levels are counted from 1, as visitors would see
 * them: a row that splices its rows into its own place is no level. Rows of lists are counted by the page tree, without
 * reading the list.
 */
public final class Depths {
    private Depths() {}

    /** Costs O(rows moved + assignments). */
    static void afterItems(Draft draft, Site before, Collection<MenuRowId> items) {
        Set<MenuRowId> menus = new LinkedHashSet<>();
        items.forEach(item -> menus.add(draft.site().menuOf(item)));
        for (MenuRowId menu : menus) {
            tell(
                    draft,
                    menu,
                    limit -> items.stream()
                            .anyMatch(item ->
                                    deepest(draft.site(), menu, item) > limit && deepest(before, menu, item) <= limit));
        }
    }

    /** Costs O(items of menus that stand somewhere + pages moved). */
    public static void afterPages(Draft draft, Site before, List<PageId> pages) {
        Set<MenuRowId> menus = new LinkedHashSet<>();
        draft.site()
                .assignments()
                .forEach(assignment -> assignment.menus().forEach(placed -> menus.add(placed.menu())));
        for (MenuRowId menu : menus) {
            if (draft.site().menus().contains(menu)) {
                tell(draft, menu, limit -> anyListTakesOut(before, draft.site(), menu, pages, limit));
            }
        }
    }

    private static void tell(Draft draft, MenuRowId menu, IntPredicate goesOutOfSight) {
        Set<Notice> told = new LinkedHashSet<>();
        for (Assignment assignment : draft.site().assignments()) {
            for (PlacedMenu placed : assignment.menus()) {
                int shown = Presentation.of(assignment.zone(), placed.placing()).levels();
                if (placed.menu().equals(menu)
                        && goesOutOfSight.test(placed.placing().fromLevel() - 1 + shown)) {
                    told.add(new Notice.OutOfSight(
                            MenuChecks.nameOf(draft.site(), menu), shown, Words.zone(assignment.zone())));
                }
            }
        }
        told.forEach(draft::tell);
    }

    private static boolean anyListTakesOut(Site before, Site after, MenuRowId menu, List<PageId> pages, int limit) {
        for (Branch<MenuRowId, MenuRow> row : after.menus().walk(menu)) {
            if (row.value() instanceof MenuRow.Item item && item.kind() instanceof ItemKind.PageList list) {
                int above = levelOf(after, row.id());
                int shown = Math.min(limit - above, list.levels());
                if (pages.stream()
                        .filter(page -> deepest(after, list, page) > shown && deepest(before, list, page) <= shown)
                        .anyMatch(page -> isYielded(after, list, page))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isYielded(Site site, ItemKind.PageList list, PageId page) {
        return Access.of(site, page, Openings.ALWAYS).isListed()
                && site.pages().pathTo(page).stream()
                        .noneMatch(above -> list.leftOut().contains(above.id()));
    }

    /** The deepest level of a list that a page and what is under it would reach; 0 where the list is not about it. */
    private static int deepest(Site site, ItemKind.PageList list, PageId page) {
        int level = levelIn(site, list.source(), page);
        return level == 0 ? 0 : level - 1 + site.pages().heightOf(page);
    }

    private static int levelIn(Site site, ListSource source, @Nullable PageId page) {
        if (page == null || !site.pages().contains(page)) {
            return 0;
        }
        return switch (source) {
            case ListSource.WholeTree all -> site.pages().levelOf(page);
            case ListSource.Under(PageId root) ->
                site.pages().contains(root) && site.pages().isInside(page, root)
                        ? site.pages().levelOf(page) - site.pages().levelOf(root)
                        : 0;
            case ListSource.UnderVisited here -> 0;
            case ListSource.OfTopic topic -> 0;
            case ListSource.Newest newest -> 0;
        };
    }

    /** The deepest level of a menu that an item and what is under it reach; 0 where it is not in the menu. */
    private static int deepest(Site site, MenuRowId menu, MenuRowId item) {
        if (!site.menus().contains(item) || !site.menuOf(item).equals(menu)) {
            return 0;
        }
        int beneath = beneath(site, site.menus().branch(item));
        boolean inPanel = site.menus()
                .parentOf(item)
                .filter(above -> isArranged(site.menus().get(above)))
                .isPresent();
        return levelOf(site, item) + (inPanel ? Math.max(beneath - 1, 0) : beneath);
    }

    /** Whether what is beneath a row opens as a panel, in which all stands open. */
    private static boolean isArranged(MenuRow row) {
        return row instanceof MenuRow.Item item && item.appearance().arrangement() != Appearance.Arrangement.LIST;
    }

    private static int levelOf(Site site, MenuRowId row) {
        int level = 0;
        @Nullable ListSource source = null;
        List<MenuRow.Item> path = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> above : site.menus().pathTo(row)) {
            if (above.value() instanceof MenuRow.Item item) {
                path.add(item);
                boolean standsOpen = path.size() > 2 && isArranged(path.get(path.size() - 3));
                level += standsOpen ? 0 : own(item) + (source == null ? 0 : anchored(site, source, item));
                source = item.kind() instanceof ItemKind.PageList list ? list.source() : null;
            }
        }
        return level;
    }

    private static int anchored(Site site, ListSource source, MenuRow.Item item) {
        return item.anchor() == null ? 0 : levelIn(site, source, item.anchor().under());
    }

    private static int own(MenuRow.Item item) {
        boolean splices = item.label().isEmpty()
                && (item.kind() instanceof ItemKind.PageList || item.kind() instanceof ItemKind.OtherMenu);
        return splices ? 0 : 1;
    }

    /** Levels under a row. */
    private static int beneath(Site site, Branch<MenuRowId, MenuRow> row) {
        if (!(row.value() instanceof MenuRow.Item holder)) {
            return deepestOf(site, site.menus().childrenOf(row.id()), null);
        }
        @Nullable ListSource source = holder.kind() instanceof ItemKind.PageList list ? list.source() : null;
        int ownItems = deepestOf(site, row.children(), source);
        int rows = switch (holder.kind()) {
            case ItemKind.ToPage(PageId page, int carries) ->
                carries > 0 && site.pages().contains(page)
                        ? Math.min(carries, site.pages().heightOf(page) - 1)
                        : 0;
            case ItemKind.PageList list -> Math.min(list.levels(), height(site, list.source()));
            case ItemKind.OtherMenu(MenuRowId menu) ->
                site.menus().contains(menu) ? beneath(site, site.menus().branch(menu)) : 0;
            case ItemKind.ToPlace place -> 0;
            case ItemKind.WebLink link -> 0;
            case ItemKind.Mail mail -> 0;
            case ItemKind.Phone phone -> 0;
            case ItemKind.ToFile file -> 0;
            case ItemKind.OfBusiness business -> 0;
            case ItemKind.Channels channels -> 0;
            case ItemKind.Heading heading -> 0;
            case ItemKind.Text text -> 0;
            case ItemKind.Block block -> 0;
        };
        return holder.appearance().arrangement().levels(Math.max(ownItems, rows));
    }

    private static int deepestOf(Site site, List<Branch<MenuRowId, MenuRow>> rows, @Nullable ListSource source) {
        int deepest = 0;
        for (Branch<MenuRowId, MenuRow> row : rows) {
            if (row.value() instanceof MenuRow.Item item) {
                int level = own(item) + (source == null ? 0 : anchored(site, source, item));
                deepest = Math.max(deepest, level + beneath(site, row));
            }
        }
        return deepest;
    }

    private static int height(Site site, ListSource source) {
        return switch (source) {
            case ListSource.WholeTree all ->
                highest(site, site.pages().top().stream().map(Branch::id).toList());
            case ListSource.Under(PageId root) ->
                site.pages().contains(root) ? site.pages().heightOf(root) - 1 : 0;
            case ListSource.UnderVisited here -> 1;
            case ListSource.OfTopic topic -> 1;
            case ListSource.Newest newest -> 1;
        };
    }

    private static int highest(Site site, List<PageId> pages) {
        return pages.stream().mapToInt(site.pages()::heightOf).max().orElse(0);
    }
}
