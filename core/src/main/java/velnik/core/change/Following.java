package velnik.core.change;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Tells which items take the title of a page, and which keep a label of their own. */
final class Following {
    private final PageId page;
    private final Set<String> menus = new LinkedHashSet<>();
    private int keep;

    private Following(PageId page) {
        this.page = page;
    }

    static void tell(Draft draft, PageId page) {
        Following following = new Following(page);
        Site site = draft.site();
        for (Branch<MenuRowId, MenuRow> menu : site.menus().top()) {
            MenuReading.of(site, menu.id(), null)
                    .forEach(entry -> following.count(entry, MenuChecks.nameOf(site, menu.id())));
        }
        following.notice().ifPresent(draft::tell);
    }

    private void count(MenuEntry entry, String menu) {
        if (page.equals(entry.page()) && !entry.foreign()) {
            if (entry.label().equals(entry.follows())) {
                menus.add(menu);
            } else {
                keep++;
            }
        }
        entry.rows().forEach(row -> count(row, menu));
    }

    private Optional<Notice> notice() {
        return menus.isEmpty() && keep == 0
                ? Optional.empty()
                : Optional.of(new Notice.ItemsFollow(List.copyOf(menus), keep));
    }
}
