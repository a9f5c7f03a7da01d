package velnik.server.arranging;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.explanation.Leeway;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.navigation.Whereabouts;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.server.editing.JoiningDto;
import velnik.server.editing.KindDto;
import velnik.server.editing.PeriodDto;

/** All menus as they come out now, with what shows to nobody and why. */
record MenusDto(long revision, List<MenuDto> menus) {

    /**
     * @param zones where it stands for some page
     * @param follows whether it holds one list of the whole tree
     * @param joining which new pages come into it by themselves
     * @param newItems how items that are added to it begin
     * @param rows in reading order
     */
    record MenuDto(
            String id,
            String name,
            boolean setAside,
            List<Zone> zones,
            int items,
            boolean follows,
            JoiningDto joining,
            AppearanceDto newItems,
            List<MenuRowDto> rows) {}

    record AppearanceDto(
            boolean hidden,
            List<Device> devices,
            List<Visitor> visitors,
            boolean beforeSignIn,
            List<PeriodDto> periods,
            String icon,
            boolean iconAlone,
            @Nullable String picture,
            Appearance.Weight weight,
            boolean farEnd,
            boolean newTab,
            String note,
            boolean accent,
            Appearance.Relation relation,
            String hook,
            Appearance.Arrangement arrangement,
            Appearance.Panel panel) {
        static AppearanceDto of(Appearance appearance) {
            return new AppearanceDto(
                    appearance.hidden(),
                    appearance.devices().stream().sorted().toList(),
                    appearance.visitors().stream().sorted().toList(),
                    appearance.beforeSignIn(),
                    appearance.periods().stream().map(PeriodDto::of).toList(),
                    appearance.icon(),
                    appearance.iconAlone(),
                    appearance.picture() == null ? null : appearance.picture().value(),
                    appearance.weight(),
                    appearance.farEnd(),
                    appearance.newTab(),
                    appearance.note(),
                    appearance.accent(),
                    appearance.relation(),
                    appearance.hook(),
                    appearance.arrangement(),
                    appearance.panel());
        }
    }

    /**
     * One row of a menu.
     *
     * @param key tells it from all others of the menu
     * @param item the item; for a row of a list, the list
     * @param page the page it is about
     * @param level from 1 under the menu
     * @param label as visitors read it
     * @param ownLabel empty where it follows
     * @param followed the label it would follow
     * @param leads the address it leads to; empty for nowhere
     * @param builtIn whether that is a built-in page, which people expect last
     * @param block whether it is a content block, which people expect after the items it stands among
     * @param absence why it shows to nobody; null when it shows
     * @param shownTo whom it shows to; of no meaning where it shows to nobody
     * @param ofMembersPage whether its page is for members only, by itself or by one above it
     * @param splices whether its rows stand in its place, as those of a list without a label do
     * @param foreign whether it belongs to another menu that is shown here
     * @param moves how it may be moved
     * @param stays why it may not be
     * @param closed why nothing can be put under it
     */
    record MenuRowDto(
            String key,
            String item,
            @Nullable String page,
            int level,
            KindDto kind,
            String label,
            String ownLabel,
            String followed,
            String leads,
            boolean builtIn,
            boolean block,
            @Nullable String absence,
            List<Visitor> shownTo,
            boolean ofMembersPage,
            boolean splices,
            boolean foreign,
            Leeway.Moves moves,
            @Nullable String stays,
            @Nullable String closed,
            boolean hidden,
            List<Device> devices,
            List<Visitor> visitors,
            boolean beforeSignIn,
            List<PeriodDto> periods,
            String icon,
            boolean iconAlone,
            @Nullable String picture,
            Appearance.Weight weight,
            boolean farEnd,
            boolean newTab,
            String note,
            boolean accent,
            Appearance.Relation relation,
            String hook,
            Appearance.Arrangement arrangement,
            Appearance.Panel panel) {}

    static MenusDto of(Site site, Openings openings, long revision) {
        Map<MenuRowId, Set<Zone>> zones = Whereabouts.zones(site);
        List<MenuDto> menus = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> branch : site.menus().top()) {
            if (branch.value() instanceof MenuRow.Menu menu) {
                List<MenuEntry> entries = MenuReading.of(site, openings, branch.id(), null);
                List<MenuRowDto> rows = new ArrayList<>();
                entries.forEach(entry -> collect(site, entry, 1, rows));
                menus.add(new MenuDto(
                        branch.id().value(),
                        menu.name(),
                        menu.setAside(),
                        List.copyOf(zones.getOrDefault(branch.id(), Set.of())),
                        site.menus().walk(branch.id()).size() - 1,
                        rows.stream()
                                .anyMatch(row -> row.kind().list() != null
                                        && row.kind().list().source() == KindDto.Source.WHOLE_TREE),
                        JoiningDto.of(menu.joining()),
                        AppearanceDto.of(menu.newItems()),
                        rows));
            }
        }
        return new MenusDto(revision, menus);
    }

    private static void collect(Site site, MenuEntry entry, int level, List<MenuRowDto> rows) {
        MenuRow.Item item = site.item(entry.key().item());
        @Nullable PageId listed = entry.key().page();
        KindDto kind = listed == null
                ? KindDto.of(item.kind())
                : KindDto.plain(KindDto.Kind.LISTED).withPage(listed.value());
        Appearance appearance = entry.appearance();
        Leeway leeway = Leeway.of(site, entry);
        boolean own = listed == null ? !item.label().isEmpty() : !entry.label().equals(entry.follows());
        rows.add(new MenuRowDto(
                entry.key().item().value() + (listed == null ? "" : " " + listed.value()),
                entry.key().item().value(),
                entry.page() == null ? null : entry.page().value(),
                level,
                kind,
                entry.label(),
                own ? entry.label() : "",
                entry.follows(),
                entry.target().address(site, AddressWriter.fromRoot()),
                entry.page() != null && site.pages().get(entry.page()).kind().isBuiltIn(),
                listed == null && item.kind() instanceof ItemKind.Block,
                entry.absence().map(absence -> absence.sentence(site)).orElse(null),
                entry.visitors().stream().sorted().toList(),
                listed == null && entry.page() != null && isForMembers(site, entry.page()),
                entry.splices(),
                entry.foreign(),
                leeway.moves(),
                leeway.stays(),
                leeway.closed(),
                appearance.hidden(),
                appearance.devices().stream().sorted().toList(),
                appearance.visitors().stream().sorted().toList(),
                appearance.beforeSignIn(),
                appearance.periods().stream().map(PeriodDto::of).toList(),
                appearance.icon(),
                appearance.iconAlone(),
                appearance.picture() == null ? null : appearance.picture().value(),
                appearance.weight(),
                appearance.farEnd(),
                appearance.newTab(),
                appearance.note(),
                appearance.accent(),
                appearance.relation(),
                appearance.hook(),
                appearance.arrangement(),
                appearance.panel()));
        entry.rows().forEach(row -> collect(site, row, level + 1, rows));
    }

    private static boolean isForMembers(Site site, PageId page) {
        return Access.of(site, page, Openings.ALWAYS).membersBy() != null;
    }
}
