package velnik.core.navigation;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.PageId;
import velnik.core.site.Visitor;

/**
 * One row of a menu as it comes out now, with those that show to nobody and why: what the owner sees of a menu.
 *
 * @param label as visitors would read it
 * @param follows the label it would have without one of its own; empty where there is nothing to follow
 * @param page the page it is about; null for one that is about none
 * @param splices whether its rows stand in its own place, as those of a list without a label do
 * @param visitors whom it shows to; empty when to nobody, though nothing else keeps it from showing
 * @param foreign whether it belongs to another menu that is shown here
 * @param beyond the devices on which its list has all its rows before it, for each kind of visitor for whom it has
 */
@RecordBuilder
public record MenuEntry(
        NavigationRow.Key key,
        String label,
        String follows,
        @Nullable PageId page,
        Target target,
        boolean opensOnly,
        boolean splices,
        boolean foreign,
        Appearance appearance,
        Set<Visitor> visitors,
        Map<Visitor, Set<Device>> beyond,
        Optional<Absence> absence,
        List<MenuEntry> rows)
        implements MenuEntryBuilder.With {

    public MenuEntry {
        visitors = Set.copyOf(visitors);
        beyond = Map.copyOf(beyond);
        rows = List.copyOf(rows);
    }

    MenuEntry withAbsence(Absence why) {
        return withAbsence(Optional.of(why));
    }

    boolean shows() {
        return absence.isEmpty() && !visitors.isEmpty() && (!splices || anyShows(rows));
    }

    static boolean anyShows(List<MenuEntry> entries) {
        return entries.stream().anyMatch(MenuEntry::shows);
    }

    /** Whether a visitor for whom it shows there is among some. */
    boolean showsOn(Device device, Set<Visitor> some) {
        return Visitor.common(visitors, some).stream()
                .anyMatch(visitor -> !beyond.getOrDefault(visitor, Set.of()).contains(device));
    }

    MenuEntry ofOtherMenu() {
        return withForeign(true)
                .withRows(rows.stream().map(MenuEntry::ofOtherMenu).toList());
    }
}
