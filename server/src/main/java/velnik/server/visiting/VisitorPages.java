package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.html.SitemapXml;
import velnik.core.html.VisitorHtml;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.search.PageSearch;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.server.releasing.LiveSite;

/**
 * What visitors get at each address of the live release. Pages are rendered once a release, and anew when something
 * opens or closes by itself.
 */
@Service
class VisitorPages {
    private static final int BYTES_KEPT = 64_000_000;

    private final LiveSite live;
    private final PageTexts texts;
    private final VisitorAssets assets;
    private final Clock clock;
    private volatile @Nullable ReleasePages current;

    VisitorPages(LiveSite live, PageTexts texts, VisitorAssets assets, Clock clock) {
        this.live = live;
        this.texts = texts;
        this.assets = assets;
        this.clock = clock;
    }

    /** What an address answers. */
    sealed interface Answer {
        record Page(Rendered page) implements Answer {}

        /** Another address, for good or for now. */
        record Elsewhere(String address, HttpStatus status) implements Answer {}
    }

    /**
     * @param path as asked for, decoded, beginning with a slash
     * @param asked of the search; what other pages are asked is nothing to them
     */
    Answer at(String path, String asked) {
        ReleasePages pages = pages();
        Site site = pages.site;
        PageId page = Addresses.find(site, path).orElse(null);
        if (page == null) {
            return new Answer.Page(pages.notFound());
        }
        Access access = Access.of(site, page, pages.openings());
        if (!access.isGettable() && !Access.isAnnounced(site, page, pages.openings())) {
            return new Answer.Page(pages.notFound());
        }
        String address = Addresses.of(site, page);
        if (!address.equals(path)) {
            return new Answer.Elsewhere(address, HttpStatus.MOVED_PERMANENTLY);
        }
        if (!access.isGettable()) {
            return new Answer.Page(pages.closed(page));
        }
        if (site.pages().get(page).kind() == PageKind.GROUP) {
            Optional<PageId> first = Access.leadsOnTo(site, page, pages.openings());
            return first.isPresent()
                    ? new Answer.Elsewhere(Addresses.of(site, first.get()), HttpStatus.FOUND)
                    : new Answer.Page(pages.notFound());
        }
        return new Answer.Page(
                switch (site.pages().get(page).kind()) {
                    case NOT_FOUND -> pages.notFound();
                    case SEARCH -> asked.isBlank() ? pages.page(page) : pages.found(page, asked.strip());
                    default -> pages.page(page);
                });
    }

    Rendered notFound() {
        return pages().notFound();
    }

    /** A whole page for an answer that is not a page of the site. */
    Rendered other(HttpStatus status) {
        return new Rendered(
                status.value(),
                pages().notFound().plain(),
                pages().notFound().compressed(),
                pages().notFound().tag());
    }

    /** @param origin to use while the site's own address is not known */
    String sitemap(String origin) {
        Site site = pages().site;
        String address = site.details().address();
        return SitemapXml.of(site, pages().openings(), AddressWriter.absolute(address.isEmpty() ? origin : address));
    }

    String origin(String asked) {
        String address = live.site().details().address();
        return address.isEmpty() ? asked : address;
    }

    private ReleasePages pages() {
        Site site = live.site();
        ReleasePages pages = current;
        if (pages == null || !isOf(pages, site) || pages.isOver()) {
            pages = new ReleasePages(site);
            current = pages;
        }
        return pages;
    }

    @SuppressWarnings("ReferenceEquality") // a release holds one site object; the next holds another
    private static boolean isOf(ReleasePages pages, Site site) {
        return pages.site == site;
    }

    /** The pages of one release as far as they were asked for, until something opens or closes. */
    private final class ReleasePages {
        private final Site site;
        private final SiteNavigation navigation;
        private final VisitorHtml html;
        private final Cache<PageId, Rendered> rendered = Caffeine.newBuilder()
                .maximumWeight(BYTES_KEPT)
                .weigher((PageId page, Rendered content) -> content.weight())
                .build();
        private final Rendered notFound;
        private @Nullable PageSearch search;

        ReleasePages(Site site) {
            this.site = site;
            this.navigation = SiteNavigation.of(site, clock.instant());
            this.html = new VisitorHtml(site, navigation, assets.published());
            this.notFound = Rendered.of(HttpStatus.NOT_FOUND.value(), html.notFound());
        }

        Rendered page(PageId page) {
            return rendered.get(
                    page,
                    id -> Rendered.of(
                            HttpStatus.OK.value(),
                            html.page(id, texts.html(site.pages().get(id)))));
        }

        /** What stands at the address of a page outside its periods that says when it opens again. */
        Rendered closed(PageId page) {
            return rendered.get(page, id -> Rendered.of(HttpStatus.OK.value(), html.closed(id)));
        }

        Rendered found(PageId page, String asked) {
            return Rendered.of(HttpStatus.OK.value(), html.found(page, asked, search().find(asked)));
        }

        /** Reads the texts of all pages, so only once somebody searches. */
        private synchronized PageSearch search() {
            if (search == null) {
                search = PageSearch.of(site, openings(), texts::words);
            }
            return search;
        }

        Rendered notFound() {
            return notFound;
        }

        Openings openings() {
            return navigation.openings();
        }

        /** Whether something has opened or closed since. */
        boolean isOver() {
            return navigation
                    .validUntil()
                    .filter(moment -> !clock.instant().isBefore(moment))
                    .isPresent();
        }
    }
}
