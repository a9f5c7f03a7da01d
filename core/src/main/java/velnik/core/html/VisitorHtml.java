package velnik.core.html;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.joining;

import gg.jte.ContentType;
import gg.jte.TemplateEngine;
import gg.jte.TemplateOutput;
import gg.jte.output.StringOutput;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.address.FileAddresses;
import velnik.core.content.Markdown;
import velnik.core.content.Picture;
import velnik.core.enquiry.Enquiry;
import velnik.core.explanation.Words;
import velnik.core.listing.TopicListings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.reach.Openings;
import velnik.core.search.PageSearch;
import velnik.core.site.FileId;
import velnik.core.site.FileType;
import velnik.core.site.LayoutId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/**
 * Writes whole pages as visitors get them. The published site and the owner's preview both call this, with another
 * {@link Site} and another {@link Frame}.
 */
public final class VisitorHtml {
    private static final TemplateEngine TEMPLATES =
            TemplateEngine.createPrecompiled(null, ContentType.Html, null, "velnik.core.html.templates");

    private final Site site;
    private final SiteNavigation navigation;
    private final Openings openings;
    private final Visitor visitor;
    private final Frame frame;
    private final SiteView around;
    private @Nullable TopicListings listings;

    public VisitorHtml(Site site, SiteNavigation navigation, Frame frame) {
        this.site = site;
        this.navigation = navigation;
        this.openings = navigation.openings();
        this.visitor = navigation.visitor();
        this.frame = frame;
        this.around = new SiteView(
                site.details().name(),
                written("/"),
                picture(site.details().logo()),
                site.details().contact());
    }

    /** @param text of the page, in Markdown; a built-in page has none */
    public String page(PageId id, String text) {
        return switch (site.pages().get(id).kind()) {
            case PAGE, GROUP -> ordinary(id, text);
            case SEARCH -> found(id, "", PageSearch.Found.NOTHING);
            case PAGE_INDEX -> pageIndex(id);
            case SIGN_IN -> signIn(id, "", "", "");
            case NOT_FOUND -> notFound();
        };
    }

    private String ordinary(PageId id, String text) {
        return ordinary(id, text, List.of(), Map.of(), "");
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
        String written = Markdown.toHtml(
                text,
                new TextLinks(site, openings, visitor, this::addressOf, this::written),
                picture(page.picture()) != null);
        Map<String, Object> parts = new HashMap<>();
        parts.put(
                "view",
                view(
                        id,
                        page.summary(),
                        isKeptFromSearchEngines(id),
                        written,
                        subpages(site.pages().branch(id))));
        parts.put("form", page.form() == null ? null : FormView.of(frame, id, page.form(), sent, problems, problem));
        return render("page.jte", parts);
    }

