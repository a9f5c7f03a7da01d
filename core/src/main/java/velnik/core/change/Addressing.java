package velnik.core.change;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Slugs;
import velnik.core.outline.Branch;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Slugs of pages, typed or chosen. */
final class Addressing {
    private Addressing() {}

    static Optional<Refusal> make(Draft draft, Change.SetSlug change) {
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
        String slug = change.slug().strip().toLowerCase(Locale.ROOT);
        @Nullable PageId parent = site.pages().parentOf(id).orElse(null);
        Optional<Refusal> refusal = typed(site, parent, slug, id);
        if (refusal.isEmpty()) {
            change(draft, id, slug, false);
        }
        return refusal;
    }

    /** Judges a slug that somebody typed for a page under this parent. */
    static Optional<Refusal> typed(Site site, @Nullable PageId parent, String slug, @Nullable PageId except) {
        if (parent == null && Slugs.isReservedAtTop(slug)) {
            return Optional.of(new Refusal.SlugReserved(slug));
        }
        if (!Slugs.isWellFormed(slug)) {
            return Optional.of(new Refusal.SlugMalformed(shortened(slug), Slugs.fromTitle(slug)));
        }
        return Addresses.findHolder(site, parent, slug, except)
                .map(holder -> new Refusal.SlugTaken(
                        slug, holder, site.pages().get(holder).title()));
    }

    /** A slug of Velnik's choosing for a page where it stands, like the wanted one. */
    static String free(Site site, PageId page, String wanted) {
        return free(site, site.pages().parentOf(page).orElse(null), wanted, page);
    }

    static String free(Site site, @Nullable PageId parent, String wanted, @Nullable PageId except) {
        return Slugs.firstFree(
                wanted,
                slug -> (parent == null && Slugs.isReservedAtTop(slug))
                        || Addresses.isTaken(site, parent, slug, except));
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
        int count = 0;
        int published = 0;
        for (Branch<PageId, Page> row : draft.pages().walk(id)) {
            if (!draft.site().isHome(row.id())) {
                count++;
                published += draft.wasPublished(row.id()) ? 1 : 0;
            }
        }
        if (count > 0) {
            draft.tell(new Notice.AddressesChange(count, published));
        }
    }

    private static String shortened(String slug) {
        return slug.length() <= 100 ? slug : slug.substring(0, 100) + "…";
    }
}
