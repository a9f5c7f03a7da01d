package velnik.core.importing;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.parser.Parser;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Limits;
import velnik.core.site.Zone;

/**
 * The navigations of a web page as menus, and what they lead to on their own site as pages, called as they are labelled
 * there. Nothing of the page is run or fetched.
 */
final class HtmlReader {
    private final SourceFile file;
    private final Document page;
    private final String host;
    private final String base;

    private HtmlReader(SourceFile file, String known) {
        this.file = file;
        this.page = Parser.htmlParser().setTrackPosition(true).parseInput(file.text(), "");
        Optional<WebPath.Address> own = own();
        this.host = own.map(WebPath.Address::host).orElse(known);
        this.base = own.map(WebPath.Address::path).orElse("/");
    }

    static FileRead read(SourceFile file) {
        return read(file, "");
    }

    /** @param host of the site, where the page does not say it */
    static FileRead read(SourceFile file, String host) {
        return new HtmlReader(file, host).found();
    }

    /** Where the page says that it is. */
    private Optional<WebPath.Address> own() {
        return page.select("link[rel=canonical][href], base[href], meta[property=og:url][content]").stream()
                .map(element -> element.hasAttr("href") ? element.attr("href") : element.attr("content"))
                .flatMap(address -> WebPath.read(address, "/").stream())
                .filter(address -> !address.host().isEmpty())
                .findFirst();
    }

    private FileRead found() {
        List<Found.Aside> asides = new ArrayList<>();
        List<Found.FoundMenu> menus = new ArrayList<>();
        Set<List<String>> seen = new HashSet<>();
        int items = 0;
        for (Element element : Navigations.of(page)) {
            Navigations.Kind kind = Navigations.kind(element);
            List<Found.FoundItem> read = new NavigationItems(file.name(), element).items();
            String name = name(element, menus.size());
            if (read.isEmpty()) {
                continue;
            }
            if (kind == Navigations.Kind.OF_ITS_OWN) {
                asides.add(new Found.Aside(spot(element), name, FileRead.WORDS.say("madeByVelnik"), false));
            } else if (!seen.add(read.stream()
                    .map(item -> item.label() + " " + item.target())
                    .toList())) {
                asides.add(new Found.Aside(spot(element), name, FileRead.WORDS.say("sameMenu"), false));
            } else {
                items += read.size();
                menus.add(new Found.FoundMenu(spot(element), name, zone(element, menus), read));
            }
            if (items > Limits.PAGES) {
                return FileRead.not("tooMany", Map.of("limit", Limits.PAGES));
            }
        }
        if (menus.isEmpty()) {
            return FileRead.not("noNavigation", Map.of());
        }
        return Found.NOTHING.with(found -> found.title(page.title().strip())
                .host(host)
                .pages(pages(menus, asides))
                .menus(menus.stream().map(this::settled).toList())
                .asides(asides));
    }

    private Found.Spot spot(Element element) {
        return new Found.Spot(file.name(), element.sourceRange().start().lineNumber());
    }

    private String name(Element element, int number) {
        String named = element.attr("aria-label").strip();
        if (named.isEmpty() && element.hasAttr("aria-labelledby")) {
            Element by = page.getElementById(element.attr("aria-labelledby"));
            named = by == null ? "" : by.text().strip();
        }
        if (named.isEmpty()) {
            named = NavigationItems.headingOf(element)
                    .map(Element::text)
                    .orElse("")
                    .strip();
        }
        if (!named.isEmpty() && named.length() <= Limits.TITLE) {
            return named;
        }
        return Navigations.zone(element)
                .map(zone -> FileRead.WORDS.say(zone))
                .orElseGet(() -> FileRead.WORDS.say("menu", Map.of("number", number + 1)));
    }

    /** The first that says nothing of where it is stands over the page. */
    private static @Nullable Zone zone(Element element, List<Found.FoundMenu> before) {
        return Navigations.zone(element).orElse(before.isEmpty() ? Zone.HEADER : null);
    }

    /** Addresses as they would be written on the page's site from its root. */
    private Found.FoundMenu settled(Found.FoundMenu menu) {
        List<Found.FoundItem> items = menu.items().stream()
                .map(item -> own(item.target())
                        .map(address -> item.leadingTo(target(address)))
                        .orElse(item))
                .toList();
        return new Found.FoundMenu(menu.spot(), menu.name(), menu.zone(), items);
    }

    /** What is no page of the site stays where it is. */
    private String target(WebPath.Address address) {
        String path = address.path() + address.query() + address.place();
        boolean elsewhere = (address.asks() || address.isFile()) && !host.isEmpty();
        return elsewhere ? "https://" + host + path : path;
    }

    private Optional<WebPath.Address> own(String target) {
        return WebPath.read(target.startsWith("#") ? base + target : target, base)
                .filter(address -> address.host().isEmpty() || address.host().equals(host));
    }

    private List<Found.FoundPage> pages(List<Found.FoundMenu> menus, List<Found.Aside> asides) {
        PathTree tree = new PathTree(asides);
        for (Found.FoundMenu menu : menus) {
            for (Found.FoundItem item : menu.items()) {
                own(item.target())
                        .filter(address -> !address.asks() && !address.isFile())
                        .map(address -> page(item, address))
                        .ifPresent(tree::know);
            }
        }
        List<Found.FoundPage> pages = tree.pages();
        if (pages.isEmpty() || pages.getFirst().path().equals("/")) {
            return pages;
        }
        tree.know(
                new Found.FoundPage(Found.Spot.NOWHERE, 1, WebPath.title("/"), true, "/", "", "", Found.Said.NOTHING));
        return tree.pages();
    }

    private static Found.FoundPage page(Found.FoundItem item, WebPath.Address address) {
        String path = WebPath.ofPage(address.path());
        boolean known = address.place().isEmpty(); // a place on a page is called otherwise than the page
        return new Found.FoundPage(
                item.spot(),
                1,
                known ? item.label() : WebPath.title(path),
                !known,
                path,
                path.equals(address.path()) ? "" : address.path(),
                "",
                Found.Said.NOTHING);
    }
}
