package velnik.core.navigation;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/**
 * One row of a menu as visitors get it.
 *
 * @param target where it leads by itself
 * @param opensOnly whether its purpose is what is under it, as for headings and groups: where that shows, it opens it
 *     and is no link
 * @param devices where it shows; never empty
 * @param rows the rows beneath it that show
 */
@RecordBuilder
public record NavigationRow(
        Key key,
        String label,
        Target target,
        boolean opensOnly,
        Appearance appearance,
        Set<Device> devices,
        List<NavigationRow> rows)
        implements NavigationRowBuilder.With {

    /**
     * Tells a row from all others of a menu: the item it comes from and, for a row of a list, its page.
     */
    public record Key(MenuRowId item, @Nullable PageId page) {}

    public NavigationRow {
        devices = Set.copyOf(devices);
        rows = List.copyOf(rows);
    }

    /** The page it is about; null for one that is about none, or about a place on a page alone. */
    public @Nullable PageId page() {
        return target instanceof Target.ToPage(PageId page) ? page : null;
    }

    /** The page that somebody comes to by it; null where it leads elsewhere or nowhere. */
    public @Nullable PageId leadsTo() {
        return target.leadsTo();
    }

    /** Whether it shows a content block in the place of a word. */
    public boolean isBlock() {
        return target instanceof Target.Shown;
    }

    /** Whether it or a row under it does. */
    public boolean holdsBlock() {
        return isBlock() || rows.stream().anyMatch(NavigationRow::holdsBlock);
    }

    public boolean isOn(Device device) {
        return devices.contains(device);
    }

    public boolean opensOn(Device device) {
        return countOn(device) > 0;
    }

    /** How many rows show right beneath it. */
    public int countOn(Device device) {
        int count = 0;
        for (NavigationRow row : rows) { // asked several times of each row of each menu of each page
            count += row.isOn(device) ? 1 : 0;
        }
        return count;
    }

    public boolean isLinkOn(Device device) {
        return isBlock() ? leadsTo() != null : !(target instanceof Target.Nowhere) && !(opensOnly && opensOn(device));
    }

    /**
     * Rows for those who want words and links alone: of content blocks only those stay that are one or the other, what is
     * under the rest stands in their place.
     */
    public static List<NavigationRow> ofWords(List<NavigationRow> rows) {
        return rows.stream()
                .flatMap(row -> {
                    List<NavigationRow> beneath = ofWords(row.rows());
                    if (!(row.target() instanceof Target.Shown(ItemKind.Block block, String title))) {
                        return Stream.of(row.withRows(beneath));
                    }
                    return block instanceof ItemKind.Block.Words || row.leadsTo() != null
                            ? Stream.of(row.withRows(beneath))
                            : beneath.stream();
                })
                .toList();
    }

    /** With what is under it, on some devices alone; empty where it shows on none of them. */
    Optional<NavigationRow> restrictedTo(Set<Device> some) {
        if (some.containsAll(devices)) {
            return Optional.of(this);
        }
        Set<Device> left = new HashSet<>(devices);
        left.retainAll(some);
        List<NavigationRow> beneath =
                rows.stream().flatMap(row -> row.restrictedTo(some).stream()).toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(withDevices(left).withRows(beneath));
    }
}
