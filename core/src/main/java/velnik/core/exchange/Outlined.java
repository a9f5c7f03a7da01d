package velnik.core.exchange;

import java.util.ArrayList;
import java.util.List;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.Target;
import velnik.core.outline.Branch;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;

/**
 * A row as formats hold it that know nothing but words, addresses and nesting.
 *
 * @param address it leads to; empty for nowhere
 * @param slug the page's own part of its address; empty for what is no page
 * @param reach of a page; open for what is no page
 * @param topics of a page, in their order
 */
public record Outlined(
        String text, String address, String slug, Reach reach, List<String> topics, List<Outlined> rows) {

    public Outlined {
        topics = List.copyOf(topics);
        rows = List.copyOf(rows);
    }

    /** The page tree without the built-in pages, whoever can get them. */
    public static List<Outlined> pages(Site site, AddressWriter addresses) {
        return pages(site, addresses, site.pages().top());
    }

    private static List<Outlined> pages(Site site, AddressWriter addresses, List<Branch<PageId, Page>> branches) {
        return branches.stream()
                .filter(row -> !row.value().kind().isBuiltIn())
                .map(row -> new Outlined(
                        row.value().title(),
                        addresses.write(Addresses.of(site, row.id())),
                        row.value().slug(),
                        row.value().reach(),
                        row.value().topics().stream().sorted().toList(),
                        pages(site, addresses, row.children())))
                .toList();
    }

    /** A menu as its visitors get it. */
    public static List<Outlined> menu(Site site, SiteNavigation navigation, MenuRowId menu, AddressWriter addresses) {
        return items(site, navigation.rows(menu), addresses);
    }

    private static List<Outlined> items(Site site, List<NavigationRow> rows, AddressWriter addresses) {
        return NavigationRow.ofWords(rows).stream()
                .map(row -> {
                    List<Outlined> beneath = new ArrayList<>(items(site, row.rows(), addresses));
                    if (row.target() instanceof Target.ToChannels channels) {
                        channels.channels()
                                .forEach(channel -> beneath.add(item(channel.name(), channel.address(), List.of())));
                    }
                    return item(row.label(), row.target().address(site, addresses), beneath);
                })
                .toList();
    }

    private static Outlined item(String label, String address, List<Outlined> rows) {
        return new Outlined(label, address, "", Reach.OPEN, List.of(), rows);
    }
}