    /** What stands where a form was taken. */
    public String sent(PageId id) {
        return render(
                "sent.jte",
                Map.of(
                        "view",
                        beside(frame.say("form.thanks"), id),
                        "back",
                        addressOf(id),
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
        return render("page.jte", Map.of("view", view(id, summary, noIndex, "", List.of())));
    }

    /**
     * The search page with an answer; answers are kept from search engines.
     *
     * @param asked by the visitor; empty when nothing was
     */
    public String found(PageId search, String asked, PageSearch.Found found) {
        List<SearchView.Result> results = found.hits().stream()
                .map(hit -> new SearchView.Result(
                        heading(hit.page(), site.pages().get(hit.page())),
                        addressOf(hit.page()),
                        site.pages().pathTo(hit.page()).stream()
                                .filter(step -> !step.id().equals(hit.page()))
                                .map(step -> step.value().title())
                                .collect(joining(" › ")),
                        hit.passage()))
                .toList();
        return render(
                "search.jte",
                Map.of(
                        "view",
                        view(search, "", !asked.isEmpty() || isKeptFromSearchEngines(search), "", List.of()),
                        "search",
                        new SearchView(
                                addressOf(search),
                                asked,
                                frame.words()
                                        .say(
                                                found.count() > results.size() ? "search.best" : "search.found",
                                                Map.of("count", found.count(), "asked", asked, "best", results.size())),
                                results,
                                gettable(PageKind.PAGE_INDEX))));
    }

    private String pageIndex(PageId id) {
        return render(
                "page-index.jte",
                Map.of(
                        "view",
                        view(id, "", isKeptFromSearchEngines(id), "", List.of()),
                        "rows",
                        indexRows(site.pages().top()),
                        "topics",
                        listings().all().stream().map(this::link).toList()));
    }

    /** The page that lists those of a topic. */
    public String topic(TopicListings.Listing listing) {
        PageId index = site.builtIn(PageKind.PAGE_INDEX).orElseThrow();
        List<PageView.Step> trail = new ArrayList<>(trail(index));
        trail.add(new PageView.Step(site.pages().get(index).title(), addressOf(index)));
        PageView view = new PageView(
                frame,
                around,
                null,
                Words.capital(listing.topic()),
                "",
                "",
                "",
                null,
                null,
                null,
                canonical(listing.address()),
                isKeptFromSearchEngines(index),
                site.frameOf(site.pages().get(index).layout()),
                navigation.forTopic(listing.topic()),
                trail,
                "",
                listing.pages().stream().map(this::link).toList(),
                List.of(),
                null,
                this::addressOf);
        return render("page.jte", Map.of("view", view));
    }

    /** The listings of topics, as the visitor gets them; made when first asked for. */
    public synchronized TopicListings listings() {
        if (listings == null) {
            listings = TopicListings.of(site, openings, visitor);
        }
        return listings;
    }

    private PageView.Link link(TopicListings.Listing listing) {
        return new PageView.Link(listing.topic(), "", null, written(listing.address()));
    }

    private List<IndexRow> indexRows(List<Branch<PageId, Page>> rows) {
        return rows.stream()
                .filter(row -> Access.isListed(site, row, openings, visitor))
                .map(row -> new IndexRow(
                        row.value().title(),
                        row.value().kind() == PageKind.GROUP ? null : addressOf(row.id()),
                        indexRows(row.children())))
                .toList();
    }

    /**
     * The page that lets members in; for a member, out again.
     *
     * @param to the address that was asked for, where a member gets once signed in; empty for none
     * @param name as typed before; empty for none
     * @param problem what was wrong with what was typed; empty for nothing
     */
    public String signIn(PageId id, String to, String name, String problem) {
        return render(
                "sign-in.jte",
                Map.of(
                        "view",
                        view(id, "", !to.isEmpty() || isKeptFromSearchEngines(id), "", List.of()),
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

    /** The page for an address that led to a page once, and leads nowhere by the owner's will. */
    public String gone() {
        return nowhere(frame.say("gone.title"), frame.say("gone.says"));
    }

    private String nowhere(String title, String says) {
        PageView view = beside(title, site.builtIn(PageKind.NOT_FOUND).orElse(null));
        @Nullable String search = gettable(PageKind.SEARCH);
        Map<String, Object> parts = new HashMap<>(Map.of("view", view, "says", says));
        parts.put("search", search == null ? null : new SearchView(search, "", "", List.of(), null));
        return render("not-found.jte", parts);
    }

    /** A page that search engines leave out, with what stands around another. */
    private PageView beside(String title, @Nullable PageId around) {
        return new PageView(
                frame,
                this.around,
                around,
                title,
                "",
                "",
                "",
                null,
                null,
                null,
                null,
                true,
                around == null
                        ? LayoutId.STANDARD
                        : site.frameOf(site.pages().get(around).layout()),
                navigation.forPage(around),
                List.of(),
                "",
                listed(site.pages().top()),
                List.of(),
                null,
                this::addressOf);
    }

    /** The address of a built-in page; null when visitors cannot get it. */
    private @Nullable String gettable(PageKind kind) {
        return site.builtIn(kind)
                .filter(id -> Access.of(site, id, openings).isGettableBy(visitor))
                .map(this::addressOf)
                .orElse(null);
    }

    private boolean isKeptFromSearchEngines(PageId id) {
        return site.pages().get(id).keptFromSearchEngines()
                || !Access.of(site, id, openings).isGettableBy(Visitor.NON_MEMBER);
    }

    private PageView view(PageId id, String summary, boolean noIndex, String text, List<PageView.Link> subpages) {
        Page page = site.pages().get(id);
        return new PageView(
                frame,
                around,
                id,
                heading(id, page),
                summary,
                page.searchTitle(),
                page.searchDescription().isEmpty() ? summary : page.searchDescription(),
                day(page),
                picture(page.picture()),
                sharedPicture(page),
                canonicalOf(id),
                noIndex,
                site.frameOf(page.layout()),
                navigation.forPage(id),
                trail(id),
                text,
                subpages,
                page.topics().isEmpty()
                        ? List.of()
                        : page.topics().stream()
                                .sorted()
                                .flatMap(topic -> listings().of(topic).stream())
                                .map(this::link)
                                .toList(),
                noIndex ? null : StructuredData.of(site, id, summary, trail(id, this::canonicalOf)),
                this::addressOf);
    }

    private @Nullable Picture picture(@Nullable FileId id) {
        return id == null
                ? null
                : site.findPicture(id)
                        .map(file ->
                                Picture.of(file, Objects.requireNonNullElse(file.alternative(), ""), this::written))
                        .orElse(null);
    }

    /** Its own picture, else the logo; in a width that is enough for those who show shared links. */
    private @Nullable String sharedPicture(Page page) {
        return Stream.of(
                        Optional.ofNullable(page.picture()),
                        Optional.ofNullable(site.details().logo()))
                .flatMap(Optional::stream)
                .flatMap(id -> site.findPicture(id).stream())
                .filter(file -> file.content().type() != FileType.SVG)
                .findFirst()
                .map(file ->
                        canonical(FileAddresses.of(file, file.content().widths().getLast())))
                .orElse(null);
    }

    /** Owners call the page Home; visitors have arrived at the business. Members are in, and can only go out. */
    private String heading(PageId id, Page page) {
        if (page.kind() == PageKind.SIGN_IN && visitor == Visitor.MEMBER) {
            return Site.SIGN_OUT;
        }
        String name = site.details().name();
        return site.isHome(id) && !name.isEmpty() ? name : page.title();
    }

    private @Nullable String canonicalOf(PageId page) {
        return canonical(Addresses.of(site, page));
    }

    private @Nullable String canonical(String address) {
        String origin = site.details().address();
        return origin.isEmpty() ? null : AddressWriter.absolute(origin).write(address);
    }

    private List<PageView.Step> trail(PageId id) {
        return trail(id, this::addressOf);
    }

    private List<PageView.Step> trail(PageId id, Function<PageId, @Nullable String> address) {
        List<PageView.Step> steps = new ArrayList<>();
        if (site.home() != null && !site.isHome(id)) {
            steps.add(new PageView.Step(site.pages().get(site.home()).title(), address.apply(site.home())));
        }
        List<Branch<PageId, Page>> path = site.pages().pathTo(id);
        for (Branch<PageId, Page> step : path.subList(0, path.size() - 1)) {
            if (!site.isHome(step.id()) && Access.of(site, step.id(), openings).isGettable()) {
                boolean group = step.value().kind() == PageKind.GROUP;
                steps.add(new PageView.Step(step.value().title(), group ? null : address.apply(step.id())));
            }
        }
        return steps;
    }

    /** The newest first where each has a date, as news have; else as they stand. */
    private List<PageView.Link> subpages(Branch<PageId, Page> branch) {
        List<PageView.Link> listed =
                Access.of(site, branch.id(), openings).isListedFor(visitor) && !site.isHome(branch.id())
                        ? listed(branch.children())
                        : List.of();
        return listed.stream().allMatch(link -> link.date() != null)
                ? listed.stream().sorted(NEWEST_FIRST).toList()
                : listed;
    }

    private static final Comparator<PageView.Link> NEWEST_FIRST = Comparator.comparing(
                    (PageView.Link link) -> requireNonNull(link.date()).written())
            .reversed();

    private PageView.@Nullable Day day(Page page) {
        return page.date() == null
                ? null
                : new PageView.Day(
                        page.date().toString(),
                        Days.in(frame.words().language()).day(page.date()));
    }

    private List<PageView.Link> listed(List<Branch<PageId, Page>> pages) {
        return pages.stream()
                .filter(page -> Access.isListed(site, page, openings, visitor))
                .map(page -> link(page.id()))
                .toList();
    }

    private PageView.Link link(PageId id) {
        Page page = site.pages().get(id);
        return new PageView.Link(page.title(), page.summary(), day(page), addressOf(id));
    }

    private String addressOf(PageId page) {
        return written(Addresses.of(site, page));
    }

    private String written(String address) {
        return frame.addresses().write(address);
    }

    private static String render(String template, Map<String, Object> parts) {
        TemplateOutput output = new StringOutput();
        TEMPLATES.render(template, parts, output);
        return output.toString();
    }
}
