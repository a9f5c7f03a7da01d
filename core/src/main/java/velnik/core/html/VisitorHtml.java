package velnik.core.html;

import static java.util.Objects.requireNonNull;

import io.vavr.Lazy;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.content.Markdown;
import velnik.core.content.Picture;
import velnik.core.content.Standing;
import velnik.core.enquiry.Enquiry;
import velnik.core.explanation.Words;
import velnik.core.hours.HoursLine;
import velnik.core.hours.HoursLines;
import velnik.core.listing.TopicListings;
import velnik.core.map.PositionMap;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.SiteNavigation;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.search.PageSearch;
import velnik.core.site.Details;
import velnik.core.site.LayoutId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;

/**
 * Writes whole pages as visitors get them. The published site and the owner's preview both call this, with another
 * {@link Site} and another {@link Frame}.
 */
public final class VisitorHtml {
    private final Site site;
    private final SiteNavigation navigation;
    private final Openings openings;
    private final Visitor visitor;
    private final Frame frame;
    private final PageLinks links;
    private final SitePictures pictures;
    private final SiteView around;
    private final WrittenRows written = new WrittenRows();
    private @Nullable TopicListings listings;
    private final Lazy<PositionMap> map;

    public VisitorHtml(Site site, SiteNavigation navigation, Frame frame) {
        this(site, navigation, frame, page -> Addresses.of(site, page));
    }

    /** @param addresses of pages from the root of the site, where all of them are known beforehand */
    public VisitorHtml(Site site, SiteNavigation navigation, Frame frame, Function<PageId, String> addresses) {
        this(
                site,
                navigation,
                frame,
                null,
                HoursLines.of(site.details(), navigation.openings().today()),
                Lazy.of(() -> PositionMap.of(requireNonNull(site.details().position()))),
                addresses);
    }

    private VisitorHtml(
            Site site,
            SiteNavigation navigation,
            Frame frame,
            @Nullable TopicListings listings,
            List<HoursLine> hours,
            Lazy<PositionMap> map,
            Function<PageId, String> addresses) {
        this.listings = listings;
        this.map = map;
        this.site = site;
        this.navigation = navigation;
        this.openings = navigation.openings();
        this.visitor = navigation.visitor();
        this.frame = frame;
        this.links = new PageLinks(site, openings, visitor, frame, addresses);
        this.pictures = new SitePictures(site, frame.addresses());
        Details details = site.details();
        this.around = new SiteView(
                details.name(),
                links.written("/"),
                pictures.named(details.logo()),
                details.contact(),
                hours,
                details.look(),
                gettable(PageKind.SEARCH),
                gettable(PageKind.PAGE_INDEX));
    }

    /** The same pages in another frame. What they have in common is not worked out again. */
    public VisitorHtml in(Frame other) {
        return new VisitorHtml(site, navigation, other, listings(), around.hours(), map, links.addresses());
    }

    /** @param text of the page, in Markdown; a built-in page has none */
    public String page(PageId id, String text) {
        return switch (site.pages().get(id).kind()) {
            case PAGE, GROUP -> ordinary(id, text, List.of(), Map.of(), "");
            case SEARCH -> found(id, "", PageSearch.Found.NOTHING);
            case PAGE_INDEX -> pageIndex(id);
            case SIGN_IN -> signIn(id, "", "", "");
            case NOT_FOUND -> notFound();
        };
    }

    /**
     * A page whose form was sent and not taken.
     *
     * @param text of the page, in Markdown
     * @param sent by the number of the field
     * @param problems what is wrong with which
     * @param problem what is wrong as a whole, in a sentence
     */
    public String again(
            PageId id, String text, List<String> sent, Map<Integer, Enquiry.Problem> problems, String problem) {
        return ordinary(id, text, sent, problems, problem);
    }

    private String ordinary(
            PageId id, String text, List<String> sent, Map<Integer, Enquiry.Problem> problems, String problem) {
        Page page = site.pages().get(id);
        @Nullable Picture picture = pictures.named(page.picture());
        @Nullable
        FormView form = page.form() == null ? null : FormView.of(frame, id, page.form(), sent, problems, problem);
        Set<Standing> standing = EnumSet.noneOf(Standing.class);
        Function<Standing, String> stands = each -> {
            standing.add(each);
            return standing(each, form);
        };
        String written = Markdown.toHtml(
                text, new TextLinks(site, openings, visitor, links::addressOf, pictures, stands), picture != null);
        PageView view = view(id, page.summary(), isKeptFromSearchEngines(id))
                .with()
                .picture(picture)
                .sharedPicture(pictures.shared(page).map(this::canonical).orElse(null))
                .text(written)
                .subpages(links.subpages(site.pages().branch(id)))
                .build();
        Map<String, Object> parts = new HashMap<>(Map.of("view", view));
        parts.put("form", standing.contains(Standing.FORM) ? null : form);
        return Templates.render("page.jte", parts);
    }

