package velnik.core.navigation;

import com.ibm.icu.text.Collator;
import com.ibm.icu.util.ULocale;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Openings;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.ItemKind;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.site.Visitor;

/** Fills one list: its pages in their order, dressed, with the owner's own items among them. */
final class ListReading {
    private static final Comparator<Branch<PageId, Page>> BY_TITLE = byTitle();

    private final Site site;
    private final Openings openings;
    private final PageJudging judging;
    private final MenuReading menu;
    private final MenuRowId id;
    private final ItemKind.PageList list;
    private final @Nullable PageId visited;
    /** Whether all its rows are closed by the page they are under or one above that. */
    private boolean closedAbove;
    /** Whether all its rows are for members only, since what they are under is. */
    private boolean membersAbove;
    /** The owner's items by the row they stand under; those of the first level under null. */
    private final Map<@Nullable PageId, List<Branch<MenuRowId, MenuRow>>> own = new LinkedHashMap<>();

    private final Set<@Nullable PageId> filled = new HashSet<>();

    ListReading(
            Site site,
            Openings openings,
            MenuReading menu,
            Branch<MenuRowId, MenuRow> branch,
            ItemKind.PageList list,
            @Nullable PageId visited) {
        this.site = site;
        this.openings = openings;
        this.judging = new PageJudging(site, openings);
        this.menu = menu;
        this.id = branch.id();
        this.list = list;
        this.visited = visited;
        for (Branch<MenuRowId, MenuRow> child : branch.children()) {
            own.computeIfAbsent(anchorOf(child).under(), under -> new ArrayList<>())
                    .add(child);
        }
    }

    private static Comparator<Branch<PageId, Page>> byTitle() {
        Collator collator = Collator.getInstance(ULocale.ROOT).freeze();
        return Comparator.comparing(page -> page.value().title(), collator::compare);
    }

    private static Anchor anchorOf(Branch<MenuRowId, MenuRow> child) {
        return child.value() instanceof MenuRow.Item item && item.anchor() != null ? item.anchor() : Anchor.FIRST;
    }

    List<MenuEntry> entries() {
        List<MenuEntry> entries = new ArrayList<>(level(null, source(), isFlat() ? 1 : list.levels()));
        own.forEach((under, items) -> {
            if (!filled.contains(under)) {
                items.forEach(item -> entries.add(menu.item(item).withAbsence(new Absence.RowGone())));
            }
        });
        return entries;
    }

    private List<Branch<PageId, Page>> source() {
        return switch (list.source()) {
            case ListSource.WholeTree all -> site.pages().top();
            case ListSource.Under(PageId page) -> under(page);
            case ListSource.UnderVisited here -> under(visited);
            case ListSource.OfTopic(String topic) ->
                everywhere(page -> page.topics().contains(topic));
            case ListSource.Newest newest -> everywhere(page -> true);
        };
    }

    /** Whether its pages come from anywhere in the tree, and so without what is under them. */
    private boolean isFlat() {
        return list.source() instanceof ListSource.OfTopic || list.source() instanceof ListSource.Newest;
    }

    /** In reading order, without what stands beneath pages that lists do not yield. */
    private List<Branch<PageId, Page>> everywhere(Predicate<Page> wanted) {
        List<Branch<PageId, Page>> found = new ArrayList<>();
        collect(site.pages().top(), wanted, found);
        return found;
    }

    private void collect(List<Branch<PageId, Page>> pages, Predicate<Page> wanted, List<Branch<PageId, Page>> found) {
        for (Branch<PageId, Page> page : pages) {
            if (menu.isListed(page) && isThere(page)) {
                if (wanted.test(page.value())) {
                    found.add(page);
                }
                collect(page.children(), wanted, found);
            }
        }
    }

    private boolean isThere(Branch<PageId, Page> page) {
        return openings.run(Access.periodsOf(site, page));
    }

    private List<Branch<PageId, Page>> under(@Nullable PageId page) {
        if (page == null || !site.pages().contains(page) || !Access.isListedBeneath(site, page)) {
            return List.of();
        }
        Access access = Access.of(site, page, openings);
        closedAbove = access.closedBy() != null;
        membersAbove = access.membersBy() != null;
        return site.pages().childrenOf(page);
    }

    private List<MenuEntry> level(@Nullable PageId under, List<Branch<PageId, Page>> pages, int levels) {
        filled.add(under);
        List<MenuEntry> rows = new ArrayList<>();
        Optional<Integer> atMost = under == null ? list.atMost() : Optional.empty();
        ListRoom room = new ListRoom(atMost);
        if (levels > 0) {
            for (Branch<PageId, Page> page : ordered(atMost.isPresent() ? pages : menu.wanted(pages))) {
                if (menu.isListed(page) && !list.leftOut().contains(page.id())) {
                    Set<Visitor> can = judging.whoCanGet(page.id(), isForMembers(page));
                    Appearance appearance = list.dressOf(page.id()).appearance().inList();
                    // Beyond the limit for those who can get it, it is no row of the list at all.
                    if (!room.isTakenFor(appearance, can)) {
                        MenuEntry row =
                                row(page, room.left(appearance), can, levels).withBeyond(room.full());
                        rows.add(row);
                        if (row.absence().isEmpty()) {
                            room.takenFor(appearance, can);
                        }
                    }
                }
                if (room.isTaken()) {
                    break;
                }
            }
        }
        return withOwn(own.getOrDefault(under, List.of()), rows);
    }

