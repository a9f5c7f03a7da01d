package velnik.core.pages;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
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
import velnik.core.menus.Depths;
import velnik.core.navigation.ZoneChanges;
import velnik.core.outline.Place;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;

/** Moves pages, and lets their addresses adapt. */
public final class Moving {
    private Moving() {}

    public static Optional<Refusal> movePages(Draft draft, Change.MovePages change) {
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
        settle(draft, moving.stream().filter(arriving::contains).toList());
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

    /**
     * Sees to the addresses of pages that have come under others. A slug stays where it is free; one that still follows
     * its title is made afresh, to lose a "-2" it had.
     */
    public static void settle(Draft draft, List<PageId> arrived) {
        TakenSlugs slugs = Addressing.others(draft.pages(), Set.copyOf(arrived));
        Map<PageId, Page> adapted = new HashMap<>();
        for (PageId id : arrived) {
            Page page = draft.pages().get(id);
            @Nullable PageId parent = draft.pages().branch(id).parent();
            boolean follows = page.slugFollows() && !draft.wasPublished(id);
            String wanted = follows ? Slugs.fromTitle(page.title()) : page.slug();
            String slug = slugs.free(parent, wanted);
            slugs.take(parent, slug, id);
            if (!slug.equals(page.slug())) {
                adapted.put(id, page.withSlug(slug, page.slugFollows()));
                if (!slug.equals(wanted)) {
                    draft.tell(new Notice.SlugAdapted(page.title(), slug));
                }
            }
            Addressing.tellOfAddresses(draft, id);
        }
        draft.become(draft.pages().replaceAll(adapted));
    }
}
