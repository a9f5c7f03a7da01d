package velnik.core.change;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Pages put into menus and taken out of them, wherever in a menu they stand. */
final class PagesInMenus {
    private PagesInMenus() {}

    static Optional<Refusal> make(Draft draft, MenuChange.PlacePages place) {
        if (place.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        Set<MenuRowId> menus = new LinkedHashSet<>();
        for (MenuChange.NewPlace fresh : inOrder(draft.site(), place.pages())) {
            Optional<Refusal> refusal =
                    checked(draft.site(), fresh.menu(), fresh.page()).or(() -> place(draft, fresh));
            if (refusal.isPresent()) {
                return refusal;
            }
            menus.add(fresh.menu());
        }
        return MenuChecks.sound(draft.site(), menus);
    }

    /** As in the tree, so that a page finds those it stands with; pages that are not there come first. */
    private static List<MenuChange.NewPlace> inOrder(Site site, List<MenuChange.NewPlace> pages) {
        if (pages.size() == 1) {
            return pages;
        }
        Map<PageId, Integer> order = new HashMap<>();
        site.pages().walk().forEach(row -> order.put(row.id(), order.size()));
        return pages.stream()
                .sorted(Comparator.comparing(fresh -> order.getOrDefault(fresh.page(), -1)))
                .toList();
    }

    private static Optional<Refusal> checked(Site site, MenuRowId menu, PageId page) {
        return MenuChecks.isMenu(site, menu)
                .or(() -> site.pages().contains(page)
                        ? Optional.empty()
                        : Optional.of(new Refusal.PageUnknown(page.value())));
    }

    /** A list that leaves the page out takes it back; anywhere else it is an item of its own. */
    private static Optional<Refusal> place(Draft draft, MenuChange.NewPlace fresh) {
        Site site = draft.site();
        Optional<Branch<MenuRowId, MenuRow>> leavesOut = site.menus().walk(fresh.menu()).stream()
                .filter(row -> leftOut(row.value()).contains(fresh.page()))
                .findFirst();
        if (leavesOut.isPresent()) {
            leaveOut(draft, leavesOut.get().id(), fresh.page(), false);
            return Optional.empty();
        }
        Mirroring.Spot spot = Mirroring.of(site, fresh.menu(), fresh.page());
        return Items.add(
                draft,
                new MenuChange.NewItem(
                        fresh.item(), spot.place(), spot.anchor(), new ItemKind.ToPage(fresh.page(), 0), ""));
    }

    private static Set<PageId> leftOut(MenuRow row) {
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

    static Optional<Refusal> make(Draft draft, MenuChange.TakePagesOut take) {
        if (take.pages().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        Set<MenuRowId> items = new LinkedHashSet<>();
        for (MenuChange.OldPlace old : take.pages()) {
            Site site = draft.site();
            Optional<Refusal> refusal = checked(site, old.menu(), old.page());
            if (refusal.isPresent()) {
                return refusal;
            }
            List<MenuEntry> rows = rowsOf(MenuReading.of(site, old.menu(), null), old.page());
            if (rows.isEmpty()) {
                return Optional.of(
                        new Refusal.NotInMenu(Words.title(site, old.page()), MenuChecks.nameOf(site, old.menu())));
            }
            for (MenuEntry row : rows) {
                MenuRowId holder = row.key().item();
                if (row.foreign()) {
                    return Optional.of(new Refusal.StandsThrough(
                            Words.title(site, old.page()), MenuChecks.nameOf(site, site.menuOf(holder))));
                }
                if (row.key().page() == null) {
                    items.add(holder);
                } else if (site.item(holder).kind() instanceof ItemKind.PageList) {
                    leaveOut(draft, holder, old.page(), true);
                } else {
                    return Optional.of(
                            new Refusal.StandsThrough(Words.title(site, old.page()), Labels.of(site, holder)));
                }
            }
        }
        return items.isEmpty()
                ? Optional.empty()
                : Removing.make(draft, new MenuChange.RemoveMenuRows(take.removal(), new ArrayList<>(items)))
                        .or(() -> tellOfDress(draft, items));
    }

    private static List<MenuEntry> rowsOf(List<MenuEntry> entries, PageId page) {
        List<MenuEntry> found = new ArrayList<>();
        for (MenuEntry entry : entries) {
            if (page.equals(entry.page())) {
                found.add(entry);
            }
            found.addAll(rowsOf(entry.rows(), page));
        }
        return found;
    }

    /** What the owner had given to the items that went, since that is easily overlooked. */
    private static Optional<Refusal> tellOfDress(Draft draft, Set<MenuRowId> items) {
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
