package velnik.core.menus;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velnik.core.change.MenuChange;
import velnik.core.change.Notice;
import velnik.core.change.Refusal;
import velnik.core.draft.Checks;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Removal;
import velnik.core.site.Site;

/** Takes menus and items out, with all beneath them, into the bin. */
public final class RemovingRows {
    private RemovingRows() {}

    public static Optional<Refusal> removeMenuRows(Draft draft, MenuChange.RemoveMenuRows remove) {
        Site before = draft.site();
        if (remove.rows().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (MenuRowId row : remove.rows()) {
            if (!before.menus().contains(row)) {
                return Optional.of(new Refusal.ItemUnknown(row.value()));
            }
        }
        Optional<Refusal> used = Checks.isFree(before, remove.removal());
        if (used.isPresent()) {
            return used;
        }
        List<MenuRowId> tops = before.menus().outermost(remove.rows());
        List<Removal.Part<MenuRowId, MenuRow>> parts = parts(before, tops);
        for (MenuRowId row : tops) {
            if (before.menus().get(row) instanceof MenuRow.Menu menu) {
                tellOfPlaces(draft, row, menu.name());
            }
        }
        draft.become(before.withMenus(before.menus().removeAll(tops)));
        draft.bin(remove.removal(), List.of(), parts);
        int beneath = parts.stream().mapToInt(part -> part.rows().size() - 1).sum();
        if (beneath > 0) {
            draft.tell(new Notice.GoneBeneath(beneath));
        }
        return Optional.empty();
    }

    private static List<Removal.Part<MenuRowId, MenuRow>> parts(Site site, List<MenuRowId> tops) {
        Removal.Whereabouts<MenuRowId, MenuRow> whereabouts = new Removal.Whereabouts<>(site.menus());
        List<Removal.Part<MenuRowId, MenuRow>> parts = new ArrayList<>();
        for (MenuRowId row : tops) {
            boolean isMenu = site.menus().get(row) instanceof MenuRow.Menu;
            parts.add(whereabouts.branch(row, isMenu ? "" : MenuChecks.nameOf(site, site.menuOf(row))));
        }
        return parts;
    }

    private static void tellOfPlaces(Draft draft, MenuRowId menu, String name) {
        long assigned = draft.site().assignments().stream()
                .filter(assignment -> assignment.menus().stream()
                        .anyMatch(placed -> placed.menu().equals(menu)))
                .count();
        long shown = draft.site().menus().walk().stream()
                .filter(row ->
                        row.value() instanceof MenuRow.Item item && item.kind().equals(new ItemKind.OtherMenu(menu)))
                .count();
        if (assigned + shown > 0) {
            draft.tell(new Notice.MenuStood(name, (int) (assigned + shown)));
        }
    }
}
