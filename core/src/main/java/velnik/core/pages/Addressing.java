package velnik.core.pages;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.address.TakenSlugs;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineEditor;
import velnik.core.site.Limits;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.text.Shortened;

/** Slugs of pages, typed or chosen. */
public final class Addressing {
    private Addressing() {}

    public static Optional<Refusal> setSlug(Draft draft, Change.SetSlug change) {
        Site site = draft.site();
        PageId id = change.page();
        Optional<Refusal> unknown = Checks.exists(site, id);
        if (unknown.isPresent()) {
            return unknown;
        }
        if (change.slug() == null) {
            change(
                    draft,
                    id,
                    free(site, id, Slugs.fromTitle(site.pages().get(id).title())),
                    true);
            return Optional.empty();
        }
        return setSlugs(draft, new Change.SetSlugs(List.of(new Change.PageSlug(id, change.slug()))));
    }

    /** Costs O(n) in the pages that get slugs and those beside and beneath them, however many get one. */
    public static Optional<Refusal> setSlugs(Draft draft, Change.SetSlugs change) {
        OutlineEditor<PageId, Page> pages = draft.pages().edit();
        Set<PageId> listed = new HashSet<>();
        for (Change.PageSlug each : change.pages()) {
            Optional<Refusal> unknown = Checks.exists(draft.site(), each.page());
            if (unknown.isPresent()) {
                return unknown;
            }
            listed.add(each.page());
        }
        TakenSlugs slugs = others(draft.pages(), listed);
        Set<PageId> changed = new LinkedHashSet<>();
        for (Change.PageSlug each : change.pages()) {
            PageId id = each.page();
            Page page = pages.get(id);
            String slug = each.slug().strip().toLowerCase(Locale.ROOT);
            @Nullable PageId parent = draft.pages().parentOf(id).orElse(null);
            if (!slug.equals(page.slug()) || slugs.findHolder(parent, slug).isPresent()) {
                Optional<Refusal> refusal = typed(pages, slugs, parent, slug);
                if (refusal.isPresent()) {
                    return refusal;
                }
                changed.add(id);
            }
            slugs.take(parent, slug, id);
            pages.replace(id, page.withSlug(slug, false));
        }
        draft.become(pages.done());
        draft.pages().outermost(changed).forEach(id -> tellOfAddresses(draft, id));
        return Optional.empty();
    }

    /** The slugs that pages have as a change begins to add others. */
    public static TakenSlugs taken(OutlineEditor<PageId, Page> pages) {
        return new TakenSlugs(parent -> {
            Map<PageId, String> slugs = new LinkedHashMap<>();
            pages.childrenOf(parent).forEach(id -> slugs.put(id, pages.get(id).slug()));
            return slugs;
        });
    }

    /** The slugs of all pages but some. */
    static TakenSlugs others(Outline<PageId, Page> pages, Set<PageId> except) {
        return new TakenSlugs(parent -> {
            Map<PageId, String> slugs = new LinkedHashMap<>();
            for (Branch<PageId, Page> page : pages.childrenOf(parent)) {
                if (!except.contains(page.id())) {
                    slugs.put(page.id(), page.value().slug());
                }
            }
            return slugs;
        });
    }

    /** Judges a slug that somebody typed for a page under this parent. */
    static Optional<Refusal> typed(
            OutlineEditor<PageId, Page> pages, TakenSlugs slugs, @Nullable PageId parent, String slug) {
        if (parent == null && Slugs.isReservedAtTop(slug)) {
            return Optional.of(new Refusal.SlugReserved(slug));
        }
        if (!Slugs.isWellFormed(slug)) {
            return Optional.of(new Refusal.SlugMalformed(Shortened.to(100, slug), Slugs.fromTitle(slug), Limits.SLUG));
        }
        return slugs.findHolder(parent, slug)
                .map(holder ->
                        new Refusal.SlugTaken(slug, holder, pages.get(holder).title()));
    }

    /** A slug of Velnik's choosing for a page where it stands, like the wanted one. */
    static String free(Site site, PageId page, String wanted) {
        return others(site.pages(), Set.of(page))
                .free(site.pages().parentOf(page).orElse(null), wanted);
    }

    /** Gives a page its slug and tells how many addresses change with it. */
    static void change(Draft draft, PageId id, String slug, boolean follows) {
        Page page = draft.pages().get(id);
        boolean differs = !page.slug().equals(slug);
        draft.become(draft.pages().replace(id, page.withSlug(slug, follows)));
        if (differs) {
            tellOfAddresses(draft, id);
        }
    }

    /** Tells of the addresses at and beneath a page, all of which have just changed. */
    static void tellOfAddresses(Draft draft, PageId id) {
        draft.addressed(id);
        Notice.AddressesChange changing = changing(draft, draft.pages().branch(id), true);
        if (changing.count() > 0) {
            draft.tell(changing);
        }
    }

    /** @param got whether nothing above within the branch is held back, so that visitors may know what is beneath */
    private static Notice.AddressesChange changing(Draft draft, Branch<PageId, Page> row, boolean got) {
        boolean known = got && row.value().reach() != Reach.HELD_BACK;
        boolean itself = !draft.site().isHome(row.id());
        int count = itself ? 1 : 0;
        int published = itself && known && draft.wasPublished(row.id()) ? 1 : 0;
        for (Branch<PageId, Page> child : row.children()) {
            Notice.AddressesChange beneath = changing(draft, child, known);
            count += beneath.count();
            published += beneath.published();
        }
        return new Notice.AddressesChange(count, published);
    }
}
