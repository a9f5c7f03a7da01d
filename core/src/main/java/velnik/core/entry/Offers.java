package velnik.core.entry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.explanation.Words;
import velnik.core.navigation.MenuEntry;
import velnik.core.navigation.MenuReading;
import velnik.core.outline.Branch;
import velnik.core.reach.Openings;
import velnik.core.site.ItemKind;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Latin;

/** Understands one line typed to add an item, and offers what it could mean, the likeliest first. */
public final class Offers {
    private static final int PAGES = 8;
    private static final Pattern GAPS = Pattern.compile("[^\\p{L}\\p{N}]+");

    /** Pages of which what is under them is offered as a list. */
    private static final int BRANCHES = 2;

    private Offers() {}

    /** What a typed line could become. */
    public sealed interface Offer {
        /** @param placed whether the menu shows the page already */
        record OfPage(PageId page, String title, String address, boolean placed) implements Offer {}

        /** @param label what the item would read */
        record OfLink(ItemKind kind, String label) implements Offer {}

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

    /** What can stand in a menu without anything being typed: lists, and the other menus. Costs O(pages + menus). */
    public static List<Offer> ofThemselves(Site site, MenuRowId menu) {
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
        for (Branch<MenuRowId, MenuRow> other : site.menus().top()) {
            if (!other.id().equals(menu) && other.value() instanceof MenuRow.Menu named) {
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

    /** What a typed line could become, likeliest first. Costs O(pages + menus + items of the menu). */
    public static List<Offer> of(Site site, MenuRowId menu, String typed) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return List.of();
        }
        Set<PageId> placed = new HashSet<>();
        MenuReading.of(site, Openings.ALWAYS, menu, null).forEach(entry -> collect(entry, placed));
        return switch (Links.read(text, site.details().address())) {
            case Links.Read.Refused(String sentence) -> List.of(new Offer.Refused(sentence));
            case Links.Read.Web(String address) -> link(new ItemKind.WebLink(address), Links.labelOf(address));
            case Links.Read.Mail(String address) -> link(new ItemKind.Mail(address), address);
            case Links.Read.Phone(String number) -> link(new ItemKind.Phone(number), Links.numberOf(number));
            case Links.Read.OfThisSite(String address) -> ofThisSite(site, address, placed);
            case Links.Read.NoLink() -> words(site, menu, text, placed);
        };
    }

    private static void collect(MenuEntry entry, Set<PageId> placed) {
        if (entry.page() != null) {
            placed.add(entry.page());
        }
        entry.rows().forEach(row -> collect(row, placed));
    }

    private static List<Offer> link(ItemKind kind, String label) {
        return List.of(new Offer.OfLink(kind, label));
    }

    private static List<Offer> ofThisSite(Site site, String address, Set<PageId> placed) {
        Optional<PageId> page = Addresses.find(site, address);
        return page.map(found -> List.of(page(site, found, placed)))
                .orElseGet(() -> link(new ItemKind.WebLink(address), address));
    }

    private static Offer page(Site site, PageId page, Set<PageId> placed) {
        return new Offer.OfPage(page, site.pages().get(page).title(), Addresses.of(site, page), placed.contains(page));
    }

    private static List<Offer> words(Site site, MenuRowId menu, String text, Set<PageId> placed) {
        List<Offer> offers = new ArrayList<>();
        List<PageId> pages = matching(site, text);
        for (PageId page : pages) {
            offers.add(page(site, page, placed));
        }
        offers.add(new Offer.OfHeading(text));
        offers.add(new Offer.OfText(text));
        offers.add(new Offer.OfNewPage(text));
        pages.stream()
                .filter(page -> !site.pages().childrenOf(page).isEmpty())
                .limit(BRANCHES)
                .forEach(page -> offers.add(under(site, page)));
        String wanted = Latin.of(text);
        for (Offer offer : ofThemselves(site, menu)) {
            boolean meant = switch (offer) {
                case Offer.OfList(ItemKind.PageList list, String words) ->
                    !(list.source() instanceof ListSource.Under) && rank(Latin.of(words), wanted) >= 0;
                case Offer.OfMenu(MenuRowId other, String name) -> rank(Latin.of(name), wanted) >= 0;
                default -> false;
            };
            if (meant) {
                offers.add(offer);
            }
        }
        return offers;
    }

    private record Match(PageId page, int rank, int length, int order) {}

    /** Pages whose titles hold what was typed, best first: whole title, its beginning, a word's beginning, anywhere. */
    static List<PageId> matching(Site site, String text) {
        String wanted = Latin.of(text);
        List<Match> matches = new ArrayList<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            String title = Latin.of(row.value().title());
            int rank = rank(title, wanted);
            if (rank >= 0) {
                matches.add(new Match(row.id(), rank, title.length(), matches.size()));
            }
        }
        return matches.stream()
                .sorted(Comparator.comparingInt(Match::rank)
                        .thenComparingInt(Match::length)
                        .thenComparingInt(Match::order))
                .limit(PAGES)
                .map(Match::page)
                .toList();
    }

    /** 0 is best; -1 is no match. */
    private static int rank(String title, String wanted) {
        if (title.equals(wanted)) {
            return 0;
        }
        if (title.startsWith(wanted)) {
            return 1;
        }
        List<String> words = List.of(GAPS.split(title));
        if (words.stream().anyMatch(word -> word.startsWith(wanted))) {
            return 2;
        }
        if (title.contains(wanted)) {
            return 3;
        }
        boolean each = List.of(GAPS.split(wanted)).stream()
                .allMatch(part -> !part.isEmpty() && words.stream().anyMatch(word -> word.startsWith(part)));
        return each ? 4 : -1;
    }
}
