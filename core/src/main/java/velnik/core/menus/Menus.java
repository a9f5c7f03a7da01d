package velnik.core.menus;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.MenuChange;
import velnik.core.change.Refusal;
import velnik.core.draft.Draft;
import velnik.core.draft.MenuChecks;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;
import velnik.core.text.Line;

/** Menus as a whole: adding, naming, setting aside, moving, copying. */
public final class Menus {
    private Menus() {}

    public static Optional<Refusal> addMenu(Draft draft, MenuChange.AddMenu add) {
        Site site = draft.site();
        String name = Line.cleaned(add.name());
        int count = site.menus().top().size() + 1;
        if (count > Limits.MENUS) {
            return Optional.of(new Refusal.TooManyMenus(count, Limits.MENUS));
        }
        Optional<Refusal> refusal = MenuChecks.isFree(draft, add.menu())
                .or(() -> MenuChecks.name(site, name, null))
                .or(() -> after(site, add.after()));
        if (refusal.isEmpty()) {
            draft.become(site.withMenus(
                    site.menus().insert(add.menu(), new Place<>(null, add.after()), MenuRow.Menu.named(name))));
        }
        return refusal;
    }

    private static Optional<Refusal> after(Site site, @Nullable MenuRowId after) {
        return after == null ? Optional.empty() : MenuChecks.isMenu(site, after);
    }

    public static Optional<Refusal> renameMenu(Draft draft, MenuChange.RenameMenu rename) {
        Site site = draft.site();
        String name = Line.cleaned(rename.name());
        Optional<Refusal> refusal =
                MenuChecks.isMenu(site, rename.menu()).or(() -> MenuChecks.name(site, name, rename.menu()));
        if (refusal.isEmpty()) {
            draft.become(site.withMenus(
                    site.menus().update(rename.menu(), row -> ((MenuRow.Menu) row).withName(name))));
        }
        return refusal;
    }

    public static Optional<Refusal> setAside(Draft draft, MenuChange.SetAside set) {
        if (set.menus().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (MenuRowId menu : set.menus()) {
            Optional<Refusal> refusal = MenuChecks.isMenu(draft.site(), menu);
            if (refusal.isPresent()) {
                return refusal;
            }
            draft.become(draft.site()
                    .withMenus(draft.site()
                            .menus()
                            .update(menu, row -> ((MenuRow.Menu) row).withSetAside(set.setAside()))));
        }
        return Optional.empty();
    }

    public static Optional<Refusal> moveMenus(Draft draft, MenuChange.MoveMenus move) {
        Site site = draft.site();
        if (move.menus().isEmpty()) {
            return Optional.of(new Refusal.NothingNamed());
        }
        for (MenuRowId menu : move.menus()) {
            Optional<Refusal> refusal = MenuChecks.isMenu(site, menu);
            if (refusal.isPresent()) {
                return refusal;
            }
        }
        Optional<Refusal> refusal = after(site, move.after());
        if (refusal.isEmpty()) {
            List<MenuRowId> moving = List.copyOf(new LinkedHashSet<>(move.menus()));
            draft.become(site.withMenus(site.menus().move(moving, new Place<>(null, move.after()))));
        }
        return refusal;
    }

    public static Optional<Refusal> copyMenuRow(Draft draft, MenuChange.CopyMenuRow copy) {
        Site site = draft.site();
        Outline<MenuRowId, MenuRow> menus = site.menus();
        if (!menus.contains(copy.row())) {
            return Optional.of(new Refusal.ItemUnknown(copy.row().value()));
        }
        boolean isMenu = menus.get(copy.row()) instanceof MenuRow.Menu;
        if (isMenu && menus.top().size() == Limits.MENUS) {
            return Optional.of(new Refusal.TooManyMenus(Limits.MENUS + 1, Limits.MENUS));
        }
        Map<MenuRowId, MenuRowId> ids = new HashMap<>();
        Map<@Nullable MenuRowId, MenuRowId> last = new HashMap<>();
        for (Branch<MenuRowId, MenuRow> row : menus.walk(copy.row())) {
            MenuRowId id = new MenuRowId(copy.ids() + "-" + ids.size());
            Optional<Refusal> taken = MenuChecks.isFree(draft, id);
            if (taken.isPresent()) {
                return taken;
            }
            boolean first = ids.isEmpty();
            @Nullable MenuRowId parent = first ? row.parent() : ids.get(row.parent());
            @Nullable MenuRowId after = first ? copy.row() : last.get(parent);
            MenuRow value =
                    row.value() instanceof MenuRow.Menu menu ? menu.withName(freeName(site, menu.name())) : row.value();
            menus = menus.insert(id, new Place<>(parent, after), value);
            ids.put(row.id(), id);
            last.put(parent, id);
        }
        draft.become(site.withMenus(menus));
        return isMenu ? Optional.empty() : MenuChecks.sound(draft.site(), Set.of(site.menuOf(copy.row())));
    }

    /** The name itself where no other menu has it, or with the first number that makes it free. */
    public static String freeName(Site site, String name) {
        if (MenuChecks.name(site, name, null).isEmpty()) {
            return name;
        }
        String stem = name.length() > Limits.TITLE - 10 ? name.substring(0, Limits.TITLE - 10) : name;
        for (int number = 2; ; number++) {
            String candidate = stem + " " + number;
            if (MenuChecks.name(site, candidate, null).isEmpty()) {
                return candidate;
            }
        }
    }
}
