package velnik.core.pages;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.address.TakenSlugs;
import velnik.core.change.Change;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.outline.Branch;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** Copies pages. A copy is held back until it is opened, follows the original, and has an address of its own. */
public final class Copying {
    private Copying() {}

    public static Optional<Refusal> copyPages(Draft draft, Change.CopyPages copy) {
        Site site = draft.site();
        Optional<Refusal> refusal = check(site, copy);
        if (refusal.isPresent()) {
            return refusal;
        }
        OutlineEditor<PageId, Page> pages = site.pages().edit();
        TakenSlugs slugs = Addressing.taken(pages);
        Set<PageId> binned = site.removedPages();
        Branch<PageId, Page> original = site.pages().branch(copy.page());
        List<Branch<PageId, Page>> rows = rows(site, copy);
        PageId after = copy.page();
        List<PageId> copies = new ArrayList<>();
        int made = 0;
        for (String typed : copy.titles()) {
            String title = Line.cleaned(typed);
            refusal = Checks.title(title);
            if (refusal.isPresent()) {
                return refusal;
            }
            Map<PageId, PageId> ids = new HashMap<>();
            Map<PageId, PageId> last = new HashMap<>();
            for (Branch<PageId, Page> row : rows) {
                PageId id = new PageId(copy.ids() + "-" + made++);
                if (pages.contains(id) || binned.contains(id)) {
                    return Optional.of(new Refusal.IdTaken(id));
                }
                boolean top = ids.isEmpty();
                @Nullable PageId parent = top ? original.parent() : ids.get(row.parent());
                @Nullable PageId before = top ? after : parent == null ? null : last.get(parent);
                Page page = copied(row.value(), top ? title : row.value().title(), top, copy.content());
                String slug = slugs.free(parent, Slugs.fromTitle(page.title()));
                slugs.take(parent, slug, id);
                pages.insert(id, new Place<>(parent, before), page.withSlug(slug, true));
                ids.put(row.id(), id);
                if (top) {
                    after = id;
                    copies.add(id);
                } else if (parent != null) {
                    last.put(parent, id);
                }
            }
            draft.addressed(after);
        }
        draft.become(pages.done());
        return copy.items() ? items(draft, copy, copies) : Optional.empty();
    }

    /** After each item that leads to the original, one of the same look that leads to each copy and follows its title. */
    private static Optional<Refusal> items(Draft draft, Change.CopyPages copy, List<PageId> copies) {
        Site site = draft.site();
        OutlineEditor<MenuRowId, MenuRow> rows = site.menus().edit();
        Set<MenuRowId> menus = new HashSet<>();
        int made = 0;
        for (Branch<MenuRowId, MenuRow> row : site.menus().walk()) {
            if (row.value() instanceof MenuRow.Item item
                    && item.kind() instanceof ItemKind.ToPage(PageId page, int carries)
                    && page.equals(copy.page())) {
                MenuRowId after = row.id();
                for (PageId leads : copies) {
                    MenuRowId id = new MenuRowId(copy.ids() + "-item-" + made++);
                    Optional<Refusal> taken = MenuChecks.isFree(draft, id);
                    if (taken.isPresent()) {
                        return taken;
                    }
                    rows.insert(
                            id,
                            new Place<>(row.parent(), after),
                            item.withLabel("").withKind(new ItemKind.ToPage(leads, carries)));
                    after = id;
                }
                menus.add(site.menuOf(row.id()));
            }
        }
        draft.become(site.withMenus(rows.done()));
        return MenuChecks.sound(draft.site(), menus);
    }

    private static Optional<Refusal> check(Site site, Change.CopyPages copy) {
        Optional<Refusal> unknown = Checks.exists(site, copy.page());
        if (unknown.isPresent()) {
            return unknown;
        }
        Page page = site.pages().get(copy.page());
        if (page.kind().isBuiltIn()) {
            return Optional.of(new Refusal.BuiltInAlone(page.title()));
        }
        if (copy.titles().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        long count = site.pages().size()
                + (long) rows(site, copy).size() * copy.titles().size();
        return count > Limits.PAGES
                ? Optional.of(new Refusal.TooManyPages((int) Math.min(count, Integer.MAX_VALUE), Limits.PAGES))
                : Optional.empty();
    }

    /** Built-in pages are there once, so one that stands beneath the original is not copied. */
    private static List<Branch<PageId, Page>> rows(Site site, Change.CopyPages copy) {
        return copy.subpages()
                ? site.pages().walk(copy.page()).stream()
                        .filter(row -> !row.value().kind().isBuiltIn())
                        .toList()
                : List.of(site.pages().branch(copy.page()));
    }

    private static Page copied(Page page, String title, boolean top, boolean content) {
        Page copy = page.with()
                .title(title)
                .reach(top ? Reach.HELD_BACK : page.reach())
                .locked(false)
                .model(false)
                .build();
        return content
                ? copy
                : copy.with()
                        .summary("")
                        .picture(null)
                        .form(null)
                        .searchTitle("")
                        .searchDescription("")
                        .text(null)
                        .build();
    }
}
