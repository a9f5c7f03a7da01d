package velnik.core.figure;

import static java.util.Objects.requireNonNull;

import java.util.ArrayDeque;
import java.util.Collections;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.content.LinkedTexts;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.SiteNavigation;
import velnik.core.navigation.ZoneMenu;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Device;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/**
 * The fewest clicks from the home page to each page, along the menus that show on one device and the links in
 * texts. A menu shared by many pages is walked once, so the cost is O(pages reached × zones + rows of menus + links).
 */
public final class Clicks {
    private final Map<PageId, Integer> clicks = new HashMap<>();

    private Clicks() {}

    public static Clicks of(Site site, SiteNavigation navigation, Device device, LinkedTexts texts) {
        Clicks clicks = new Clicks();
        @Nullable PageId home = site.home();
        if (home == null) {
            return clicks;
        }
        clicks.clicks.put(home, 0);
        Deque<PageId> waiting = new ArrayDeque<>(List.of(home));
        Set<ZoneMenu> walked = Collections.newSetFromMap(new IdentityHashMap<>());
        while (!waiting.isEmpty()) {
            PageId page = waiting.remove();
            Navigation there = navigation.forPage(page);
            int next = requireNonNull(clicks.clicks.get(page)) + 1;
            texts.pages(site, site.pages().get(page)).stream()
                    .filter(linked -> site.pages().contains(linked)
                            && Access.of(site, linked, navigation.openings()).isGettable())
                    .forEach(linked -> clicks.follow(site, navigation.openings(), linked, next, waiting));
            for (Zone zone : Zone.values()) {
                if (shows(zone, device)) {
                    for (ZoneMenu menu : there.in(zone)) {
                        if (walked.add(menu)) {
                            menu.rows()
                                    .forEach(row ->
                                            clicks.follow(site, navigation.openings(), row, device, next, waiting));
                        }
                    }
                }
            }
        }
        return clicks;
    }

    private static boolean shows(Zone zone, Device device) {
        return switch (zone) {
            case HEADER -> device == Device.WIDE;
            case PHONE_DRAWER -> device == Device.PHONE;
            case ABOVE, SIDEBAR, BESIDE, BELOW, FOOTER -> true;
        };
    }

    private void follow(
            Site site, Openings openings, NavigationRow row, Device device, int next, Deque<PageId> waiting) {
        if (!row.isOn(device)) {
            return;
        }
        @Nullable PageId page = row.leadsTo();
        if (page != null && row.isLinkOn(device)) {
            follow(site, openings, page, next, waiting);
        }
        row.rows().forEach(beneath -> follow(site, openings, beneath, device, next, waiting));
    }

    /** A group leads on at once. */
    private void follow(Site site, Openings openings, PageId page, int next, Deque<PageId> waiting) {
        reach(page, next, waiting);
        Access.leadsOnTo(site, page, openings, Visitor.MEMBER).ifPresent(first -> reach(first, next, waiting));
    }

    private void reach(PageId page, int next, Deque<PageId> waiting) {
        if (clicks.putIfAbsent(page, next) == null) {
            waiting.add(page);
        }
    }

    /** Empty for a page that no menu and no text on the way leads to. */
    public OptionalInt to(PageId page) {
        Integer found = clicks.get(page);
        return found == null ? OptionalInt.empty() : OptionalInt.of(found);
    }
}
