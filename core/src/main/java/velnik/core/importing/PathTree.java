package velnik.core.importing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Limits;
import velnik.core.site.PageKind;

/**
 * Makes a tree of pages from their paths. Where the page is missing that others are beneath, it is the one beside it that
 * is called the same with an ending, as {@code /shop.html} is to {@code /shop/mugs.html}; else a group stands in for it.
 */
final class PathTree {
    private static final class Node {
        private Found.@Nullable FoundPage page;
        private final Map<String, Node> beneath = new LinkedHashMap<>();
    }

    private final Node root = new Node();
    private final List<Found.Aside> asides;

    /** @param asides gets what has no place in the tree */
    PathTree(List<Found.Aside> asides) {
        this.asides = asides;
    }

    /** @param page with its path; one of a path that there is already is passed over, and told */
    void add(Found.FoundPage page) {
        Found.@Nullable FoundPage there = put(page);
        if (there != null) {
            asides.add(new Found.Aside(
                    page.spot(),
                    page.title(),
                    FileRead.WORDS.say("again", Map.of("line", there.spot().line())),
                    false));
        }
    }

    /** As {@link #add}, but of a page that is said more than once the first that knows its title says what it is called. */
    void know(Found.FoundPage page) {
        put(page);
    }

    /** @return what was there already */
    private Found.@Nullable FoundPage put(Found.FoundPage page) {
        List<String> segments = WebPath.segments(page.path());
        if (segments.size() > Limits.LEVELS) {
            asides.add(new Found.Aside(
                    page.spot(),
                    page.title(),
                    FileRead.WORDS.say("deep", Map.of("level", segments.size(), "limit", Limits.LEVELS)),
                    true));
            return null;
        }
        Node node = root;
        for (String segment : segments) {
            node = node.beneath.computeIfAbsent(segment, any -> new Node());
        }
        Found.@Nullable FoundPage there = node.page;
        if (there == null || there.spot().equals(Found.Spot.NOWHERE)) {
            node.page = page;
            return null;
        }
        node.page = called(there, page);
        return there;
    }

    /** By its own title where that is known, else by the one that the other knows of it. */
    private static Found.FoundPage called(Found.FoundPage page, Found.FoundPage other) {
        return !page.guessed() || other.guessed()
                ? page
                : new Found.FoundPage(
                        page.spot(),
                        page.level(),
                        other.title(),
                        false,
                        page.path(),
                        page.former(),
                        page.typed(),
                        page.said());
    }

    /** The home page first, the others as they came. */
    List<Found.FoundPage> pages() {
        List<Found.FoundPage> pages = new ArrayList<>();
        if (root.page != null) {
            pages.add(root.page.at(1));
        }
        collect(root, "", 1, pages);
        return pages;
    }

    private static void collect(Node node, String path, int level, List<Found.FoundPage> pages) {
        Map<String, Node> beneath = withEndedPages(node.beneath, path);
        beneath.forEach((segment, child) -> {
            String here = path + "/" + segment;
            pages.add(child.page == null ? missing(here, level) : child.page.at(level));
            collect(child, here, level + 1, pages);
        });
    }

    /** Gives those that lack a page the one beside them, at whichever place comes first. */
    private static Map<String, Node> withEndedPages(Map<String, Node> beneath, String path) {
        Map<String, Node> whole = new LinkedHashMap<>();
        beneath.forEach((segment, child) -> {
            String stem = WebPath.withoutEnding(segment);
            @Nullable Node folder = stem.equals(segment) || !child.beneath.isEmpty() ? null : beneath.get(stem);
            if (folder == null || child.page == null || !lacks(folder, child.page)) {
                whole.putIfAbsent(segment, child);
                return;
            }
            folder.page = folder.page == null ? child.page.movedTo(path + "/" + stem) : called(folder.page, child.page);
            whole.putIfAbsent(stem, folder);
        });
        return whole;
    }

    /** Whether it has no page yet, or this one, by its former address. */
    private static boolean lacks(Node folder, Found.FoundPage page) {
        return folder.page == null || folder.page.former().equals(page.path());
    }

    private static Found.FoundPage missing(String path, int level) {
        return new Found.FoundPage(
                Found.Spot.NOWHERE,
                level,
                WebPath.title(path),
                true,
                path,
                "",
                "",
                Found.Said.NOTHING.with(said -> said.kind(PageKind.GROUP)));
    }
}
