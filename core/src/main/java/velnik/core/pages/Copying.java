package velnik.core.pages;

import java.util.HashMap;
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
import velnik.core.outline.Branch;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
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
        PageId after = copy.page();
        int made = 0;
        for (String typed : copy.titles()) {
            String title = Line.cleaned(typed);
            refusal = Checks.title(title);
            if (refusal.isPresent()) {
                return refusal;
            }
            Map<PageId, PageId> ids = new HashMap<>();
            Map<PageId, PageId> last = new HashMap<>();
            for (Branch<PageId, Page> row : copy.subpages() ? site.pages().walk(copy.page()) : List.of(original)) {
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
                } else if (parent != null) {
                    last.put(parent, id);
                }
            }
            draft.addressed(after);
        }
        draft.become(pages.done());
        return Optional.empty();
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
        long each = copy.subpages() ? site.pages().walk(copy.page()).size() : 1;
        long count = site.pages().size() + each * copy.titles().size();
        return count > Limits.PAGES
                ? Optional.of(new Refusal.TooManyPages((int) Math.min(count, Integer.MAX_VALUE), Limits.PAGES))
                : Optional.empty();
    }

    private static Page copied(Page page, String title, boolean top, boolean content) {
        Page copy = page.with()
                .title(title)
                .reach(top ? Reach.HELD_BACK : page.reach())
                .locked(false)
                .build();
        return content ? copy : copy.with().summary("").text(null).build();
    }
}