    /** What is above a row in the list speaks for itself. */
    private boolean isForMembers(Branch<PageId, Page> page) {
        return isFlat()
                ? Access.of(site, page.id(), openings).membersBy() != null
                : membersAbove || Access.isForMembers(site, page);
    }

    private List<Branch<PageId, Page>> ordered(List<Branch<PageId, Page>> pages) {
        ListOrder order = list.source() instanceof ListSource.Newest ? ListOrder.NEWEST : list.order();
        return switch (order) {
            case TREE -> pages;
            case TITLE -> pages.stream().sorted(BY_TITLE).toList();
            case NEWEST -> newestFirst(pages);
        };
    }

    /**
     * By its date, else its latest opening, else its first release; of one day, a later release first. A page that was
     * part of none is as new as one published now, so that the order is the one it will have.
     */
    private List<Branch<PageId, Page>> newestFirst(List<Branch<PageId, Page>> pages) {
        return pages.stream()
                .map(page -> new Dated(page, newness(page)))
                .sorted(Comparator.comparing(Dated::newness, Comparator.reverseOrder()))
                .map(Dated::page)
                .toList();
    }

    private record Dated(Branch<PageId, Page> page, Newness newness) {}

    /** @param release {@link Instant#MIN} where the day is not that of a release */
    private record Newness(LocalDate day, Instant release) implements Comparable<Newness> {
        @Override
        public int compareTo(Newness other) {
            int days = day.compareTo(other.day);
            return days == 0 ? release.compareTo(other.release) : days;
        }
    }

    private Newness newness(Branch<PageId, Page> page) {
        LocalDate date = page.value().date();
        if (date != null) {
            return new Newness(date, Instant.MIN);
        }
        return openings.latestOpening(page.value().periods())
                .map(opened -> new Newness(LocalDate.ofInstant(opened, openings.zone()), Instant.MIN))
                .orElseGet(() -> {
                    Instant release = site.published().get(page.id());
                    return release == null
                            ? new Newness(openings.today(), Instant.MAX)
                            : new Newness(LocalDate.ofInstant(release, openings.zone()), release);
                });
    }

    private MenuEntry row(Branch<PageId, Page> page, Appearance appearance, Set<Visitor> can, int levels) {
        MenuEntry row = menu.made(
                new NavigationRow.Key(id, page.id()),
                list.dressOf(page.id()).label(),
                page.value().title(),
                page.id(),
                new Target.ToPage(page.id()),
                page.value().kind() == PageKind.GROUP,
                false,
                appearance,
                can,
                level(page.id(), page.children(), levels - 1));
        // What is above it in the list speaks for itself; a closed page is told to the owner, and shows to nobody.
        boolean asked = row.absence().isEmpty()
                && (closedAbove || !isThere(page) || page.value().kind() == PageKind.GROUP);
        return asked
                ? judging.withheld(page.id(), Access.of(site, page.id(), openings))
                        .map(row::withAbsence)
                        .orElse(row)
                : row;
    }

    /** Puts each item among the rows, behind the items put there before it. */
    private List<MenuEntry> withOwn(List<Branch<MenuRowId, MenuRow>> items, List<MenuEntry> rows) {
        if (items.isEmpty()) {
            return rows;
        }
        Map<@Nullable PageId, Integer> there = new HashMap<>();
        for (MenuEntry row : rows) {
            there.put(row.page(), there.size());
        }
        Map<Integer, List<MenuEntry>> before = new HashMap<>();
        for (Branch<MenuRowId, MenuRow> item : items) {
            before.computeIfAbsent(spot(anchorOf(item), there), any -> new ArrayList<>())
                    .add(menu.item(item));
        }
        List<MenuEntry> all = new ArrayList<>();
        for (int at = 0; at <= rows.size(); at++) {
            all.addAll(before.getOrDefault(at, List.of()));
            if (at < rows.size()) {
                all.add(rows.get(at));
            }
        }
        return all;
    }

    /**
     * The number of rows before an item: of the places beside the rows it remembers, the one with the fewest of them on the
     * other side than it was put; among such, one with remembered rows on both sides, then the nearest.
     */
    private static int spot(Anchor anchor, Map<@Nullable PageId, Integer> there) {
        List<Integer> behind = present(anchor.behind(), there);
        if (anchor.ahead() == null) {
            return behind.isEmpty() ? 0 : behind.getFirst() + 1;
        }
        if (anchor.behind().isEmpty()) {
            return 0;
        }
        if (anchor.ahead().isEmpty()) {
            return there.size();
        }
        List<Integer> ahead = present(anchor.ahead(), there);
        return Stream.concat(behind.stream().map(row -> row + 1), ahead.stream())
                .min(Comparator.<Integer, Long>comparing(spot -> behind.stream()
                                        .filter(row -> row >= spot)
                                        .count()
                                + ahead.stream().filter(row -> row < spot).count())
                        .thenComparing(spot -> (behind.contains(spot - 1) ? 0 : 1) + (ahead.contains(spot) ? 0 : 1)))
                .orElse(0);
    }

    private static List<Integer> present(List<PageId> pages, Map<@Nullable PageId, Integer> there) {
        return pages.stream().filter(there::containsKey).map(there::get).toList();
    }
}
