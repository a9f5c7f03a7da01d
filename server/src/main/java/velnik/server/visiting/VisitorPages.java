package velnik.server.visiting;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.web.util.UriUtils;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.enquiry.Enquiry;
import velnik.core.forwarding.Forwarding;
import velnik.core.html.VisitorHtml;
import velnik.core.listing.Sitemap;
import velnik.core.listing.TopicListings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.search.PageSearch;
import velnik.core.site.EnquiryForm;
import velnik.core.site.Forward;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Messages;
import velnik.server.releasing.LiveSite;
import velnik.server.texts.Texts;

/**
 * What visitors get at each address of the live release. Pages are rendered once a release, and anew when something
 * opens or closes by itself.
 */
@Service
class VisitorPages {
    private static final int BYTES_KEPT = 64_000_000;

    private final LiveSite live;
    private final Texts texts;
    private final SearchIndex index;
    /** Needs nothing of the site, so that it can be shown whatever is the matter. */
    private static final Rendered BROKEN = Rendered.of(
            HttpStatus.INTERNAL_SERVER_ERROR.value(),
            "<!doctype html><html lang=\"en\"><meta charset=\"utf-8\"><title>Not just now</title>"
                    + "<meta name=\"viewport\" content=\"width=device-width\"><h1>This page cannot be shown just now</h1>"
                    + "<p>Something is the matter with it. <a href=\"/\">The rest of the site</a> is there.",
            false);

    private final VisitorAssets assets;
    private final Clock clock;
    private volatile @Nullable Served current;

    VisitorPages(LiveSite live, Texts texts, SearchIndex index, VisitorAssets assets, Clock clock) {
        this.live = live;
        this.texts = texts;
        this.index = index;
        this.assets = assets;
        this.clock = clock;
    }

    /** So that visitors are served on, whatever becomes of the disk. */
    @EventListener(ApplicationReadyEvent.class)
    void readAhead() {
        pages(Visitor.NON_MEMBER);
    }

    /** What an address answers. */
    sealed interface Answer {
        record Page(Rendered page) implements Answer {}

        /** Another address, for good or for now. */
        record Elsewhere(String address, HttpStatus status) implements Answer {}
    }

    /**
     * What somebody wants; what a page has no use for is nothing to it.
     *
     * @param path as asked for, decoded, beginning with a slash
     * @param words to look for
     * @param to where one who signs in wants to get
     */
    record Asked(String path, String words, String to, Visitor visitor) {}

    /** A page that a visitor gets, with its form. */
    record Asking(PageId page, String title, EnquiryForm form, Visitor visitor) {}

    /** Empty where the visitor does not get the page, or it has no form. */
    Optional<Asking> asking(PageId id, Visitor visitor) {
        ReleasePages pages = pages(visitor);
        return pages.site
                .pages()
                .find(id)
                .filter(page -> Access.of(pages.site, id, pages.openings()).isGettableBy(visitor))
                .flatMap(page ->
                        Optional.ofNullable(page.form()).map(form -> new Asking(id, page.title(), form, visitor)));
    }

    /** The page, with what was sent and what is wrong with it. */
    Rendered asksAgain(
            Asking asking,
            HttpStatus status,
            List<String> sent,
            Map<Integer, Enquiry.Problem> problems,
            String problem) {
        ReleasePages pages = pages(asking.visitor());
        String text = texts.of(pages.site.pages().get(asking.page()));
        return pages.rendered(status, pages.html.again(asking.page(), text, sent, problems, problem));
    }

    /** What a visitor reads once the form was taken. */
    Rendered sent(Asking asking) {
        ReleasePages pages = pages(asking.visitor());
        return pages.rendered(HttpStatus.OK, pages.html.sent(asking.page()));
    }

    Answer at(Asked asked) {
        ReleasePages pages = pages(asked.visitor());
        return Addresses.find(pages.site, asked.path())
                .flatMap(page -> ofPage(pages, page, asked))
                .or(() -> pages.listing(asked.path()))
                .or(() -> asked.visitor() == Visitor.MEMBER ? Optional.empty() : listingForMembers(asked.path()))
                .or(() -> forwarded(pages, asked))
                .orElseGet(() -> new Answer.Page(pages.notFound()));
    }

    /** What an address answers that leads to a page: what the page itself would, and empty where that is nothing. */
    private Optional<Answer> ofPage(ReleasePages pages, PageId page, Asked asked) {
        Site site = pages.site;
        Access access = Access.of(site, page, pages.openings());
        if (!access.isGettable() && !Access.isAnnounced(site, page, pages.openings())) {
            return Optional.empty();
        }
        String address = Addresses.of(site, page);
        if (access.membersBy() != null && asked.visitor() != Visitor.MEMBER) {
            return Optional.of(pages.signInFor(address));
        }
        if (access.isGettable() && site.pages().get(page).kind() == PageKind.GROUP) {
            return Access.leadsOnTo(site, page, pages.openings(), asked.visitor())
                    .map(first -> new Answer.Elsewhere(Addresses.of(site, first), HttpStatus.FOUND));
        }
        if (!address.equals(asked.path())) {
            return Optional.of(new Answer.Elsewhere(address, HttpStatus.MOVED_PERMANENTLY));
        }
        return Optional.of(new Answer.Page(access.isGettable() ? shown(pages, page, asked) : pages.closed(page)));
    }