    /** Nothing for a form that the page does not have. */
    private String standing(Standing what, @Nullable FormView form) {
        return switch (what) {
            case CONTACT ->
                Templates.render("contact-card.jte", Map.of("frame", frame, "site", around, "called", around.name()));
            case FORM ->
                form == null
                        ? ""
                        : Templates.render("form.jte", Map.of("frame", frame, "form", form, "business", around.name()));
        };
    }

    /** What stands where a form was taken. */
    public String sent(PageId id) {
        return Templates.render(
                "sent.jte",
                Map.of(
                        "view",
                        beside(frame.say("form.thanks"), id).withSummary(frame.say("form.sent")),
                        "back",
                        links.addressOf(id),
                        "title",
                        site.pages().get(id).title()));
    }

    /**
     * What stands at the address of a page outside its periods.
     *
     * @throws java.util.NoSuchElementException when it never opens again
     */
    public String closed(PageId id) {
        Instant again = Access.opensAgain(site, id, openings).orElseThrow();
        String summary = frame.words()
                .say("closed", Map.of("when", Days.in(frame.words().language()).at(again, openings.zone())));
        boolean noIndex = site.pages().get(id).keptFromSearchEngines();
        return Templates.render("page.jte", Map.of("view", view(id, summary, noIndex)));
    }

    /**
     * The search page with an answer; answers are kept from search engines.
     *
     * @param asked by the visitor; empty when nothing was
     */
    public String found(PageId search, String asked, PageSearch.Found found) {
        List<SearchView.Result> results = links.found(found);
        return Templates.render(
                "search.jte",
                Map.of(
                        "view",
                        view(search, "", !asked.isEmpty() || isKeptFromSearchEngines(search)),
                        "search",
                        new SearchView(
                                links.addressOf(search),
                                asked,
                                frame.words()
                                        .say(
                                                found.count() > results.size() ? "search.best" : "search.found",
                                                Map.of("count", found.count(), "asked", asked, "best", results.size())),
                                results,
                                gettable(PageKind.PAGE_INDEX))));
    }

    private String pageIndex(PageId id) {
        return Templates.render(
                "page-index.jte",
                Map.of(
                        "view",
                        view(id, "", isKeptFromSearchEngines(id)),
                        "rows",
                        links.indexRows(site.pages().top()),
                        "topics",
                        listings().all().stream().map(links::link).toList()));
    }

    /** The page that lists those of a topic. */
    public String topic(TopicListings.Listing listing) {
        PageId index = site.builtIn(PageKind.PAGE_INDEX).orElseThrow();
        List<PageView.Step> trail = new ArrayList<>(links.trail(index));
        trail.add(new PageView.Step(site.pages().get(index).title(), links.addressOf(index)));
        PageView view = bare(Words.capital(listing.topic()), layoutOf(index), navigation.forTopic(listing.topic()))
                .with()
                .canonical(canonical(listing.address()))
                .noIndex(isKeptFromSearchEngines(index))
                .trail(trail)
                .subpages(listing.pages().stream().map(links::link).toList())
                .build();
        return Templates.render("page.jte", Map.of("view", view));
    }

    /** The listings of topics, as the visitor gets them; made when first asked for. */
    public synchronized TopicListings listings() {
        if (listings == null) {
            listings = TopicListings.of(site, openings, visitor);
        }
        return listings;
    }

    /**
     * The page that lets members in; for a member, out again.
     *
     * @param to the address that was asked for, where a member gets once signed in; empty for none
     * @param name as typed before; empty for none
     * @param problem what was wrong with what was typed; empty for nothing
     */
    public String signIn(PageId id, String to, String name, String problem) {
        return Templates.render(
                "sign-in.jte",
                Map.of(
                        "view",
                        view(id, "", !to.isEmpty() || isKeptFromSearchEngines(id)),
                        "signIn",
                        new SignInView(visitor == Visitor.MEMBER, to, name, problem)));
    }

