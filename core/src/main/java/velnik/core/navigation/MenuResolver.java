package velnik.core.navigation;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Makes of a menu as the owner sees it the rows that visitors get. */
final class MenuResolver {
    private static final PageId SIGN_IN = Site.idOfBuiltIn(PageKind.SIGN_IN);
    private static final Set<Visitor> MEMBERS = Set.of(Visitor.MEMBER);

    private MenuResolver() {}

    /** @param visitors who look; a row is there when it shows to one of them */
    static List<NavigationRow> rows(List<MenuEntry> entries, Set<Visitor> visitors) {
        return rows(entries, visitors, Appearance.EVERY_DEVICE);
    }

    /** What is under a row shows at most where the row does. */
    private static List<NavigationRow> rows(List<MenuEntry> entries, Set<Visitor> visitors, Set<Device> above) {
        List<NavigationRow> rows = new ArrayList<>();
        for (MenuEntry entry : entries) {
            Set<Device> devices = common(entry.appearance().devices(), above);
            devices.removeIf(device -> !entry.showsOn(device, visitors));
            if (!entry.shows() || devices.isEmpty()) {
                continue;
            }
            List<NavigationRow> beneath = rows(entry.rows(), visitors, devices);
            if (entry.splices()) {
                rows.addAll(beneath);
                continue;
            }
            if (entry.opensOnly() && entry.target() instanceof Target.Nowhere) {
                devices = union(beneath);
            }
            if (!devices.isEmpty()) {
                rows.add(new NavigationRow(
                        entry.key(),
                        label(entry, visitors),
                        entry.target(),
                        entry.opensOnly(),
                        entry.appearance(),
                        devices,
                        beneath));
            }
        }
        return rows;
    }

    /** One label does for coming in and for going out again; an own one is the owner's word for both. */
    private static String label(MenuEntry entry, Set<Visitor> visitors) {
        boolean out = visitors.equals(MEMBERS)
                && SIGN_IN.equals(entry.page())
                && entry.label().equals(entry.follows());
        return out ? Site.SIGN_OUT : entry.label();
    }

    /** The rows from a level on, from 1. */
    static List<NavigationRow> from(List<NavigationRow> rows, int level) {
        return level == 1
                ? rows
                : from(rows.stream().flatMap(row -> row.rows().stream()).toList(), level - 1);
    }

    /**
     * So many levels of rows. A heading whose rows are cut off goes, a group becomes a link. What an arranged row opens
     * stands open with what is beneath it, so those two levels count as one.
     */
    static List<NavigationRow> cut(List<NavigationRow> rows, int levels) {
        List<NavigationRow> kept = new ArrayList<>();
        for (NavigationRow row : rows) {
            int beneath = row.appearance().arrangement() == Appearance.Arrangement.LIST ? levels - 1 : levels;
            NavigationRow cut = row.withRows(levels == 1 ? List.of() : cut(row.rows(), beneath));
            boolean empty = cut.opensOnly()
                    && cut.target() instanceof Target.Nowhere
                    && cut.rows().isEmpty();
            if (!empty) {
                kept.add(cut);
            }
        }
        return List.copyOf(kept);
    }

    private static Set<Device> common(Set<Device> one, Set<Device> other) {
        Set<Device> common = EnumSet.noneOf(Device.class);
        common.addAll(one);
        common.retainAll(other);
        return common;
    }

    private static Set<Device> union(List<NavigationRow> rows) {
        Set<Device> union = EnumSet.noneOf(Device.class);
        rows.forEach(row -> union.addAll(row.devices()));
        return union;
    }
}
