package velnik.core.menus;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.outline.Place;
import velnik.core.site.Anchor;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/**
 * Where the item of a page stands in a menu when the menu is to go in the order of the page tree. Costs O(items of the
 * menu + siblings of the page), or O(pages) where none near it is in the menu.
 */
final class Mirroring {
    private Site site;
    private final MenuRowId menu;
    /** The first item of each page that the menu has one of. */
    private final Map<PageId, MenuRowId> items = new HashMap<>();

    /** @param anchor where it stands among the rows of a list; null elsewhere */
    record Spot(Place<MenuRowId> place, @Nullable Anchor anchor) {}

    /** The pages under each parent that was asked about, and all pages where that was. */
    private final Map<@Nullable PageId, Row> siblings = new HashMap<>();

    private @Nullable Row all;

    /** Pages in order, each found at once. */
    private record Row(List<PageId> pages, Map<PageId, Integer> positions) {
        static Row of(List<Branch<PageId, Page>> branches) {
            List<PageId> pages = ids(branches);
            Map<PageId, Integer> positions = new HashMap<>();
            pages.forEach(page -> positions.put(page, positions.size()));
            return new Row(pages, positions);
        }

        int indexOf(PageId page) {
            return Objects.requireNonNull(positions.get(page));
        }
    }

    Mirroring(Site site, MenuRowId menu) {
        this.site = site;
        this.menu = menu;
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk(menu)) {
            if (row.value() instanceof MenuRow.Item item && item.kind() instanceof ItemKind.ToPage to) {
                items.putIfAbsent(to.page(), row.id());
            }
        }
    }

    /** Goes on from a site in which only this menu differs, by the item of a page that was put into it. */
    void placed(Site after, PageId page, MenuRowId item) {
        site = after;
        items.putIfAbsent(page, item);
    }

    /**
     * After the nearest earlier page beside it, else before the nearest later one, else with the nearest page above it:
     * under that one's item where it has items under it, after it where it has none. Where none of these is in the menu,
     * after the nearest page that comes before it anywhere in the tree, else at the end of what the menu ordinarily has.
     */
    Spot spot(PageId page) {
        Row beside = siblings.computeIfAbsent(
                site.pages().branch(page).parent(),
                parent -> Row.of(site.pages().childrenOf(parent)));
        List<PageId> above = ids(site.pages().pathTo(page));
        int at = beside.indexOf(page);
        return nearest(beside.pages().subList(0, at).reversed())
                .map(this::after)
                .or(() -> nearest(beside.pages().subList(at + 1, beside.pages().size()))
                        .map(this::before))
                .or(() -> nearest(above.subList(0, above.size() - 1).reversed()).map(this::with))
                .or(() -> nearest(earlier(page).reversed()).map(this::after))
                .orElseGet(() -> new Spot(site.endOfOrdinary(menu), null));
    }

    private Optional<PageId> nearest(List<PageId> pages) {
        return pages.stream().filter(items::containsKey).findFirst();
    }

    private List<PageId> earlier(PageId page) {
        if (all == null) {
            all = Row.of(site.pages().walk());
        }
        return all.pages().subList(0, all.indexOf(page));
    }

    private static <K> List<K> ids(List<? extends Branch<K, ?>> rows) {
        List<K> ids = new ArrayList<>();
        rows.forEach(row -> ids.add(row.id()));
        return ids;
    }

    /** Behind its item, and behind those of its subpages that follow it there. */
    private Spot after(PageId page) {
        MenuRowId last = itemOf(page);
        List<MenuRowId> siblings = ids(site.menus().childrenOf(parentOf(last)));
        for (MenuRowId next : siblings.subList(siblings.indexOf(last) + 1, siblings.size())) {
            if (!(site.item(next).kind() instanceof ItemKind.ToPage to)
                    || !site.pages().contains(to.page())
                    || !site.pages().isInside(to.page(), page)) {
                break;
            }
            last = next;
        }
        return new Spot(new Place<>(parentOf(last), last), anchorOf(last));
    }

    private Spot with(PageId above) {
        MenuRowId item = itemOf(above);
        boolean nests = !site.menus().childrenOf(item).isEmpty();
        return nests ? new Spot(site.menus().endOf(item), null) : after(above);
    }

    private Spot before(PageId page) {
        MenuRowId item = itemOf(page);
        List<MenuRowId> siblings = ids(site.menus().childrenOf(parentOf(item)));
        int at = siblings.indexOf(item);
        return new Spot(new Place<>(parentOf(item), at == 0 ? null : siblings.get(at - 1)), anchorOf(item));
    }

    private MenuRowId itemOf(PageId page) {
        return Objects.requireNonNull(items.get(page));
    }

    private MenuRowId parentOf(MenuRowId item) {
        return site.menus().parentOf(item).orElse(menu);
    }

    private @Nullable Anchor anchorOf(MenuRowId item) {
        return site.item(item).anchor();
    }
}
