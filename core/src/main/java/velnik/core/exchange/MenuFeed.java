package velnik.core.exchange;

import static velnik.core.text.JsonText.member;
import static velnik.core.text.JsonText.object;
import static velnik.core.text.JsonText.text;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.address.FileAddresses;
import velnik.core.navigation.Marks;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Target;
import velnik.core.site.Appearance;
import velnik.core.site.Channel;
import velnik.core.site.Device;
import velnik.core.site.FileId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.text.JsonText;

/**
 * The menus of a zone as JSON, for websites elsewhere that show them: what visitors get, with whole addresses, and
 * nothing of what is withheld. What is false, empty or as with most rows is left out.
 */
public final class MenuFeed {
    private final Site site;
    private final AddressWriter addresses;

    private MenuFeed(Site site, AddressWriter addresses) {
        this.site = site;
        this.addresses = addresses;
    }

    /**
     * In O(rows of the zone).
     *
     * @param navigation as the visitor gets it who asks
     * @param page which is marked, with the way to it; null for none, where the menus of every page stand
     * @param addresses that lead to this site from everywhere
     */
    public static String of(
            Site site, SiteNavigation navigation, @Nullable PageId page, Zone zone, AddressWriter addresses) {
        MenuFeed feed = new MenuFeed(site, addresses);
        Navigation there = navigation.forPage(page);
        List<String> menus = there.in(zone).stream()
                .map(menu -> object(
                        feed.items(NavigationRow.ofWords(menu.rows()), there.marks(zone, menu.menu(), Device.WIDE))))
                .toList();
        return object(
                text("site", site.details().name()),
                text("language", site.details().language()),
                text("address", addresses.write("/")),
                text("zone", zone.word()),
                text("page", page == null ? "" : addresses.write(Addresses.of(site, page))),
                member("menus", JsonText.array(menus)));
    }

    private String items(List<NavigationRow> rows, Marks marks) {
        return rows.isEmpty()
                ? ""
                : member(
                        "items",
                        JsonText.array(
                                rows.stream().map(row -> item(row, marks)).toList()));
    }

    private String item(NavigationRow row, Marks marks) {
        Appearance appearance = row.appearance();
        return object(
                text("label", row.label()),
                text("address", row.target().address(site, addresses)),
                text("note", appearance.note()),
                text("current", marks.isCurrent(row) ? "page" : marks.isInTrail(row) ? "trail" : ""),
                text("weight", appearance.weight() == Appearance.Weight.PLAIN ? "" : word(appearance.weight())),
                text(
                        "only",
                        row.devices().size() == 1
                                ? word(row.devices().iterator().next())
                                : ""),
                appearance.newTab() ? member("newTab", "true") : "",
                appearance.accent() ? member("accent", "true") : "",
                text(
                        "relation",
                        appearance.relation() == Appearance.Relation.ORDINARY ? "" : word(appearance.relation())),
                text("hook", appearance.hook()),
                text("picture", picture(appearance.picture())),
                text(
                        "arrangement",
                        appearance.arrangement() == Appearance.Arrangement.LIST ? "" : word(appearance.arrangement())),
                text("panel", appearance.panel() == Appearance.Panel.UNDER ? "" : word(appearance.panel())),
                channels(row.target()),
                items(row.rows(), marks));
    }

    /** The whole address of a picture; empty for none. */
    private String picture(@Nullable FileId id) {
        return Optional.ofNullable(id)
                .flatMap(site::findPicture)
                .map(file ->
                        addresses.write(FileAddresses.of(file, file.content().width())))
                .orElse("");
    }

    private static String channels(Target target) {
        return target instanceof Target.ToChannels(List<Channel> channels)
                ? member(
                        "items",
                        JsonText.array(channels.stream()
                                .map(channel ->
                                        object(text("label", channel.name()), text("address", channel.address())))
                                .toList()))
                : "";
    }

    private static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }
}
