package velnik.core.draft;

import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Refusal;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Site;

/** What changes of menus ask alike. Each answers with the refusal, or with nothing when all is well. */
public final class MenuChecks {
    /** A menu is a level of the outline of menus, its items have the levels beneath. */
    private static final int MENU_LEVEL = 1;

    private MenuChecks() {}

    public static Optional<Refusal> isMenu(Site site, MenuRowId id) {
        return site.menus().find(id).orElse(null) instanceof MenuRow.Menu
                ? Optional.empty()
                : Optional.of(new Refusal.MenuUnknown(id.value()));
    }

    public static Optional<Refusal> isItem(Site site, MenuRowId id) {
        return site.menus().find(id).orElse(null) instanceof MenuRow.Item
                ? Optional.empty()
                : Optional.of(new Refusal.ItemUnknown(id.value()));
    }

    public static Optional<Refusal> isFree(Draft draft, MenuRowId id) {
        boolean taken = draft.site().menus().contains(id) || draft.isInBin(id);
        return taken ? Optional.of(new Refusal.MenuRowTaken(id)) : Optional.empty();
    }

    /** An item's place is in a menu. */
    public static Optional<Refusal> place(Site site, Place<MenuRowId> place) {
        if (place.parent() == null || !site.menus().contains(place.parent())) {
            return Optional.of(new Refusal.ItemUnknown(
                    place.parent() == null ? "" : place.parent().value()));
        }
        return place.after() != null && !site.menus().has(place)
                ? Optional.of(new Refusal.RowElsewhere(place.after()))
                : Optional.empty();
    }

    /** @param height levels of the branch that comes to stand under the parent */
    public static Optional<Refusal> depth(Site site, MenuRowId parent, int height) {
        int levels = site.menus().levelOf(parent) - MENU_LEVEL + height;
        return levels > Limits.LEVELS ? Optional.of(new Refusal.TooDeep(levels, Limits.LEVELS)) : Optional.empty();
    }

    public static Optional<Refusal> label(String cleaned) {
        return cleaned.length() > Limits.TITLE
                ? Optional.of(new Refusal.TitleTooLong(cleaned.length(), Limits.TITLE))
                : Optional.empty();
    }

    public static Optional<Refusal> name(Site site, String cleaned, @Nullable MenuRowId except) {
        if (cleaned.isEmpty()) {
            return Optional.of(new Refusal.NameEmpty());
        }
        boolean taken = site.menus().top().stream()
                .anyMatch(menu -> !menu.id().equals(except)
                        && menu.value() instanceof MenuRow.Menu other
                        && other.name().equalsIgnoreCase(cleaned));
        return taken ? Optional.of(new Refusal.NameTaken(cleaned)) : label(cleaned);
    }

    /** Kinds that lead nowhere by themselves are nothing without words. */
    public static Optional<Refusal> words(ItemKind kind, String label) {
        boolean needed = kind instanceof ItemKind.Heading || kind instanceof ItemKind.Text;
        return needed && label.isEmpty() ? Optional.of(new Refusal.LabelEmpty()) : Optional.empty();
    }

    /** After a change: how many items the menus concerned hold, and whether one shows itself through others. */
    public static Optional<Refusal> sound(Site after, Set<MenuRowId> menus) {
        for (MenuRowId menu : menus) {
            int items = after.menus().walk(menu).size() - 1;
            if (items > Limits.ITEMS) {
                return Optional.of(new Refusal.TooManyItems(nameOf(after, menu), items, Limits.ITEMS));
            }
            if (reaches(after.menus(), menu, menu, new HashSet<>())) {
                return Optional.of(new Refusal.MenuInItself(nameOf(after, menu)));
            }
        }
        return Optional.empty();
    }

    private static boolean reaches(
            Outline<MenuRowId, MenuRow> menus, MenuRowId from, MenuRowId wanted, Set<MenuRowId> asked) {
        if (!asked.add(from) || !menus.contains(from)) {
            return false;
        }
        for (Branch<MenuRowId, MenuRow> row : menus.walk(from)) {
            if (row.value() instanceof MenuRow.Item item
                    && item.kind() instanceof ItemKind.OtherMenu(MenuRowId other)
                    && (other.equals(wanted) || reaches(menus, other, wanted, asked))) {
                return true;
            }
        }
        return false;
    }

    public static String nameOf(Site site, MenuRowId menu) {
        return site.menus().get(menu) instanceof MenuRow.Menu named ? named.name() : "";
    }
}
