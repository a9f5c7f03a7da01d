package velnik.core.exchange;

import static java.util.Objects.requireNonNull;
import static java.util.stream.Collectors.toMap;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.address.Addresses;
import velnik.core.html.Frame;
import velnik.core.html.VisitorHtml;
import velnik.core.listing.Sitemap;
import velnik.core.listing.TopicListings;
import velnik.core.navigation.SiteNavigation;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.JsonText;
import velnik.core.text.Messages;

/**
 * The visitor site as files that need no Velnik: a file for each address, whose links lead from file to file, so that they
 * work in any folder of any server and without one. As visitors get it who are no members, at one moment; what needs a
 * server is left out: members' pages, signing in, and enquiry forms.
 */
public final class StaticSite {
    /** Where the list lies that the search reads. */
    public static final String SEARCH_LIST = "/-/search-list.js";

    /** How many pages a search names at most, and how many it counts. */
    private static final int NAMED = 20;

    private static final int COUNTED = 200;

    /** Stands for what was asked in a sentence that is made beforehand. */
    private static final String ASKED = "⟦asked⟧";

    /** Addresses that every system can have as files, none of them outside the folder. */
    private static final Pattern FILE = Pattern.compile("(?:/(?!\\.)[\\p{L}\\p{N}._ -]+)+(?<![. ])");

    /** How many pages are made side by side, and are in memory together. */
    private static final int TOGETHER = 32;

    private final Site site;
    private final Instant at;
    private final SiteNavigation navigation;
    private final Scripts scripts;
    private final Messages words;
    private final Texts texts;
    private final VisitorHtml html;
    /** Pages as deep as each other are in one frame, and share what is written of their menus. */
    private final Map<AddressWriter, VisitorHtml> frames = new HashMap<>();

    private StaticSite(Site site, Instant at, Messages words, Scripts scripts, Texts texts) {
        this.site = site;
        this.at = at;
        this.navigation = SiteNavigation.of(site, at, Visitor.NON_MEMBER);
        this.words = words;
        this.scripts = scripts;
        this.texts = texts;
        Map<PageId, String> addresses =
                site.pages().walk().stream().collect(toMap(Branch::id, row -> Addresses.of(site, row.id())));
        this.html = new VisitorHtml(
                site,
                navigation,
                frame(AddressWriter.fromRoot(), List.of()),
                page -> requireNonNull(addresses.get(page)));
    }

    /**
     * What pages load, by addresses from the root of the site.
     *
     * @param search the script that searches in the list
     */
    public record Scripts(List<String> stylesheets, String always, String search) {
        public Scripts {
            stylesheets = List.copyOf(stylesheets);
        }

        /** All of them. */
        public List<String> all() {
            return Stream.concat(stylesheets.stream(), Stream.of(always, search))
                    .toList();
        }
    }

    /**
     * What is written on pages.
     *
     * @param markdown of a page; empty for none
     * @param plain its words alone
     */
    public record Texts(Function<Page, String> markdown, Function<Page, String> plain) {}

    public static StaticSite of(Site live, Instant at, Messages words, Scripts scripts, Texts texts) {
        return new StaticSite(alone(live), at, words, scripts, texts);
    }

    /** Without what a server would have to answer for. */
    private static Site alone(Site live) {
        Map<PageId, Page> pages = new HashMap<>();
        for (Branch<PageId, Page> row : live.pages().walk()) {
            Page page = row.value();
            boolean needsServer = page.membersOnly() || page.kind() == PageKind.SIGN_IN;
            if (page.form() != null || needsServer) {
                pages.put(
                        row.id(),
                        page.with()
                                .form(null)
                                .reach(needsServer ? Reach.HELD_BACK : page.reach())
                                .build());
            }
        }
        return live.withPages(live.pages().replaceAll(pages), live.home());
    }

    /**
     * Makes all files, a few at a time, so that they need not be in memory together. O(pages × rows of their menus).
     *
     * @param packing makes of a path within the folder, with slashes and beginning with none, and of what is in the file
     *     what is taken; by several threads at once
     * @param out takes one after the other
     */
    public <F> void write(BiFunction<String, String, F> packing, Consumer<F> out) {
        BiConsumer<String, String> single = (path, content) -> out.accept(packing.apply(path, content));
        Set<String> there = new HashSet<>();
        List<Branch<PageId, Page>> rows = site.pages().walk();
        for (int from = 0; from < rows.size(); from += TOGETHER) {
            List<Packed<F>> packed = rows.subList(from, Math.min(from + TOGETHER, rows.size())).parallelStream()
                    .map(row -> packed(row.id(), row.value(), packing))
                    .flatMap(Optional::stream)
                    .toList();
            for (Packed<F> file : packed) {
                there.add(file.address());
                out.accept(file.file());
            }
        }
        for (TopicListings.Listing listing : html.listings().all()) {
            there.add(listing.address());
            single.accept(
                    AddressWriter.fileOf(listing.address()),
                    at(listing.address()).topic(listing));
        }
        String prefix = site.details().address();
        single.accept(
                "404.html",
                html.in(frame(AddressWriter.asFilesUnder(prefix), List.of())).notFound());
        Set<String> showing = new TreeSet<>(there);
        List<LeadingOn> forwards = LeadingOn.all(site, site, at);
        for (LeadingOn forward : forwards) {
            boolean file = !forward.beneath() && FILE.matcher(forward.from()).matches();
            if (file && !forward.to().isEmpty() && there.add(forward.from())) {
                single.accept(AddressWriter.fileOf(forward.from()), leading(forward.from(), forward.to()));
            }
        }
        single.accept(SEARCH_LIST.substring(1), searchList());
        single.accept(".htaccess", "ErrorDocument 404 /404.html\n" + ForwardRules.apache(forwards, showing));
        single.accept("forwards.nginx.conf", ForwardRules.nginx(forwards, showing));
    }

