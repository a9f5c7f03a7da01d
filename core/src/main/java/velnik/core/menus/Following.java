package velnik.core.menus;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import velnik.core.change.Notice;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Tells which items take the title of a page, and which keep a label of their own. */
public final class Following {
    private final Site site;
    private final PageId page;
    private final Set<String> menus = new LinkedHashSet<>();
    private int keep;

    private Following(Site site, PageId page) {
        this.site = site;
        this.page = page;
    }

    /** Costs O(items), and for each list that may yield the page what {@link MenuReading#towards} does. */
    public static void tell(Draft draft, PageId page) {
        Following following = new Following(draft.site(), page);
        draft.site().menus().walk().forEach(following::look);
        if (!following.menus.isEmpty() || following.keep > 0) {
            draft.tell(new Notice.ItemsFollow(List.copyOf(following.menus), following.keep));
        }
    }

    private void look(Branch<MenuRowId, MenuRow> row) {
        if (!(row.value() instanceof MenuRow.Item item)) {
            return;
        }
        switch (item.kind()) {
            case ItemKind.ToPage(PageId to, int carries) -> {
                if (to.equals(page)) {
                    count(row, item.label().isEmpty());
                } else if (carries > 0 && site.pages().isInside(page, to)) {
                    lookIn(row, MenuReading.towards(site, row, page));
                }
            }
            case ItemKind.PageList list -> {
                if (!(list.source() instanceof ListSource.Under(PageId root))
                        || site.pages().isInside(page, root)) {
                    lookIn(row, MenuReading.towards(site, row, page));
                }
            }
            default -> {}
        }
    }

    /** For the rows that a list yields; the owner's items among them are looked at by themselves. */
    private void lookIn(Branch<MenuRowId, MenuRow> list, MenuEntry entry) {
        if (page.equals(entry.key().page()) && entry.key().item().equals(list.id())) {
            count(list, entry.label().equals(entry.follows()));
        }
        entry.rows().forEach(row -> lookIn(list, row));
    }

    private void count(Branch<MenuRowId, MenuRow> row, boolean follows) {
        if (follows) {
            menus.add(MenuChecks.nameOf(site, site.menuOf(row.id())));
        } else {
            keep++;
        }
    }
}