    /** Where an address leads that no page answers at. */
    private Optional<Answer> forwarded(ReleasePages pages, Asked asked) {
        return pages.forwarding.at(asked.path()).flatMap(target -> switch (target) {
            case Forward.Target.ToPage(PageId page) -> ofPage(pages, page, asked);
            case Forward.Target.Outside(String address) ->
                Optional.of(new Answer.Elsewhere(address, HttpStatus.MOVED_PERMANENTLY));
            case Forward.Target.ToTopic(String topic) -> toListing(pages, topic, asked.visitor());
            case Forward.Target.Gone gone -> Optional.of(new Answer.Page(pages.gone()));
        });
    }

    private Optional<Answer> toListing(ReleasePages pages, String topic, Visitor visitor) {
        Optional<Answer> there = pages.html
                .listings()
                .of(topic)
                .map(listing -> new Answer.Elsewhere(listing.address(), HttpStatus.MOVED_PERMANENTLY));
        return there.isPresent() || visitor == Visitor.MEMBER
                ? there
                : Optional.ofNullable(TopicListings.addresses(pages.site).get(topic))
                        .flatMap(this::listingForMembers);
    }

    private Rendered shown(ReleasePages pages, PageId page, Asked asked) {
        return switch (pages.site.pages().get(page).kind()) {
            case NOT_FOUND -> pages.notFound();
            case SEARCH ->
                asked.words().isBlank()
                        ? pages.page(page)
                        : pages.found(page, asked.words().strip());
            case SIGN_IN ->
                asked.to().isEmpty() ? pages.page(page) : pages.signIn(HttpStatus.OK, page, asPath(asked.to()), "", "");
            default -> pages.page(page);
        };
    }

    /** What others get at the address of a listing, where the page index it is beneath is for members. */
    private Optional<Answer> listingForMembers(String path) {
        ReleasePages pages = pages(Visitor.NON_MEMBER);
        return pages.site
                .builtIn(PageKind.PAGE_INDEX)
                .filter(index -> Access.of(pages.site, index, pages.openings()).membersBy() != null)
                .flatMap(index -> pages(Visitor.MEMBER).html.listings().at(path))
                .map(listing -> pages.signInFor(listing.address()));
    }

    /** A whole page for an answer that is not a page of the site. */
    Rendered other(HttpStatus status) {
        if (status.is5xxServerError()) {
            return BROKEN;
        }
        Rendered notFound = pages(Visitor.NON_MEMBER).notFound();
        return new Rendered(status.value(), notFound.plain(), notFound.compressed(), false, notFound.tag());
    }

    /** What the live site says by itself, in its language. */
    Messages words() {
        return assets.words(live.served());
    }

    /** Where members sign in; the home page where they cannot. */
    String signInAddress() {
        ReleasePages pages = pages(Visitor.NON_MEMBER);
        return pages.signInPage().map(page -> Addresses.of(pages.site, page)).orElse("/");
    }

    /** The sign-in page after something was wrong with what was typed. */
    Rendered signInAgain(HttpStatus status, String to, String name, String problem) {
        ReleasePages pages = pages(Visitor.NON_MEMBER);
        return pages.signInPage()
                .map(page -> pages.signIn(status, page, to.isEmpty() ? "" : asPath(to), name, problem))
                .orElseGet(pages::notFound);
    }

    /** An address of a page of the site, ready to be sent; the home page's for anything else that was asked for. */
    String asPath(String to) {
        Site site = live.site();
        return Optional.of(to)
                .filter(path -> path.startsWith("/"))
                .flatMap(path -> Addresses.find(site, path)
                        .map(page -> Addresses.of(site, page))
                        .or(() -> pages(Visitor.MEMBER).html.listings().at(path).map(TopicListings.Listing::address)))
                .orElse("/");
    }

    /**
     * The addresses for search engines.
     *
     * @param origin to use while the site's own address is not known
     */
    List<String> sitemap(String origin) {
        ReleasePages pages = pages(Visitor.NON_MEMBER);
        AddressWriter absolute = AddressWriter.absolute(origin(origin));
        return Sitemap.addresses(pages.site, pages.openings()).stream()
                .map(absolute::write)
                .toList();
    }

    String origin(String asked) {
        String address = live.site().details().address();
        return address.isEmpty() ? asked : address;
    }

    /** What is live, with its menus as visitors get them who are not members. */
    record Live(Site site, SiteNavigation navigation) {}