    private record Packed<F>(String address, F file) {}

    private <F> Optional<Packed<F>> packed(PageId id, Page page, BiFunction<String, String, F> packing) {
        String address = Addresses.of(site, id);
        return Optional.ofNullable(content(id, page, address))
                .map(content -> new Packed<>(address, packing.apply(AddressWriter.fileOf(address), content)));
    }

    /** What the address of a page answers; null for nothing. */
    private @Nullable String content(PageId id, Page page, String address) {
        Openings openings = navigation.openings();
        if (!Access.of(site, id, openings).isGettable()) {
            return Access.isAnnounced(site, id, openings) ? at(address).closed(id) : null;
        }
        return switch (page.kind()) {
            case GROUP ->
                Access.leadsOnTo(site, id, openings, Visitor.NON_MEMBER)
                        .map(first -> leading(address, Addresses.of(site, first)))
                        .orElse(null);
            case NOT_FOUND -> at(address).notFound(); // an item may lead there
            case SEARCH ->
                html.in(frame(AddressWriter.asFiles(address), List.of(SEARCH_LIST, scripts.search())))
                        .page(id, "");
            case PAGE, PAGE_INDEX, SIGN_IN ->
                at(address).page(id, texts.markdown().apply(page));
        };
    }

    private synchronized VisitorHtml at(String address) {
        return frames.computeIfAbsent(AddressWriter.asFiles(address), writer -> html.in(frame(writer, List.of())));
    }

    private Frame frame(AddressWriter addresses, List<String> more) {
        List<String> all = new ArrayList<>(List.of(scripts.always()));
        all.addAll(more);
        return new Frame(
                        addresses,
                        words,
                        scripts.stylesheets().stream().map(addresses::write).toList(),
                        List.of(), // browsers let nothing be asked for beforehand from a disk
                        all.stream().map(addresses::write).toList(),
                        null)
                .unpointed();
    }

    /** A page that leads on by itself, where no rule of a server does. */
    private String leading(String from, String to) {
        String href = escaped(to.startsWith("/") ? AddressWriter.asFiles(from).write(to) : to);
        return "<!doctype html><html lang=\"" + words.language() + "\"><meta charset=\"utf-8\"><title>" + href
                + "</title><meta name=\"robots\" content=\"noindex\"><meta http-equiv=\"refresh\" content=\"0; url="
                + href
                + "\"><p><a href=\"" + href + "\">" + href + "</a></p></html>\n";
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("\"", "&quot;").replace("<", "&lt;");
    }

    /** The addresses for search engines; none while the address of the site is not known. */
    public List<String> sitemap() {
        String origin = site.details().address();
        return origin.isEmpty()
                ? List.of()
                : Sitemap.addresses(site, navigation.openings()).stream()
                        .map(AddressWriter.absolute(origin)::write)
                        .toList();
    }

    /** A script that gives the search its words and pages; a file of data would not be read without a server. */
    private String searchList() {
        Optional<String> search = site.builtIn(PageKind.SEARCH).map(id -> Addresses.of(site, id));
        AddressWriter addresses = AddressWriter.asFiles(search.orElse("/"));
        List<String> pages = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Page page = row.value();
            if (page.kind() == PageKind.PAGE
                    && Access.of(site, row.id(), navigation.openings()).isListedFor(Visitor.NON_MEMBER)) {
                pages.add(JsonText.list(
                        page.title(),
                        addresses.write(Addresses.of(site, row.id())),
                        String.join(" ", new TreeSet<>(page.topics())),
                        page.summary() + " " + texts.plain().apply(page)));
            }
        }
        return "window.siteSearch = {\n\"asked\": " + JsonText.of(ASKED)
                + ",\n\"found\": " + sentences("search.found", 0, NAMED)
                + ",\n\"best\": " + sentences("search.best", NAMED + 1, Math.clamp(pages.size(), NAMED + 1, COUNTED))
                + ",\n\"fewer\": " + JsonText.of(words.say("search.fewer"))
                + ",\n\"pages\": [\n" + String.join(",\n", pages) + "\n]};\n";
    }

    /** What is said for each count, since only here is known how the language counts. */
    private String sentences(String key, int from, int to) {
        return JsonText.list(IntStream.rangeClosed(from, to)
                .mapToObj(count -> words.say(key, Map.of("count", count, "asked", ASKED, "best", NAMED)))
                .toArray(String[]::new));
    }
}
