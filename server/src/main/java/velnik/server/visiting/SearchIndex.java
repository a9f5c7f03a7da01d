package velnik.server.visiting;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.springframework.stereotype.Component;
import velnik.core.search.PageIndex;
import velnik.core.site.Site;
import velnik.server.texts.Texts;

/**
 * The words of the pages, of the live site and of the working copy: what both have is held once, and an edit costs what
 * it changed.
 */
@Component
class SearchIndex {
    private static final int SITES = 2;

    private record Known(Site site, PageIndex index) {}

    private final Texts texts;
    private final Deque<Known> newest = new ArrayDeque<>();

    SearchIndex(Texts texts) {
        this.texts = texts;
    }

    @SuppressWarnings("ReferenceEquality") // each version of a site is one object
    synchronized PageIndex of(Site site) {
        for (Known known : newest) {
            if (known.site() == site) {
                return known.index();
            }
        }
        List<PageIndex> others = newest.stream().map(Known::index).toList();
        PageIndex index = PageIndex.of(site, texts::words, others);
        newest.addFirst(new Known(site, index));
        if (newest.size() > SITES) {
            newest.removeLast();
        }
        return index;
    }
}
