package velnik.core.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * A site that stands elsewhere, by its sitemap and one of its pages: the pages are those of both, in the order of the
 * navigations, called as they are there; what only the sitemap knows follows.
 */
final class MovedSite {
    private MovedSite() {}

    static FileRead read(List<SourceFile> sitemaps, List<SourceFile> pages) {
        if (pages.size() > 1) {
            return FileRead.not("oneAtATime", Map.of("format", FileRead.WORDS.say(FileFormat.HTML)));
        }
        return switch (SitemapReader.read(sitemaps)) {
            case FileRead.NotRead not -> not;
            case Found map ->
                switch (HtmlReader.read(pages.getFirst(), map.host())) {
                    case FileRead.NotRead not -> not;
                    case Found page -> together(map, page);
                };
        };
    }

    private static Found together(Found map, Found page) {
        List<Found.Aside> asides = new ArrayList<>(page.asides());
        asides.addAll(map.asides());
        PathTree tree = new PathTree(asides);
        page.pages().forEach(tree::know);
        map.pages().forEach(tree::know);
        return page.with(both -> both.host(map.host()).pages(tree.pages()).asides(asides));
    }
}
