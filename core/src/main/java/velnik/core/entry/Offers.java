package velnik.core.entry;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.content.LinkedTexts;
import velnik.core.content.TextPlace;
import velnik.core.explanation.Words;
import velnik.core.listing.TopicListings;
import velnik.core.menus.OwnAddresses;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.text.Latin;
import velnik.core.text.Shortened;

/** Understands one line typed to add an item, and offers what it could mean, the likeliest first. */
public final class Offers {
    private static final int PAGES = 8;

    /** Pages of which what is under them is offered as a list. */
    private static final int BRANCHES = 2;

    /** Places on pages that are offered. */
    private static final int PLACES = 5;

    /** Files that are offered; pictures are shown on pages rather than led to. */
    private static final int FILES = 5;

    private Offers() {}

    /** What a typed line could become. */
    public sealed interface Offer {
        /**
         * @param label what the item would read; empty to follow the title
         * @param placed whether the menu shows the page already
         */
        record OfPage(PageId page, String title, String label, String address, boolean placed) implements Offer {}

        /**
         * @param label what the item would read
         * @param own whether that was typed; else it follows what the item leads to
         */
        record OfLink(ItemKind kind, String label, boolean own) implements Offer {}

        /** The listing of a topic, beneath the page index. */
        record OfListing(String topic, String address) implements Offer {}

        /** @param words that say which */
        record OfBlock(ItemKind.Block block, String words) implements Offer {}

        record OfHeading(String label) implements Offer {}

        record OfText(String label) implements Offer {}

        /** Rows that come by themselves. */
        record OfList(ItemKind.PageList list, String words) implements Offer {}

        /** All items of another menu. */
        record OfMenu(MenuRowId menu, String name) implements Offer {}

        /** A page that is not there yet, made on the spot. */
        record OfNewPage(String title) implements Offer {}

        /** Meant as a link, and refused. */
        record Refused(String sentence) implements Offer {}
    }

    /** Levels of the page tree that a list begins with. */
    private static final int LEVELS = 2;

    /** Rows that a list of the newest pages begins with. */
    private static final int NEWEST = 5;

    /**
     * What can stand in a menu without anything being typed: lists, content blocks, and the other menus. Costs O(pages +
     * menus).
     */
    public static List<Offer> ofThemselves(Site site, MenuRowId menu) {
        List<Offer> offers = lists(site);
        BlockOffers.ofThemselves(site).forEach(offers::add);
        offers.addAll(menus(site, menu));
        return offers;
    }

    private static List<Offer> lists(Site site) {
        List<Offer> offers = new ArrayList<>();
        offers.add(list(site, ItemKind.PageList.of(new ListSource.WholeTree(), LEVELS)));
        site.pages().walk().stream()
                .filter(row -> !row.children().isEmpty())
                .findFirst()
                .ifPresent(row -> offers.add(under(site, row.id())));
        offers.add(list(site, ItemKind.PageList.of(new ListSource.UnderVisited(), 1)));
        offers.add(list(site, ItemKind.PageList.newestOf(new ListSource.Newest(), NEWEST)));
        for (String topic : site.topics()) {
            offers.add(list(site, ItemKind.PageList.of(new ListSource.OfTopic(topic), 1)));
        }
        return offers;
    }

    private static List<Offer.OfMenu> menus(Site site, MenuRowId but) {
        List<Offer.OfMenu> offers = new ArrayList<>();
        for (Branch<MenuRowId, MenuRow> other : site.menus().top()) {
            if (!other.id().equals(but) && other.value() instanceof MenuRow.Menu named) {
                offers.add(new Offer.OfMenu(other.id(), named.name()));
            }
        }
        return offers;
    }

    private static Offer under(Site site, PageId page) {
        return list(site, ItemKind.PageList.of(new ListSource.Under(page), 1));
    }

    private static Offer list(Site site, ItemKind.PageList list) {
        return new Offer.OfList(list, Words.capital(Words.source(site, list.source())));
    }

