package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.exchange.MenuFeed;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.server.calls.ProblemException;
import velnik.server.releasing.LiveSite;

/** The menus of the live release for websites elsewhere, each written once as long as nothing changes in it. */
@Service
class MenuFeeds {
    private static final int BYTES_KEPT = 16_000_000;

    private final VisitorPages pages;
    private final LiveSite live;
    private volatile @Nullable Kept current;

    MenuFeeds(VisitorPages pages, LiveSite live) {
        this.pages = pages;
        this.live = live;
    }

    private record Feed(Zone zone, @Nullable PageId page, String origin) {}

    /** What was written of one release, until something opens or closes. */
    private static final class Kept {
        private final Site site;
        private final SiteNavigation navigation;
        private final Cache<Feed, Rendered> feeds = Caffeine.newBuilder()
                .maximumWeight(BYTES_KEPT)
                .weigher((Feed feed, Rendered content) -> content.weight())
                .build();

        Kept(Site site, SiteNavigation navigation) {
            this.site = site;
            this.navigation = navigation;
        }

        Rendered of(Feed feed) {
            return feeds.get(
                    feed,
                    wanted -> Rendered.of(
                            HttpStatus.OK.value(),
                            MenuFeed.of(
                                    site,
                                    navigation,
                                    wanted.page(),
                                    wanted.zone(),
                                    AddressWriter.absolute(wanted.origin())),
                            false));
        }
    }

    /**
     * The menus of a zone, as visitors get them who are not signed in.
     *
     * @param path of the page that is marked; null for none
     * @param origin to write addresses with while the site's own is not known
     * @throws ProblemException when visitors get no page there (404)
     */
    Rendered of(Zone zone, @Nullable String path, String origin) {
        Kept kept = kept();
        return kept.of(new Feed(zone, path == null ? null : page(kept, path), pages.origin(origin)));
    }

    private static PageId page(Kept kept, String path) {
        return Optional.of(path)
                .filter(typed -> typed.startsWith("/"))
                .flatMap(typed -> Addresses.find(kept.site, typed))
                .filter(page ->
                        Access.of(kept.site, page, kept.navigation.openings()).isGettableBy(Visitor.NON_MEMBER))
                .orElseThrow(() ->
                        new ProblemException(HttpStatus.NOT_FOUND, "page-unknown", "Visitors get no page there."));
    }

    /** Whether scripts of a website elsewhere may read them. */
    boolean isAllowed(String origin) {
        return live.site().details().allowedOrigins().contains(origin);
    }

    @SuppressWarnings("ReferenceEquality") // another release, or another day, is another object
    private Kept kept() {
        VisitorPages.Live now = pages.live();
        Kept kept = current;
        if (kept == null || kept.navigation != now.navigation()) {
            kept = new Kept(now.site(), now.navigation());
            current = kept;
        }
        return kept;
    }
}
