package velnik.server.visiting;

import static java.util.stream.Collectors.joining;
import static java.util.stream.Collectors.toSet;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.UriComponentsBuilder;
import org.springframework.web.util.UriUtils;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.html.VisitorHtml;
import velnik.core.listing.TopicListings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.reach.Unopened;
import velnik.core.search.PageSearch;
import velnik.core.site.Limits;
import velnik.core.site.Look;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Messages;
import velnik.server.calls.Policy;
import velnik.server.releasing.LiveSite;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Computed;

/** The owner's window: the visitor site as the working copy would have it, or as it is live. */
@RestController
class WindowController {
    private static final Messages WORDS = Messages.of(WindowController.class);

    private static final String BASE = "/-/window/";

    /**
     * The page runs in a frame without an origin of its own, so that nothing in it can act as the owner. Only the
     * editor may frame it. A form may be sent, so that the script hears of it, but goes nowhere by itself.
     */
    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self';"
            + " font-src 'self'; form-action 'none'; base-uri 'none'; frame-ancestors 'self'; sandbox allow-scripts"
            + " allow-forms";

    private static final MediaType HTML = new MediaType(MediaType.TEXT_HTML, StandardCharsets.UTF_8);

    private final Windows windows;
    private final Computed computed;
    private final LiveSite live;
    private final Clock clock;
    private final Texts texts;
    private final SearchIndex index;
    private final VisitorAssets assets;

    WindowController(
            Windows windows,
            Computed computed,
            LiveSite live,
            Clock clock,
            Texts texts,
            SearchIndex index,
            VisitorAssets assets) {
        this.windows = windows;
        this.computed = computed;
        this.live = live;
        this.clock = clock;
        this.texts = texts;
        this.index = index;
        this.assets = assets;
    }

    /** @param address where the window's pages begin, without a slash at its end */
    record WindowDto(String address) {}

    @PostMapping("/-/api/windows")
    @ResponseStatus(HttpStatus.CREATED)
    WindowDto open(HttpServletRequest request) {
        return new WindowDto(BASE + windows.open(request.getSession().getId()));
    }

    /**
     * @param id of the page the editor wants, whose address may be another by now; without one the path decides
     * @param asked of the search
     * @param day on which the site is looked at; now when left out
     * @param member whether it is looked at as a member
     * @param look in which it is looked at; that of the site when left out
     * @param unopened whether what is not yet open shows too, marked
     * @param asLive whether it is what visitors get now, instead of the working copy
     */
    @GetMapping({BASE + "{token}", BASE + "{token}/**"})
    ResponseEntity<String> page(
            @PathVariable String token,
            @RequestParam(name = "page", required = false) @Nullable String id,
            @RequestParam(name = "q", defaultValue = "") String asked,
            @RequestParam(required = false) @Nullable LocalDate day,
            @RequestParam(defaultValue = "false") boolean member,
            @RequestParam(required = false) @Nullable Look look,
            @RequestParam(defaultValue = "false") boolean unopened,
            @RequestParam(name = "live", defaultValue = "false") boolean asLive,
            HttpServletRequest request) {
        if (!windows.isOpen(token)) {
            return html(HttpStatus.NOT_FOUND)
                    .body("<!doctype html><title>Closed</title><p data-closed>This preview is closed.");
        }
        String prefix = BASE + token;
        String path = UriUtils.decode(request.getRequestURI().substring(prefix.length()), StandardCharsets.UTF_8);
        if (day != null && !Limits.isReckoned(day)) {
            return html(HttpStatus.BAD_REQUEST)
                    .body("<!doctype html><title>No such day</title><p>The site cannot be shown as on that day.");
        }
        As as = new As(day, member ? Visitor.MEMBER : Visitor.NON_MEMBER, look, unopened, asLive);
        Seen seen = seen(as);
        Site site = seen.site();
        Optional<PageId> page = Optional.ofNullable(id)
                .flatMap(PageId::of)
                .filter(site.pages()::contains)
                .or(() -> Addresses.find(site, path.isEmpty() ? "/" : path));
        if (page.isEmpty()) {
            // The editor asks by id for a page that was there a moment ago; that is no mistake of anybody's.
            HttpStatus nothing = id == null ? HttpStatus.NOT_FOUND : HttpStatus.OK;
            return besideTheTree(writer(seen, prefix, band(as, notLive(as, id))), path, nothing);
        }
        Optional<PageId> leadsOn =
                Access.leadsOnTo(site, page.get(), seen.navigation().openings(), as.visitor());
        if (leadsOn.isPresent()) {
            return ResponseEntity.status(HttpStatus.FOUND)
                    .location(UriComponentsBuilder.fromPath(prefix + Addresses.of(site, leadsOn.get()))
                            .queryParamIfPresent("day", Optional.ofNullable(day))
                            .queryParam("member", member)
                            .queryParamIfPresent("look", Optional.ofNullable(look))
                            .queryParam("unopened", unopened)
                            .queryParam("live", asLive)
                            .build()
                            .toUri())
                    .cacheControl(CacheControl.noStore())
                    .build();
        }
        VisitorHtml writer = writer(seen, prefix, band(as, instead(seen, page.get(), as.visitor())));
        boolean searched = site.pages().get(page.get()).kind() == PageKind.SEARCH && !asked.isBlank();
        return html(HttpStatus.OK)
                .body(
                        searched
                                ? writer.found(
                                        page.get(),
                                        asked.strip(),
                                        PageSearch.of(
                                                        site,
                                                        seen.navigation().openings(),
                                                        as.visitor(),
                                                        index.of(seen.kept()))
                                                .find(asked))
                                : writer.page(page.get(), texts.of(site.pages().get(page.get()))));
    }

