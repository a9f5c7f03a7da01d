package velnik.server.visiting;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** The sitemap of what is live: one file, or an index and its parts where one may not hold all. */
@Service
public class Sitemaps {
    private final VisitorPages pages;

    Sitemaps(VisitorPages pages) {
        this.pages = pages;
    }

    /**
     * A file of it. Costs O(pages).
     *
     * @param asked the origin to use while the site's own address is not known
     * @param part the number of a part, from 1; 0 for what names them all
     * @return nothing where there is no such part
     */
    public Optional<byte[]> file(String asked, int part) {
        List<List<String>> parts = SitemapXml.parts(pages.sitemap(asked));
        if (part < 0 || part > parts.size()) {
            return Optional.empty();
        }
        if (part > 0 || parts.size() == 1) {
            return Optional.of(SitemapXml.of(parts.get(Math.max(0, part - 1))));
        }
        String own = pages.origin(asked) + "/sitemap.xml?part=";
        return Optional.of(SitemapXml.index(IntStream.rangeClosed(1, parts.size())
                .mapToObj(number -> own + number)
                .toList()));
    }
}
