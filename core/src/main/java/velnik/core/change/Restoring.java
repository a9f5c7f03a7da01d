package velnik.core.change;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.explanation.Labels;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Site;

/** Puts a removal back: to its old parent and place, or to the nearest that still exists. */
final class Restoring {
    private Restoring() {}

    static Optional<Refusal> make(Draft draft, Change.Restore restore) {
        Removal removal = draft.site().findRemoval(restore.removal()).orElse(null);
        if (removal == null) {
            return Optional.of(new Refusal.NotInBin(restore.removal().value()));
        }
        draft.become(draft.site()
                .withBin(draft.site().bin().stream()
                        .filter(other -> !other.equals(removal))
                        .toList()));
        for (Removal.Part<PageId, Page> part : removal.pages()) {
            Optional<Refusal> refusal = pages(draft, part);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        for (Removal.Part<MenuRowId, MenuRow> part : removal.rows()) {
            Optional<Refusal> refusal = rows(draft, part);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return Optional.empty();
    }

    private static Optional<Refusal> pages(Draft draft, Removal.Part<PageId, Page> part) {
        int count = draft.pages().size() + part.rows().size();
        if (count > Limits.PAGES) {
            return Optional.of(new Refusal.TooManyPages(count, Limits.PAGES));
        }
        Place<PageId> place = nearest(draft.pages(), part);
        draft.become(put(draft.pages(), part, place));
        PageId top = part.top().id();
        Optional<Refusal> depth =
                Checks.depth(draft.site(), place.parent(), draft.pages().heightOf(top));
        if (depth.isPresent()) {
            return depth;
        }
        Page page = part.top().value();
        String slug = Addressing.free(draft.site(), top, page.slug());
        if (!slug.equals(page.slug())) {
            draft.become(draft.pages().replace(top, page.withSlug(slug, page.slugFollows())));
            draft.tell(new Notice.SlugAdapted(page.title(), slug));
        }
        if (isElsewhere(part, place)) {
            @Nullable PageId parent = place.parent();
            draft.tell(new Notice.BackElsewhere(
                    page.title(),
                    parent == null ? "" : draft.pages().get(parent).title()));
        }
        return Optional.empty();
    }

    private static Optional<Refusal> rows(Draft draft, Removal.Part<MenuRowId, MenuRow> part) {
        Site site = draft.site();
        MenuRowId top = part.top().id();
        Place<MenuRowId> place = nearest(site.menus(), part);
        Outline<MenuRowId, MenuRow> menus = put(site.menus(), part, place);
        if (part.top().value() instanceof MenuRow.Menu menu) {
            int count = menus.top().size();
            if (count > Limits.MENUS) {
                return Optional.of(new Refusal.TooManyMenus(count, Limits.MENUS));
            }
            menus = menus.replace(top, menu.withName(Menus.freeName(site, menu.name())));
        } else if (place.parent() == null) {
            return Optional.of(new Refusal.MenuInBin(part.where()));
        } else {
            menus = menus.update(top, row -> {
                MenuRow.Item item = (MenuRow.Item) row;
                return item.withAnchor(Items.anchor(site, place, item.anchor()));
            });
        }
        draft.become(site.withMenus(menus));
        @Nullable MenuRowId parent = place.parent();
        if (parent != null) {
            Optional<Refusal> depth = MenuChecks.depth(site, parent, menus.heightOf(top));
            if (depth.isPresent()) {
                return depth;
            }
            if (isElsewhere(part, place)) {
                draft.tell(new Notice.BackElsewhere(Labels.of(draft.site(), top), Labels.of(draft.site(), parent)));
            }
        }
        return MenuChecks.sound(draft.site(), Set.of(draft.site().menuOf(top)));
    }

    /** After the nearest earlier sibling that is still there; at the end of the nearest parent that is. */
    private static <K, V> Place<K> nearest(Outline<K, V> now, Removal.Part<K, V> part) {
        List<K> above = part.above();
        @Nullable K parent = above.stream().filter(now::contains).findFirst().orElse(null);
        if (!(above.isEmpty() ? parent == null : above.getFirst().equals(parent))) {
            return now.endOf(parent);
        }
        @Nullable
        K after = part.earlier().stream()
                .filter(sibling -> now.has(new Place<>(parent, sibling)))
                .findFirst()
                .orElse(null);
        return new Place<>(parent, after);
    }

    private static <K, V> boolean isElsewhere(Removal.Part<K, V> part, Place<K> place) {
        return !part.above().isEmpty() && !part.above().getFirst().equals(place.parent());
    }

    private static <K, V> Outline<K, V> put(Outline<K, V> outline, Removal.Part<K, V> part, Place<K> place) {
        Outline<K, V> result = outline;
        for (Outline.Entry<K, V> row : part.rows()) {
            boolean top = row.id().equals(part.top().id());
            result = result.insert(row.id(), top ? place : result.endOf(row.parent()), row.value());
        }
        return result;
    }
}
