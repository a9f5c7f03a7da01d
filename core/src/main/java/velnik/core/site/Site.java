package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.outline.Branch;
import velnik.core.outline.Outline;
import velnik.core.outline.Place;

/**
 * Everything the owner arranges, as one immutable value. The working copy is a site; so is what a release shows.
 *
 * @param home the page whose address is {@code /}; null only while there are no pages but built-in ones
 * @param menus all menus in one outline: each {@link MenuRow.Menu} a row at the top, its items beneath
 * @param layouts the owner's own, beside those that every site has
 * @param assignments at most one for each zone and scope
 * @param forwards at most one from each source
 * @param files pictures and other files, which pages and items name; what they hold is kept apart
 * @param bin what was removed and can be put back, the oldest first; part of no release
 * @param past what releases left behind; no change makes it
 */
@RecordBuilder
public record Site(
        Details details,
        Outline<PageId, Page> pages,
        @Nullable PageId home,
        Outline<MenuRowId, MenuRow> menus,
        List<Layout> layouts,
        List<Assignment> assignments,
        List<Forward> forwards,
        List<SiteFile> files,
        List<Removal> bin,
        Past past)
        implements SiteBuilder.With {

    /** What members read in the place of the sign-in page's title. */
    public static final String SIGN_OUT = "Sign out";

    private static final Comparator<Assignment> BY_ZONE_AND_SCOPE = Comparator.comparing(Assignment::zone)
            .thenComparing(assignment -> assignment.scope().word());
    private static final Comparator<Forward> BY_SOURCE = Comparator.comparing(
                    (Forward forward) -> forward.from().getClass().getSimpleName())
            .thenComparing(forward -> forward.from().word());
    private static final Comparator<Layout> BY_ID =
            Comparator.comparing(layout -> layout.id().value());
    private static final Comparator<SiteFile> BY_FILE =
            Comparator.comparing(file -> file.id().value());
    private static final Comparator<Removal> BY_TIME = Comparator.comparing(Removal::at)
            .thenComparing(removal -> removal.id().value());

    public Site {
        layouts = ordered(layouts, BY_ID);
        assignments = ordered(assignments, BY_ZONE_AND_SCOPE);
        forwards = ordered(forwards, BY_SOURCE);
        files = ordered(files, BY_FILE);
        bin = ordered(bin, BY_TIME);
        if (!isHomeOf(pages, home)) {
            throw new IllegalArgumentException("a site with pages has one of them as its home, not " + home);
        }
    }

    /** Whether a site of these pages can have this home page, or none. */
    public static boolean isHomeOf(Outline<PageId, Page> pages, @Nullable PageId home) {
        return home == null
                ? pages.walk().stream().allMatch(row -> row.value().kind().isBuiltIn())
                : pages.contains(home);
    }

    /** The order they are given in says nothing; one order makes equal sites equal. */
    private static <T> List<T> ordered(List<T> given, Comparator<T> order) {
        for (int i = 1; i < given.size(); i++) {
            if (order.compare(given.get(i - 1), given.get(i)) >= 0) {
                return given.stream().sorted(order).toList();
            }
        }
        return List.copyOf(given);
    }

    /** Before anything was arranged. */
    public static Site bare() {
        return new Site(
                Details.NONE,
                Outline.empty(),
                null,
                Outline.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Past.NONE);
    }

    public boolean isHome(PageId page) {
        return page.equals(home);
    }

    /**
     * The end of what a menu ordinarily has: before the items that come last for everybody, those at the far end and those
     * that lead to built-in pages, such as search, and before the blocks that end it. Costs O(items of the first level).
     */
    public Place<MenuRowId> endOfOrdinary(MenuRowId menu) {
        @Nullable MenuRowId last = null;
        @Nullable MenuRowId lastBlock = null;
        for (Branch<MenuRowId, MenuRow> row : menus.childrenOf(menu)) {
            if (row.value() instanceof MenuRow.Item item && !comesLast(item)) {
                if (item.kind() instanceof ItemKind.Block) {
                    lastBlock = row.id();
                } else {
                    last = row.id();
                }
            }
        }
        return new Place<>(menu, last == null ? lastBlock : last);
    }

    private boolean comesLast(MenuRow.Item item) {
        return item.appearance().farEnd()
                || item.kind() instanceof ItemKind.ToPage to
                        && pages.find(to.page())
                                .filter(page -> page.kind().isBuiltIn())
                                .isPresent();
    }

    /** The page of a built-in kind; empty where an older site was not given it yet. */
    public Optional<PageId> builtIn(PageKind kind) {
        return Optional.of(idOfBuiltIn(kind)).filter(pages::contains);
    }

    /** The built-in kinds that an older site was not given yet. */
    public List<PageKind> lackingBuiltIns() {
        return Arrays.stream(PageKind.values())
                .filter(kind -> kind.isBuiltIn() && builtIn(kind).isEmpty())
                .toList();
    }

    /** What the page of a built-in kind is called on every site. */
    public static PageId idOfBuiltIn(PageKind kind) {
        return new PageId("built-in-" + kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
    }

    /** One of the owner's own. */
    public Optional<Layout> findLayout(LayoutId id) {
        return layouts.stream().filter(layout -> layout.id().equals(id)).findFirst();
    }

    /** Whether pages can have a layout: every site has it, or it is one of the owner's own. */
    public boolean hasLayout(LayoutId id) {
        return id.isOfEverySite() || findLayout(id).isPresent();
    }

    /** The layout of every site whose frame the pages of a layout have. */
    public LayoutId frameOf(LayoutId id) {
        return findLayout(id).map(Layout::frame).orElse(id);
    }

    public Optional<Assignment> findAssignment(Assignment.Key key) {
        return assignments.stream()
                .filter(assignment -> assignment.key().equals(key))
                .findFirst();
    }

    public Optional<Forward> findForward(Forward.Source from) {
        return forwards.stream().filter(forward -> forward.from().equals(from)).findFirst();
    }

    /** Costs O(files). */
    public Optional<SiteFile> findFile(FileId id) {
        return files.stream().filter(file -> file.id().equals(id)).findFirst();
    }

    /** A file that pages can show. Costs O(files). */
    public Optional<SiteFile> findPicture(FileId id) {
        return findFile(id).filter(file -> file.content().isPicture());
    }

    public Map<Forward.Source, Forward> forwardsBySource() {
        Map<Forward.Source, Forward> bySource = new HashMap<>();
        forwards.forEach(forward -> bySource.put(forward.from(), forward));
        return bySource;
    }

    /** When each page was first part of a release, those since removed too. */
    public Map<PageId, Instant> published() {
        return past.published();
    }

    /** The menu that a row of the outline of menus belongs to; itself for a menu. */
    public MenuRowId menuOf(MenuRowId row) {
        return menus.pathTo(row).getFirst().id();
    }

    /** @throws IllegalArgumentException when the row is a menu */
    public MenuRow.Item item(MenuRowId row) {
        if (menus.get(row) instanceof MenuRow.Item item) {
            return item;
        }
        throw new IllegalArgumentException(row + " is a menu, not an item");
    }

    /** Whether members get anything that others do not, or others what members do not. Costs O(pages + rows of menus). */
    public boolean tellsVisitorsApart() {
        return pages.walk().stream().anyMatch(row -> row.value().membersOnly())
                || menus.walk().stream()
                        .flatMap(row -> Appearance.within(row.value()))
                        .anyMatch(appearance -> appearance.visitors().size() < Visitor.ANY.size());
    }

    /** Every topic that a page has, in order. Costs O(pages). */
    public SortedSet<String> topics() {
        SortedSet<String> topics = new TreeSet<>();
        pages.walk().forEach(row -> topics.addAll(row.value().topics()));
        return topics;
    }

    public Optional<Removal> findRemoval(RemovalId id) {
        return bin.stream().filter(removal -> removal.id().equals(id)).findFirst();
    }

    /** A page as it lies in the bin. */
    public Optional<Page> findRemoved(PageId page) {
        return removed(Removal::pages, page);
    }

    /** A menu or item as it lies in the bin. */
    public Optional<MenuRow> findRemoved(MenuRowId row) {
        return removed(Removal::rows, row);
    }

    /** Every page that lies in the bin. Costs O(bin). */
    public Set<PageId> removedPages() {
        Set<PageId> removed = new HashSet<>();
        bin.forEach(removal -> removal.pages().forEach(part -> part.rows().forEach(row -> removed.add(row.id()))));
        return removed;
    }

    /** Every menu and item that lies in the bin. Costs O(bin). */
    public Set<MenuRowId> removedRows() {
        Set<MenuRowId> removed = new HashSet<>();
        bin.forEach(removal -> removal.rows().forEach(part -> part.rows().forEach(row -> removed.add(row.id()))));
        return removed;
    }

    private <K, V> Optional<V> removed(Function<Removal, List<Removal.Part<K, V>>> parts, K id) {
        return bin.stream()
                .flatMap(removal -> parts.apply(removal).stream())
                .flatMap(part -> part.rows().stream())
                .filter(row -> row.id().equals(id))
                .map(Outline.Entry::value)
                .findFirst();
    }

    /** Both at once, since the home page is one of them. */
    public Site withPages(Outline<PageId, Page> newPages, @Nullable PageId newHome) {
        return with().pages(newPages).home(newHome).build();
    }
}