    /**
     * What stands at an address that no page of the tree has.
     *
     * @param nothing what it answers where nothing does
     */
    private static ResponseEntity<String> besideTheTree(VisitorHtml writer, String path, HttpStatus nothing) {
        Optional<TopicListings.Listing> listing = writer.listings().at(path);
        return listing.isPresent()
                ? html(HttpStatus.OK).body(writer.topic(listing.get()))
                : html(nothing).body(writer.notFound());
    }

    /** How the site is looked at. */
    private record As(
            @Nullable LocalDate day,
            Visitor visitor,
            @Nullable Look look,
            boolean unopened,
            boolean live) {}

    /**
     * What is looked at, as the visitor gets it.
     *
     * @param kept the site as it is kept
     * @param site as it is looked at: in another look, with other pages open
     * @param unopened what shows of it that visitors cannot get yet
     */
    private record Seen(Site kept, Site site, SiteNavigation navigation, Set<PageId> unopened) {}

    private Seen seen(As as) {
        if (as.live()) {
            Site site = live.site();
            return seen(as, site, SiteNavigation.of(site, moment(as, site), as.visitor()));
        }
        Computed.Revision waiting = as.day() == null ? computed.now() : computed.on(as.day());
        return seen(as, waiting.state().site(), waiting.navigation(as.visitor()));
    }

    private Seen seen(As as, Site kept, SiteNavigation navigation) {
        Site site = in(as.look(), kept);
        if (!as.unopened()) {
            return new Seen(kept, site, navigation, Set.of());
        }
        Unopened opened = Unopened.of(site, navigation.openings());
        SiteNavigation then = SiteNavigation.of(opened.site(), moment(as, site), as.visitor());
        return new Seen(kept, opened.site(), then, opened.pages());
    }

    private Instant moment(As as, Site site) {
        return as.day() == null ? clock.instant() : Computed.noon(site, as.day());
    }

    private static Site in(@Nullable Look look, Site site) {
        return look == null ? site : site.withDetails(site.details().withLook(look));
    }

    private VisitorHtml writer(Seen seen, String prefix, @Nullable String band) {
        AddressWriter addresses = AddressWriter.withQuery(
                AddressWriter.under(prefix),
                seen.unopened().stream()
                        .map(page -> Addresses.of(seen.site(), page))
                        .collect(toSet()),
                "unopened=true");
        return new VisitorHtml(seen.site(), seen.navigation(), assets.window(seen.site(), addresses, band));
    }

    /** What is looked at, as whom and on which day, and what visitors get instead of a page they cannot get. */
    private static @Nullable String band(As as, @Nullable String instead) {
        String band = Stream.of(
                        as.live() ? WORDS.say("live") : null,
                        whoAndWhen(as),
                        as.unopened() ? WORDS.say("unopened") : null,
                        instead)
                .filter(Objects::nonNull)
                .collect(joining(" "));
        return band.isEmpty() ? null : band;
    }

    private static @Nullable String whoAndWhen(As as) {
        boolean member = as.visitor() == Visitor.MEMBER;
        if (as.day() == null) {
            return member ? WORDS.say("as.member") : null;
        }
        return WORDS.say(member ? "as.member.day" : "as.day", Map.of("day", Days.ENGLISH.day(as.day())));
    }

    /** @param id of the page that the editor wants, which is not there */
    private static @Nullable String notLive(As as, @Nullable String id) {
        return as.live() && id != null ? WORDS.say("notLive") : null;
    }

    private static @Nullable String instead(Seen seen, PageId page, Visitor visitor) {
        Site site = seen.kept();
        Openings openings = seen.navigation().openings();
        Access access = Access.of(site, page, openings);
        if (access.closedBy() != null) {
            String until = Days.ENGLISH.until(Access.opensAgain(site, page, openings), openings.zone());
            boolean announced = Access.isAnnounced(site, page, openings);
            return WORDS.say(announced ? "closed.announced" : "closed", Map.of("until", until));
        }
        if (!access.isGettable()) {
            return WORDS.say("heldBack");
        }
        if (!access.isGettableBy(visitor)) {
            return WORDS.say("forMembers");
        }
        return switch (site.pages().get(page).kind()) {
            case GROUP -> WORDS.say("group");
            case NOT_FOUND -> WORDS.say("notFound");
            case PAGE, SEARCH, PAGE_INDEX, SIGN_IN -> null;
        };
    }

    private static ResponseEntity.BodyBuilder html(HttpStatus status) {
        return ResponseEntity.status(status)
                .contentType(HTML)
                .cacheControl(CacheControl.noStore())
                .header(Policy.HEADER, POLICY)
                .header("Referrer-Policy", "no-referrer"); // the token is in the address
    }
}