    /** What a typed line could become, likeliest first. Costs O(pages + places + menus + items of the menu). */
    public static List<Offer> of(Site site, LinkedTexts texts, MenuRowId menu, String typed) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return List.of();
        }
        Set<PageId> placed = new HashSet<>();
        MenuReading.of(site, Openings.ALWAYS, menu, null).forEach(entry -> collect(entry, placed));
        TypedLine line = TypedLine.of(text, site.details().address());
        String label = line.label();
        return switch (Links.read(line.target(), site.details().address())) {
            case Links.Read.Refused(String sentence) -> List.of(new Offer.Refused(sentence));
            case Links.Read.Web(String address) -> link(new ItemKind.WebLink(address), label, Links.labelOf(address));
            case Links.Read.Mail(String address) ->
                theirOwn(site, ItemKind.Way.MAIL, address, label, new ItemKind.Mail(address), address);
            case Links.Read.Phone(String number) ->
                theirOwn(site, ItemKind.Way.PHONE, number, label, new ItemKind.Phone(number), Links.numberOf(number));
            case Links.Read.OfThisSite(String address) -> ofThisSite(site, texts, address, label, placed);
            case Links.Read.NoLink() ->
                label.isEmpty() ? words(site, texts, menu, text, placed) : renamed(site, line, placed);
        };
    }

    private static void collect(MenuEntry entry, Set<PageId> placed) {
        if (entry.page() != null) {
            placed.add(entry.page());
        }
        entry.rows().forEach(row -> collect(row, placed));
    }

    private static List<Offer> link(ItemKind kind, String label, String followed) {
        return List.of(new Offer.OfLink(kind, label.isEmpty() ? followed : label, !label.isEmpty()));
    }

    /** What is typed on The business already is offered to follow it, before a copy of it. */
    private static List<Offer> theirOwn(
            Site site, ItemKind.Way way, String typed, String label, ItemKind copied, String followed) {
        List<Offer> offers = new ArrayList<>();
        if (site.details().contact().by(way).equals(typed)) {
            offers.addAll(link(new ItemKind.OfBusiness(way), label, followed));
        }
        offers.addAll(link(copied, label, followed));
        return offers;
    }

    /** By what else the ways to reach the business are asked for, without accents and capitals. */
    private static final Map<ItemKind.Way, Set<String>> REACHED = Map.of(
            ItemKind.Way.PHONE, Set.of("phone", "telephone", "phone number", "our phone", "ring us", "call us"),
            ItemKind.Way.MAIL, Set.of("mail", "e-mail", "email", "mail address", "our mail", "write to us"));

    /** By what the channels are asked for. */
    private static final Set<String> CHANNELS =
            Set.of("channels", "our channels", "elsewhere", "social", "social media", "follow us", "icons");

    private static List<Offer> ofThisSite(
            Site site, LinkedTexts texts, String address, String label, Set<PageId> placed) {
        return switch (OwnAddresses.read(site, address).orElse(new ItemKind.WebLink(address))) {
            case ItemKind.ToPage(PageId page, int carries) -> List.of(page(site, page, label, placed));
            case ItemKind.ToPlace(PageId page, String name) ->
                List.of(place(
                        page,
                        name,
                        label.isEmpty()
                                ? FoundPlaces.on(site, texts, page, name)
                                        .map(TextPlace::words)
                                        .orElseGet(() -> site.pages().get(page).title())
                                : label));
            case ItemKind link -> link(link, label, address);
        };
    }

    /** A heading's words are the item's own: it does not follow what is written on a page. */
    private static Offer place(PageId page, String name, String words) {
        return new Offer.OfLink(new ItemKind.ToPlace(page, name), Shortened.to(Limits.TITLE - 1, words), true);
    }

    private static Offer page(Site site, PageId page, String label, Set<PageId> placed) {
        String title = site.pages().get(page).title();
        return new Offer.OfPage(
                page, title, label.equals(title) ? "" : label, Addresses.of(site, page), placed.contains(page));
    }

    /** A page under another label; where no page is meant, the line is words after all. */
    private static List<Offer> renamed(Site site, TypedLine line, Set<PageId> placed) {
        List<Offer> offers = new ArrayList<>();
        for (PageId page : matching(site, line.target(), placed)) {
            offers.add(page(site, page, line.label(), placed));
        }
        addWords(offers, line.words());
        return offers;
    }

    private static void addWords(List<Offer> offers, String text) {
        offers.add(new Offer.OfHeading(text));
        offers.add(new Offer.OfText(text));
        offers.add(new Offer.OfNewPage(text));
    }

    private static List<Offer> words(Site site, LinkedTexts texts, MenuRowId menu, String text, Set<PageId> placed) {
        List<Offer> offers = new ArrayList<>();
        List<PageId> pages = matching(site, text, placed);
        for (PageId page : pages) {
            offers.add(page(site, page, "", placed));
        }
        String wanted = Latin.of(text);
        for (ItemKind.Way way : ItemKind.Way.values()) {
            String reached = site.details().contact().by(way);
            if (!reached.isEmpty() && requireNonNull(REACHED.get(way)).contains(wanted)) {
                offers.add(new Offer.OfLink(new ItemKind.OfBusiness(way), reached, false));
            }
        }
        if (!site.details().channels().isEmpty() && CHANNELS.contains(wanted)) {
            offers.add(new Offer.OfLink(
                    new ItemKind.Channels(), Words.channels(site.details().channels()), false));
        }
        offers.addAll(BlockOffers.of(site, wanted));
        site.files().stream()
                .filter(file -> !file.content().isPicture() && Rank.of(Latin.of(file.name()), wanted) >= 0)
                .limit(FILES)
                .forEach(file -> offers.add(new Offer.OfLink(new ItemKind.ToFile(file.id()), file.name(), false)));
        FoundPlaces.of(site, texts, text, PLACES)
                .forEach(found -> offers.add(
                        place(found.page(), found.place().name(), found.place().words())));
        for (TopicListings.Listing listing :
                TopicListings.of(site, Openings.ALWAYS, Visitor.MEMBER).all()) {
            if (Rank.of(Latin.of(listing.topic()), wanted) >= 0) {
                offers.add(new Offer.OfListing(listing.topic(), listing.address()));
            }
        }
        for (Offer offer : lists(site)) {
            if (offer instanceof Offer.OfList(ItemKind.PageList list, String words)
                    && !(list.source() instanceof ListSource.Under)
                    && Rank.of(Latin.of(words), wanted) >= 0) {
                offers.add(offer);
            }
        }
        menus(site, menu).stream()
                .filter(other -> Rank.of(Latin.of(other.name()), wanted) >= 0)
                .forEach(offers::add);
        pages.stream()
                .filter(page -> !site.pages().childrenOf(page).isEmpty())
                .limit(BRANCHES)
                .forEach(page -> offers.add(under(site, page)));
        offers.addAll(BlockOffers.pictures(site, wanted, true));
        addWords(offers, text);
        pages.stream()
                .filter(page -> site.pages().get(page).kind() == PageKind.PAGE)
                .limit(BRANCHES)
                .forEach(page -> offers.add(BlockOffers.summary(site, page)));
        offers.addAll(BlockOffers.pictures(site, wanted, false));
        BlockOffers.words(text).ifPresent(offers::add);
        return offers;
    }

    /** By what else the built-in pages are asked for, without accents and capitals. */
    private static final Map<PageKind, Set<String>> CALLED = Map.of(
            PageKind.SEARCH, Set.of("search", "find"),
            PageKind.SIGN_IN, Set.of("sign in", "log in", "login", "members"),
            PageKind.PAGE_INDEX, Set.of("page index", "index", "site map", "sitemap", "all pages"));

    private record Match(PageId page, int rank, boolean placed, int length, int order) {}

    /**
     * Pages that are called what was typed, best first: by the whole title; then those the menu does not show yet before
     * the others, by its beginning, by a word's beginning, by anything in it.
     */
    private static List<PageId> matching(Site site, String text, Set<PageId> placed) {
        String wanted = Latin.of(text);
        List<Match> matches = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            String title = Latin.of(row.value().title());
            boolean called = CALLED.getOrDefault(row.value().kind(), Set.of()).contains(wanted);
            int rank = called ? 0 : Rank.of(title, wanted);
            if (rank >= 0) {
                boolean shown = rank > 0 && placed.contains(row.id());
                matches.add(new Match(row.id(), rank, shown, title.length(), matches.size()));
            }
        }
        return matches.stream()
                .sorted(Comparator.comparing((Match match) -> match.rank() > 0)
                        .thenComparing(Match::placed)
                        .thenComparingInt(Match::rank)
                        .thenComparingInt(Match::length)
                        .thenComparingInt(Match::order))
                .limit(PAGES)
                .map(Match::page)
                .toList();
    }
}
