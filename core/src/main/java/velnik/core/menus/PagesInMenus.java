package velnik.core.menus;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Pages put into menus and taken out of them, wherever in a menu they stand. */
public final class PagesInMenus {
    private PagesInMenus() {}

    public static Optional<Refusal> placePages(Draft draft, MenuChange.PlacePages place) {
        if (place.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        Site before = draft.site();
        List<MenuRowId> items = new ArrayList<>();
        Map<MenuRowId, Mirroring> mirrorings = new HashMap<>();
        for (MenuChange.NewPlace fresh : inOrder(draft.site(), place.pages(), MenuChange.NewPlace::page)) {
            Optional<Refusal> refusal =
                    checked(draft.site(), fresh.menu(), fresh.page()).or(() -> place(draft, mirrorings, fresh));
            if (refusal.isPresent()) {
                return refusal;
            }
            if (draft.site().menus().contains(fresh.item())) {
                items.add(fresh.item());
            }
        }
        return Items.settled(draft, before, items);
    }

    /** As in the tree, so that a page finds those it stands with; pages that are not there come first. */
    static <T> List<T> inOrder(Site site, List<T> pages, Function<T, PageId> named) {
        if (pages.size() < 2) {
            return pages;
        }
        Map<PageId, Integer> order = new HashMap<>();
        site.pages().walk().forEach(row -> order.put(row.id(), order.size()));
        return pages.stream()
                .sorted(Comparator.comparing(page -> order.getOrDefault(named.apply(page), -1)))
                .toList();
    }

    private static Optional<Refusal> checked(Site site, MenuRowId menu, PageId page) {
        return MenuChecks.isMenu(site, menu)
                .or(() -> site.pages().contains(page)
                        ? Optional.empty()
                        : Optional.of(new Refusal.PageUnknown(page.value())));
    }

    /** A list that leaves the page out takes it back, if it then yields it; anywhere else it is an item of its own. */
    private static Optional<Refusal> place(
            Draft draft, Map<MenuRowId, Mirroring> mirrorings, MenuChange.NewPlace fresh) {
        Site before = draft.site();
        for (Branch<MenuRowId, MenuRow> row : before.menus().walk(fresh.menu())) {
            if (leftOut(row.value()).contains(fresh.page())) {
                leaveOut(draft, row.id(), fresh.page(), false);
                if (byPage(draft.site(), fresh.menu()).containsKey(fresh.page())) {
                    return fresh.label().isEmpty() ? Optional.empty() : label(draft, row.id(), fresh);
                }
                draft.become(before);
            }
        }
        Mirroring mirroring = mirrorings.computeIfAbsent(fresh.menu(), menu -> new Mirroring(before, menu));
        Mirroring.Spot spot = mirroring.spot(fresh.page());
        Optional<Refusal> refusal = Items.add(
                draft,
                new MenuChange.NewItem(
                        fresh.item(),
                        spot.place(),
                        spot.anchor(),
                        new ItemKind.ToPage(fresh.page(), 0),
                        fresh.label()));
        if (refusal.isEmpty()) {
            mirroring.placed(draft.site(), fresh.page(), fresh.item());
        }
        return refusal;
    }

    private static Optional<Refusal> label(Draft draft, MenuRowId list, MenuChange.NewPlace fresh) {
        return Items.setItems(
                draft,
                new MenuChange.SetItems(
                        List.of(new MenuChange.RowName(list, fresh.page())), MenuChange.ItemEdit.label(fresh.label())));
    }

    static Set<PageId> leftOut(MenuRow row) {
        return row instanceof MenuRow.Item item && item.kind() instanceof ItemKind.PageList list
                ? list.leftOut()
                : Set.of();
    }

    private static void leaveOut(Draft draft, MenuRowId id, PageId page, boolean out) {
        MenuRow.Item item = draft.site().item(id);
        ItemKind.PageList list = (ItemKind.PageList) item.kind();
        Set<PageId> leftOut = new HashSet<>(list.leftOut());
        if (out) {
            leftOut.add(page);
        } else {
            leftOut.remove(page);
        }
        draft.become(
                draft.site().withMenus(draft.site().menus().replace(id, item.withKind(list.withLeftOut(leftOut)))));
    }

    public static Optional<Refusal> takePagesOut(Draft draft, MenuChange.TakePagesOut take) {
        if (take.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        // By what stands there before any of it goes: with a page its subpages may leave a list, and are meant all the
        // same.
        Site before = draft.site();
        Map<MenuRowId, Map<PageId, List<MenuEntry>>> standing = new HashMap<>();
        Set<MenuRowId> items = new LinkedHashSet<>();
        for (MenuChange.OldPlace old : take.pages()) {
            Optional<Refusal> refusal = checked(before, old.menu(), old.page())
                    .or(() -> takeOut(
                            draft,
                            old,
                            standing.computeIfAbsent(old.menu(), menu -> byPage(before, menu))
                                    .getOrDefault(old.page(), List.of()),
                            items));
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        return items.isEmpty()
                ? Optional.empty()
                : RemovingRows.removeMenuRows(
                                draft, new MenuChange.RemoveMenuRows(take.removal(), new ArrayList<>(items)))
                        .or(() -> tellOfLabels(draft, items));
    }

    /** @param items gains those that are to go into the bin */
    private static Optional<Refusal> takeOut(
            Draft draft, MenuChange.OldPlace old, List<MenuEntry> rows, Set<MenuRowId> items) {
        Site site = draft.site();
        String title = Words.title(site, old.page());
        if (rows.isEmpty()) {
            return Optional.of(new Refusal.NotInMenu(title, MenuChecks.nameOf(site, old.menu())));
        }
        for (MenuEntry row : rows) {
            MenuRowId holder = row.key().item();
            if (row.foreign()) {
                return Optional.of(new Refusal.StandsThrough(title, MenuChecks.nameOf(site, site.menuOf(holder))));
            }
            if (row.key().page() == null) {
                items.add(holder);
            } else if (site.item(holder).kind() instanceof ItemKind.PageList) {
                leaveOut(draft, holder, old.page(), true);
            } else {
                return Optional.of(new Refusal.StandsThrough(title, Labels.of(site, holder)));
            }
        }
        return Optional.empty();
    }

    /** The rows of a menu that lead to pages, however deep they stand. */
    static Map<PageId, List<MenuEntry>> byPage(Site site, MenuRowId menu) {
        Map<PageId, List<MenuEntry>> found = new HashMap<>();
        collect(MenuReading.of(site, Openings.ALWAYS, menu, null), found);
        return found;
    }

    private static void collect(List<MenuEntry> entries, Map<PageId, List<MenuEntry>> found) {
        for (MenuEntry entry : entries) {
            @Nullable PageId page = entry.page();
            if (page != null) {
                found.computeIfAbsent(page, any -> new ArrayList<>()).add(entry);
            }
            collect(entry.rows(), found);
        }
    }

    /** What the owner had given to the items that went, since that is easily overlooked. */
    private static Optional<Refusal> tellOfLabels(Draft draft, Set<MenuRowId> items) {
        List<String> labels = items.stream()
                .map(item -> draft.site().findRemoved(item).orElseThrow())
                .map(row -> row instanceof MenuRow.Item item ? item.label() : "")
                .filter(label -> !label.isEmpty())
                .toList();
        if (!labels.isEmpty()) {
            draft.tell(new Notice.LabelsWent(labels));
        }
        return Optional.empty();
    }
}