    Live live() {
        ReleasePages pages = pages(Visitor.NON_MEMBER);
        return new Live(pages.site, pages.navigation);
    }

    private ReleasePages pages(Visitor visitor) {
        Site site = live.served();
        Served release = current;
        if (release == null || !isOf(release, site) || release.isOver()) {
            release = new Served(site, clock.instant());
            current = release;
        }
        return release.pages(visitor);
    }

    @SuppressWarnings("ReferenceEquality") // a release holds one site object; the next holds another
    private static boolean isOf(Served release, Site site) {
        return release.site == site;
    }

    /** One release until something opens or closes, with its pages for each kind of visitor who came. */
    private final class Served {
        private final Site site;
        private final Instant at;
        private final Optional<Instant> until;
        private final Map<Visitor, ReleasePages> pages = new ConcurrentHashMap<>();

        Served(Site site, Instant at) {
            this.site = site;
            this.at = at;
            this.until = Openings.at(site, at).nextChange(site);
            Thread.ofPlatform().daemon().name("texts").start(() -> texts.readAhead(site));
        }

        ReleasePages pages(Visitor visitor) {
            return pages.computeIfAbsent(visitor, who -> new ReleasePages(site, at, who));
        }

        /** Whether something has opened or closed since. */
        boolean isOver() {
            return until.filter(moment -> !clock.instant().isBefore(moment)).isPresent();
        }
    }

    /** The pages of one release as far as they were asked for by visitors of one kind. */
    private final class ReleasePages {
        private final Site site;
        private final SiteNavigation navigation;
        private final VisitorHtml html;
        private final Cache<PageId, Rendered> kept = Caffeine.newBuilder()
                .maximumWeight(BYTES_KEPT)
                .weigher((PageId page, Rendered content) -> content.weight())
                .build();
        private final Forwarding forwarding;
        private final Map<HttpStatus, Rendered> refusals = new ConcurrentHashMap<>();
        private final Map<String, Rendered> listed = new ConcurrentHashMap<>();
        private @Nullable PageSearch search;

        ReleasePages(Site site, Instant at, Visitor visitor) {
            this.site = site;
            this.navigation = SiteNavigation.of(site, at, visitor);
            this.html = new VisitorHtml(site, navigation, assets.published(site));
            this.forwarding = Forwarding.of(site);
        }

        Rendered page(PageId page) {
            return kept.get(
                    page,
                    id -> rendered(
                            HttpStatus.OK, html.page(id, texts.of(site.pages().get(id)))));
        }

        /** What stands at the address of a page outside its periods that says when it opens again. */
        Rendered closed(PageId page) {
            return kept.get(page, id -> rendered(HttpStatus.OK, html.closed(id)));
        }

        /** The listing of a topic at an address, or the way to its one form. */
        Optional<Answer> listing(String path) {
            return html.listings()
                    .at(path)
                    .map(listing -> listing.address().equals(path)
                            ? new Answer.Page(listed.computeIfAbsent(
                                    listing.topic(), topic -> rendered(HttpStatus.OK, html.topic(listing))))
                            : new Answer.Elsewhere(listing.address(), HttpStatus.MOVED_PERMANENTLY));
        }

        Rendered found(PageId page, String asked) {
            return rendered(HttpStatus.OK, html.found(page, asked, search().find(asked)));
        }

        /** Reads the texts of all pages, so only once somebody searches. */
        private synchronized PageSearch search() {
            if (search == null) {
                search = PageSearch.of(site, openings(), navigation.visitor(), index.of(site));
            }
            return search;
        }

        Rendered notFound() {
            return refusals.computeIfAbsent(HttpStatus.NOT_FOUND, status -> rendered(status, html.notFound()));
        }

        Rendered gone() {
            return refusals.computeIfAbsent(HttpStatus.GONE, status -> rendered(status, html.gone()));
        }

        Openings openings() {
            return navigation.openings();
        }

        /** Where members sign in; empty where a site was not given the page yet, or nobody gets it. */
        Optional<PageId> signInPage() {
            return site.builtIn(PageKind.SIGN_IN)
                    .filter(page -> Access.of(site, page, openings()).isGettable());
        }

        /** What one who is no member gets at the address of a page for members. */
        Answer signInFor(String address) {
            return signInPage()
                    .<Answer>map(page -> new Answer.Elsewhere(
                            Addresses.of(site, page) + "?to=" + UriUtils.encode(address, StandardCharsets.UTF_8),
                            HttpStatus.SEE_OTHER))
                    .orElseGet(() -> new Answer.Page(notFound()));
        }

        Rendered signIn(HttpStatus status, PageId page, String to, String name, String problem) {
            return rendered(status, html.signIn(page, to, name, problem));
        }

        private Rendered rendered(HttpStatus status, String content) {
            return Rendered.of(status.value(), content, navigation.visitor() == Visitor.MEMBER);
        }
    }
}
