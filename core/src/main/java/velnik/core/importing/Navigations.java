package velnik.core.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Zone;

/** Where on a web page the navigations are, and which part of it each stands in. */
final class Navigations {
    private static final String MARKED = "nav, [role=navigation], menu[role], [role=menubar]";
    private static final String PARTS =
            "header, footer, aside, [role=banner], [role=contentinfo], [role=complementary]";
    private static final Pattern OWN =
            Pattern.compile("breadcrumb|pagination|\\bpager\\b|page-numbers|skip-?link", Pattern.CASE_INSENSITIVE);
    private static final Pattern FOOT = Pattern.compile("foot|bottom|legal|imprint", Pattern.CASE_INSENSITIVE);
    private static final Pattern SIDE = Pattern.compile("side|aside|widget", Pattern.CASE_INSENSITIVE);
    private static final Pattern HEAD =
            Pattern.compile("head|main|primary|masthead|top-?(nav|bar|menu)|global", Pattern.CASE_INSENSITIVE);

    /** What a navigation is to Velnik. */
    enum Kind {
        MENU,
        /** Such as a breadcrumb: visitors get it without anybody's making it. */
        OF_ITS_OWN
    }

    private Navigations() {}

    /** In the order of the page. Where nothing is marked as one, the lists of links. */
    static List<Element> of(Document page) {
        List<Element> marked = page.select(MARKED).stream()
                .filter(element -> element.parents().stream().noneMatch(parent -> parent.is(MARKED)))
                .toList();
        List<Element> all = new ArrayList<>(marked);
        page.select(PARTS).stream()
                .filter(part -> part.parents().stream().noneMatch(parent -> parent.is(PARTS)))
                .filter(part -> part.parents().stream().noneMatch(parent -> parent.is(MARKED)))
                .filter(part -> part.select(MARKED).isEmpty()
                        && !part.select("li a[href]").isEmpty())
                .forEach(all::add);
        if (all.isEmpty()) {
            page.select("ul, ol").stream()
                    .filter(list -> list.parents().stream().noneMatch(parent -> parent.is("ul, ol")))
                    .filter(Navigations::isOfLinks)
                    .forEach(all::add);
        }
        all.sort((one, other) -> Integer.compare(position(one), position(other)));
        return all;
    }

    private static int position(Element element) {
        return element.sourceRange().startPos();
    }

    /** Whether a list is one of links, and no text that has some: at least half of its rows are a link alone. */
    private static boolean isOfLinks(Element list) {
        List<Element> rows = list.select("> li");
        long links = rows.stream()
                .filter(row -> row.children().stream().anyMatch(child -> child.is("a[href]"))
                        && row.ownText().isBlank())
                .count();
        return !rows.isEmpty() && links * 2 >= rows.size();
    }

    static Kind kind(Element element) {
        return OWN.matcher(element.className() + " " + element.id() + " " + element.attr("aria-label"))
                        .find()
                ? Kind.OF_ITS_OWN
                : Kind.MENU;
    }

    /** By the part of the page that it is in, else by what it and those around it are called. */
    static Optional<Zone> zone(Element element) {
        List<Element> around = new ArrayList<>(List.of(element));
        around.addAll(element.parents());
        for (Element each : around) {
            @Nullable Zone zone = ofPart(each);
            if (zone != null) {
                return Optional.of(zone);
            }
        }
        for (Element each : around) {
            @Nullable Zone zone = each.is("body, html, main") ? null : ofName(each);
            if (zone != null) {
                return Optional.of(zone);
            }
        }
        return Optional.empty();
    }

    private static @Nullable Zone ofPart(Element element) {
        if (element.is("footer, [role=contentinfo]")) {
            return Zone.FOOTER;
        }
        if (element.is("aside, [role=complementary]")) {
            return Zone.SIDEBAR;
        }
        return element.is("header, [role=banner]") ? Zone.HEADER : null;
    }

    private static @Nullable Zone ofName(Element element) {
        String name = element.className() + " " + element.id() + " " + element.attr("aria-label");
        if (FOOT.matcher(name).find()) {
            return Zone.FOOTER;
        }
        if (SIDE.matcher(name).find()) {
            return Zone.SIDEBAR;
        }
        return HEAD.matcher(name).find() ? Zone.HEADER : null;
    }
}