    /** The page for an address that leads nowhere, with the menus of its own in place. */
    public String notFound() {
        boolean published = site.pages().size() > 0;
        return nowhere(
                site.builtIn(PageKind.NOT_FOUND)
                        .map(id -> site.pages().get(id).title())
                        .orElse(frame.say(published ? "notFound.title" : "notYet.title")),
                frame.say(published ? "notFound.says" : "notYet.says"));
    }

    /**
     * The menus of a zone alone, to be put into a page of others.
     *
     * @param page whose zone; null for what stands there wherever nothing else is said
     * @return a {@code nav} element; empty where nothing stands there
     */
    public String zone(@Nullable PageId page, Zone zone) {
        PageView view = bare("", page == null ? LayoutId.STANDARD : layoutOf(page), navigation.forPage(page))
                .with()
                .page(page)
                .build();
        return Templates.render("zone.jte", Map.of("view", view, "zone", zone)).strip();
    }

    /** The page for an address that led to a page once, and leads nowhere by the owner's will. */
    public String gone() {
        return nowhere(frame.say("gone.title"), frame.say("gone.says"));
    }

    private String nowhere(String title, String says) {
        PageView view = beside(title, site.builtIn(PageKind.NOT_FOUND).orElse(null))
                .with()
                .summary(says)
                .subpages(links.listed(site.pages().top()))
                .build();
        @Nullable String search = around.search();
        Map<String, Object> parts = new HashMap<>(Map.of("view", view));
        parts.put("search", search == null ? null : new SearchView(search, "", "", List.of(), null));
        return Templates.render("not-found.jte", parts);
    }

    /** A page that search engines leave out, with what stands around another. */
    private PageView beside(String title, @Nullable PageId other) {
        return bare(title, other == null ? LayoutId.STANDARD : layoutOf(other), navigation.forPage(other))
                .with()
                .page(other)
                .noIndex(true)
                .build();
    }

    /** A title with what stands around it, and nothing else. */
    private PageView bare(String title, LayoutId layout, Navigation menus) {
        return new PageView(
                frame,
                around,
                null,
                title,
                "",
                "",
                "",
                null,
                null,
                null,
                null,
                false,
                layout,
                MenuView.of(menus, around.look()),
                List.of(),
                "",
                List.of(),
                List.of(),
                null,
                links::addressOf,
                new BlockViews(site, frame, links, pictures, map, around),
                written);
    }

    private LayoutId layoutOf(PageId page) {
        return site.frameOf(site.pages().get(page).layout());
    }

    /** The address of a built-in page; null when visitors cannot get it. */
    private @Nullable String gettable(PageKind kind) {
        return site.builtIn(kind)
                .filter(id -> Access.of(site, id, openings).isGettableBy(visitor))
                .map(links::addressOf)
                .orElse(null);
    }

    private boolean isKeptFromSearchEngines(PageId id) {
        return site.pages().get(id).keptFromSearchEngines()
                || !Access.of(site, id, openings).isGettableBy(Visitor.NON_MEMBER);
    }

    /** What every page says of itself, without what is written on it. */
    private PageView view(PageId id, String summary, boolean noIndex) {
        Page page = site.pages().get(id);
        return bare(links.heading(id), layoutOf(id), navigation.forPage(id))
                .with()
                .page(id)
                .summary(summary)
                .searchTitle(page.searchTitle())
                .description(page.searchDescription().isEmpty() ? summary : page.searchDescription())
                .date(links.day(page))
                .canonical(canonicalOf(id))
                .noIndex(noIndex)
                .trail(links.trail(id))
                .topics(page.topics().stream()
                        .sorted()
                        .flatMap(topic -> listings().of(topic).stream())
                        .map(links::link)
                        .toList())
                .structured(noIndex ? null : structured(id, summary))
                .build();
    }

    private @Nullable String structured(PageId id, String summary) {
        return StructuredData.of(site, id, summary, links.trail(id, this::canonicalOf), openings.today());
    }

    private @Nullable String canonicalOf(PageId page) {
        return canonical(Addresses.of(site, page));
    }

    private @Nullable String canonical(String address) {
        String origin = site.details().address();
        return origin.isEmpty() ? null : AddressWriter.absolute(origin).write(address);
    }
}
