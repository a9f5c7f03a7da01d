package velnik.core.bin;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.address.TakenSlugs;
import velnik.core.change.Change;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Labels;
import velnik.core.forwarding.Forwarding;
import velnik.core.menus.Items;
import velnik.core.menus.Menus;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineEditor;
import velnik.core.outline.Place;
import velnik.core.pages.Addressing;
import velnik.core.site.Forward;
import velnik.core.site.LayoutId;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Site;

/** Puts a removal back: to its old parent and place, or to the nearest that still exists. */
public final class Restoring {
    private Restoring() {}

    public static Optional<Refusal> restore(Draft draft, Change.Restore restore) {
        Removal removal = draft.site().findRemoval(restore.removal()).orElse(null);
        if (removal == null) {
            return Optional.of(new Refusal.NotInBin(restore.removal().value()));
        }
        draft.become(draft.site()
                .withBin(draft.site().bin().stream()
                        .filter(other -> !other.id().equals(removal.id()))
                        .toList()));
        Optional<Refusal> refused = pages(draft, removal.pages());
        if (refused.isPresent()) {
            return refused;
        }
        for (Removal.Part<MenuRowId, MenuRow> part : removal.rows()) {
            Optional<Refusal> refusal = rows(draft, part);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return Optional.empty();
    }

    private static Optional<Refusal> pages(Draft draft, List<Removal.Part<PageId, Page>> parts) {
        int count = draft.pages().size()
                + parts.stream().mapToInt(part -> part.rows().size()).sum();
        if (count > Limits.PAGES) {
            return Optional.of(new Refusal.TooManyPages(count, Limits.PAGES));
        }
        OutlineEditor<PageId, Page> pages = draft.pages().edit();
        TakenSlugs slugs = Addressing.taken(pages);
        for (Removal.Part<PageId, Page> part : parts) {
            Place<PageId> place = nearest(pages, part);
            @Nullable PageId parent = place.parent();
            Page page = part.top().value();
            String slug = slugs.free(parent, page.slug());
            slugs.take(parent, slug, part.top().id());
            put(pages, part, place);
            Optional<Refusal> depth = Checks.depth(parent == null ? 0 : pages.levelOf(parent), height(part));
            if (depth.isPresent()) {
                return depth;
            }
            if (!slug.equals(page.slug())) {
                pages.replace(part.top().id(), page.withSlug(slug, page.slugFollows()));
                draft.tell(new Notice.SlugAdapted(page.title(), slug));
            }
            if (isElsewhere(part, place)) {
                draft.tell(new Notice.BackElsewhere(
                        page.title(), parent == null ? "" : pages.get(parent).title()));
            }
        }
        Site before = draft.site();
        draft.become(pages.done());
        adapt(draft, before, parts);
        parts.forEach(part -> draft.addressed(part.top().id()));
        leadHere(draft, parts);
        return Optional.empty();
    }

    /** The layouts of pages that came back may have gone since, and their topics may be called otherwise. */
    private static void adapt(Draft draft, Site before, List<Removal.Part<PageId, Page>> parts) {
        Forwarding forwarding = Forwarding.of(before);
        Map<PageId, Page> adapted = new HashMap<>();
        for (Removal.Part<PageId, Page> part : parts) {
            for (Outline.Entry<PageId, Page> row : part.rows()) {
                Page page = draft.pages().get(row.id());
                LayoutId layout = before.hasLayout(page.layout()) ? page.layout() : LayoutId.STANDARD;
                Set<String> topics =
                        page.topics().stream().map(forwarding::presently).collect(Collectors.toSet());
                if (!layout.equals(page.layout()) || !topics.equals(page.topics())) {
                    adapted.put(row.id(), page.withLayout(layout).withTopics(topics));
                }
            }
        }
        draft.become(draft.pages().replaceAll(adapted));
    }

    /** What is there again is where its addresses lead. */
    private static void leadHere(Draft draft, List<Removal.Part<PageId, Page>> parts) {
        Set<Forward.Source> back = new HashSet<>();
        parts.forEach(part -> part.rows().forEach(row -> back.add(new Forward.Source.OfRemoved(row.id()))));
        draft.become(draft.site()
                .withForwards(draft.site().forwards().stream()
                        .filter(forward -> !back.contains(forward.from()))
                        .toList()));
    }

    /** How many levels a part has. */
    private static <K> int height(Removal.Part<K, ?> part) {
        Map<@Nullable K, Integer> levels = new HashMap<>();
        int height = 0;
        for (Outline.Entry<K, ?> row : part.rows()) {
            int level = 1 + (row.id().equals(part.top().id()) ? 0 : levels.getOrDefault(row.parent(), 0));
            levels.put(row.id(), level);
            height = Math.max(height, level);
        }
        return height;
    }

    private static Optional<Refusal> rows(Draft draft, Removal.Part<MenuRowId, MenuRow> part) {
        Site site = draft.site();
        MenuRowId top = part.top().id();
        OutlineEditor<MenuRowId, MenuRow> rows = site.menus().edit();
        Place<MenuRowId> place = nearest(rows, part);
        put(rows, part, place);
        Outline<MenuRowId, MenuRow> menus = rows.done();
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
                return item.anchor() == null ? item : item.withAnchor(Items.anchor(site, place, item.anchor()));
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
    private static <K, V> Place<K> nearest(OutlineEditor<K, V> now, Removal.Part<K, V> part) {
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

    private static <K, V> void put(OutlineEditor<K, V> outline, Removal.Part<K, V> part, Place<K> place) {
        for (Outline.Entry<K, V> row : part.rows()) {
            boolean top = row.id().equals(part.top().id());
            outline.insert(row.id(), top ? place : outline.endOf(row.parent()), row.value());
        }
    }
}
