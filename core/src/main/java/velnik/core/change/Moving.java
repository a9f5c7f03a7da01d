package velnik.core.change;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Slugs;
import velnik.core.navigation.ZoneChanges;
import velnik.core.outline.Place;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Moves pages, and lets their addresses adapt. */
final class Moving {
    private Moving() {}

    static Optional<Refusal> make(Draft draft, Change.MovePages change) {
        Site site = draft.site();
        Optional<Refusal> refusal = check(site, change);
        if (refusal.isPresent()) {
            return refusal;
        }
        Place<PageId> place = change.place();
        List<PageId> moving = site.pages().outermost(change.pages());
        Set<PageId> arriving = new HashSet<>();
        for (PageId page : moving) {
            if (!Objects.equals(site.pages().branch(page).parent(), place.parent())) {
                arriving.add(page);
            }
        }
        draft.become(site.pages().move(moving, place));
        for (PageId page : moving) {
            if (arriving.contains(page)) {
                settle(draft, page);
            }
        }
        if (!arriving.isEmpty()) {
            Map<Zone, Integer> zones = ZoneChanges.ofMove(site, draft.site(), moving);
            zones.forEach((zone, pages) -> draft.tell(new Notice.ZoneDiffers(zone, pages)));
            Depths.afterPages(draft, site, moving);
        }
        return Optional.empty();
    }

    private static Optional<Refusal> check(Site site, Change.MovePages change) {
        if (change.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (PageId page : change.pages()) {
            if (!site.pages().contains(page)) {
                return Optional.of(new Refusal.PageUnknown(page.value()));
            }
        }
        return Checks.place(site, change.place()).or(() -> checkEach(site, change));
    }

    private static Optional<Refusal> checkEach(Site site, Change.MovePages change) {
        @Nullable PageId parent = change.place().parent();
        for (PageId page : change.pages()) {
            if (site.pages().isInside(parent, page)) {
                return Optional.of(
                        new Refusal.UnderItself(site.pages().get(page).title()));
            }
            Optional<Refusal> depth = Checks.depth(site, parent, site.pages().heightOf(page));
            if (depth.isPresent()) {
                return depth;
            }
        }
        return Optional.empty();
    }

    /** Sees to the address of a page that has come under another. */
    static void settle(Draft draft, PageId page) {
        adaptSlug(draft, page);
        Addressing.tellOfAddresses(draft, page);
    }

    /** Keeps the slug where it is free; one that still follows its title is made afresh, to lose a "-2" it had. */
    private static void adaptSlug(Draft draft, PageId id) {
        Page page = draft.pages().get(id);
        boolean follows = page.slugFollows() && !draft.wasPublished(id);
        String slug = Addressing.free(draft.site(), id, follows ? Slugs.fromTitle(page.title()) : page.slug());
        if (slug.equals(page.slug())) {
            return;
        }
        draft.become(draft.pages().replace(id, page.withSlug(slug, page.slugFollows())));
        if (!follows || !slug.equals(Slugs.fromTitle(page.title()))) {
            draft.tell(new Notice.SlugAdapted(page.title(), slug));
        }
    }
}
