package velnik.core.undo;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.change.Refusal;
import velnik.core.compare.DetailsFields;
import velnik.core.compare.Difference;
import velnik.core.compare.KeyedDifference;
import velnik.core.compare.MenuRowFields;
import velnik.core.compare.PageFields;
import velnik.core.compare.ValueDifference;
import velnik.core.draft.Checks;
import velnik.core.draft.MenuChecks;
import velnik.core.explanation.Labels;
import velnik.core.explanation.Words;
import velnik.core.menus.Assigning;
import velnik.core.outline.Outline;
import velnik.core.outline.OutlineDifference;
import velnik.core.outline.RowDifference;
import velnik.core.site.Assignment;
import velnik.core.site.Details;
import velnik.core.site.FileId;
import velnik.core.site.Forward;
import velnik.core.site.Layout;
import velnik.core.site.LayoutId;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Scope;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;

/**
 * Takes a change back where nothing was built upon it since: wherever the present values still are those the change
 * left. Fields and rows that the change did not touch stay as they are now.
 */
public final class Undoing {
    private Undoing() {}

    /** What became of an undo. */
    public sealed interface Result {
        record Undone(Site site) implements Result {}

        record Blocked(Refusal.BuiltUpon why) implements Result {}
    }

    /**
     * Applies a difference backwards. To redo, give the reversed difference.
     *
     * @return the site without it, or a refusal naming the first thing that was changed since
     */
    public static Result undo(Site present, Difference done) {
        Difference back = done.reversed();
        Optional<Details> details = back.details()
                .map(undone -> DetailsFields.carry(undone.before(), undone.after(), present.details()))
                .orElse(Optional.of(present.details()));
        if (!holds(back.home(), Optional.ofNullable(present.home())) || details.isEmpty()) {
            return blocked("The site");
        }
        for (KeyedDifference<LayoutId, Layout> layout : back.layouts()) {
            if (!layout.before().equals(present.findLayout(layout.key()))) {
                return blocked(Words.layout(present, layout.key()));
            }
        }
        for (KeyedDifference<FileId, SiteFile> file : back.files()) {
            if (!file.before().equals(present.findFile(file.key()))) {
                return blocked(Words.file(present, file.key()));
            }
        }
        if (!back.bin().fits(present.bin())) {
            return blocked("What lies in the bin");
        }
        for (KeyedDifference<Assignment.Key, Assignment> assignment : back.assignments()) {
            if (!assignment.before().equals(present.findAssignment(assignment.key()))) {
                return blocked("What that zone shows");
            }
        }
        if (!back.forwards().isEmpty()) {
            Map<Forward.Source, Forward> there = present.forwardsBySource();
            for (KeyedDifference<Forward.Source, Forward> forward : back.forwards()) {
                if (!forward.before().equals(Optional.ofNullable(there.get(forward.key())))) {
                    return blocked("Where that address leads");
                }
            }
        }
        return switch (new RowsBack<>(present.pages(), back.pages(), PageFields::carry).run()) {
            case RowsBack.Result.Blocked<PageId, Page>(PageId page) ->
                blocked(present.pages().find(page).map(Page::title).orElse("The page"));
            case RowsBack.Result.Fits<PageId, Page>(OutlineDifference<PageId, Page> pages) -> {
                Outline<PageId, Page> undone = pages.applyTo(present.pages());
                yield keepsAHome(present, back, undone)
                        ? withMenus(present.withDetails(details.get()), back, pages, undone)
                        : blocked("The home page");
            }
        };
    }

    /**
     * A change taken back together with later ones that build upon it.
     *
     * @param site without any of them
     * @param later which of the later ones, by their index from 0, ascending; none of them can be left out
     */
    public record Together(Site site, List<Integer> later) {
        public Together {
            later = List.copyOf(later);
        }
    }

    /** How many later changes are looked through at most; each is tried without. */
    public static final int LOOKED_THROUGH = 40;

    /**
     * Takes back a change and those of the later ones that it takes; none, where it can be taken back alone. Costs as many undos as the square of their number.
     *
     * @param later those still in force, oldest first
     * @return empty where there are more than {@link #LOOKED_THROUGH}, or where even all of them do not do
     */
    public static Optional<Together> undoTogether(Site present, Difference done, List<Difference> later) {
        if (undo(present, done) instanceof Result.Undone(Site alone)) {
            return Optional.of(new Together(alone, List.of()));
        }
        List<Integer> needed = new ArrayList<>();
        for (int i = 0; i < later.size(); i++) {
            needed.add(i);
        }
        Optional<Site> undone =
                later.size() > LOOKED_THROUGH ? Optional.empty() : undoAll(present, done, later, needed);
        for (int i = 0; undone.isPresent() && i < later.size(); i++) {
            List<Integer> fewer = new ArrayList<>(needed);
            fewer.remove((Integer) i);
            Optional<Site> without = undoAll(present, done, later, fewer);
            if (without.isPresent()) {
                needed = fewer;
                undone = without;
            }
        }
        List<Integer> least = needed;
        return undone.map(site -> new Together(site, least));
    }

    private static Optional<Site> undoAll(Site present, Difference done, List<Difference> later, List<Integer> which) {
        Optional<Site> site = Optional.of(present);
        for (int index : which.reversed()) {
            site = site.flatMap(now -> undone(now, later.get(index)));
        }
        return site.flatMap(now -> undone(now, done));
    }

    private static Optional<Site> undone(Site present, Difference done) {
        return undo(present, done) instanceof Result.Undone(Site site) ? Optional.of(site) : Optional.empty();
    }

    private static Result withMenus(
            Site present, Difference back, OutlineDifference<PageId, Page> pages, Outline<PageId, Page> undone) {
        return switch (new RowsBack<>(present.menus(), back.menus(), MenuRowFields::carry).run()) {
            case RowsBack.Result.Blocked<MenuRowId, MenuRow>(MenuRowId row) ->
                blocked(present.menus().contains(row) ? Labels.of(present, row) : "The item");
            case RowsBack.Result.Fits<MenuRowId, MenuRow>(OutlineDifference<MenuRowId, MenuRow> menus) -> {
                Site site = new Difference(
                                pages,
                                back.home(),
                                menus,
                                back.layouts(),
                                back.assignments(),
                                back.forwards(),
                                back.files(),
                                Optional.empty(),
                                back.bin())
                        .applyTo(present, undone);
                yield checkedPages(site, pages)
                        .or(() -> checkedMenus(site, menus))
                        .or(() -> checkedScopes(site, back))
                        .or(() -> checkedLayouts(site, back, pages))
                        .or(() -> checkedNames(site))
                        .<Result>map(Result.Blocked::new)
                        .orElseGet(() -> new Result.Undone(site));
            }
        };
    }

    /** The page that was home may have gone since, and the one that would go may be home now. */
    private static boolean keepsAHome(Site present, Difference back, Outline<PageId, Page> undone) {
        Optional<PageId> home = back.home().map(ValueDifference::after).orElse(Optional.ofNullable(present.home()));
        return Site.isHomeOf(undone, home.orElse(null));
    }

    private static Result blocked(String what) {
        return new Result.Blocked(new Refusal.BuiltUpon(what));
    }

    private static <T> boolean holds(Optional<ValueDifference<T>> difference, T now) {
        return difference.isEmpty() || difference.get().before().equals(now);
    }

    /** A slug that was free then may be taken now, and a branch may have grown deeper. */
    private static Optional<Refusal.BuiltUpon> checkedPages(Site site, OutlineDifference<PageId, Page> pages) {
        Map<@Nullable PageId, Set<String>> shared = new HashMap<>();
        for (RowDifference<PageId, Page> row : pages.rows()) {
            if (!site.pages().contains(row.id())) {
                continue;
            }
            Page page = site.pages().get(row.id());
            @Nullable PageId parent = site.pages().parentOf(row.id()).orElse(null);
            boolean fits = !Objects.requireNonNull(shared.computeIfAbsent(parent, any -> Addresses.shared(site, any)))
                            .contains(page.slug())
                    && Checks.depth(site, parent, site.pages().heightOf(row.id()))
                            .isEmpty();
            if (!fits) {
                return Optional.of(new Refusal.BuiltUpon(page.title()));
            }
        }
        return Optional.empty();
    }

    /** A page may have come into another assignment of single pages. */
    private static Optional<Refusal.BuiltUpon> checkedScopes(Site site, Difference back) {
        boolean overlap = back.assignments().stream()
                .flatMap(assignment -> assignment.after().stream())
                .anyMatch(assignment -> Assigning.overlapsAnother(site, assignment));
        return overlap ? Optional.of(new Refusal.BuiltUpon("What that zone shows")) : Optional.empty();
    }

    /** A page, a zone or new pages may have got a layout that would go, or would get back one that went. */
    private static Optional<Refusal.BuiltUpon> checkedLayouts(
            Site site, Difference back, OutlineDifference<PageId, Page> pages) {
        Set<LayoutId> named = new HashSet<>();
        if (back.layouts().isEmpty()) {
            for (RowDifference<PageId, Page> row : pages.rows()) {
                site.pages().find(row.id()).ifPresent(page -> named.add(page.layout()));
            }
        } else {
            site.pages().walk().forEach(row -> named.add(row.value().layout()));
        }
        for (Assignment assignment : site.assignments()) {
            if (assignment.scope() instanceof Scope.OfLayout(LayoutId layout)) {
                named.add(layout);
            }
        }
        named.add(site.details().newPages().layout());
        return named.stream().allMatch(site::hasLayout)
                ? Optional.empty()
                : Optional.of(new Refusal.BuiltUpon("The layout"));
    }

    /** Two layouts may have got the same name since. */
    private static Optional<Refusal.BuiltUpon> checkedNames(Site site) {
        Set<String> names = new HashSet<>();
        return site.layouts().stream()
                .filter(layout -> !names.add(layout.name().toLowerCase(Locale.ROOT)))
                .findFirst()
                .map(layout -> new Refusal.BuiltUpon(layout.name()));
    }

    /** A menu may have filled up, a branch of it grown deeper, a name been given again, or a circle be closed. */
    private static Optional<Refusal.BuiltUpon> checkedMenus(Site site, OutlineDifference<MenuRowId, MenuRow> menus) {
        Set<MenuRowId> concerned = new HashSet<>();
        for (RowDifference<MenuRowId, MenuRow> row : menus.rows()) {
            if (!site.menus().contains(row.id())) {
                continue;
            }
            MenuRowId menu = site.menuOf(row.id());
            concerned.add(menu);
            boolean fits = site.menus().get(row.id()) instanceof MenuRow.Menu menuItself
                    ? MenuChecks.name(site, menuItself.name(), row.id()).isEmpty()
                    : MenuChecks.depth(
                                    site,
                                    site.menus().parentOf(row.id()).orElse(menu),
                                    site.menus().heightOf(row.id()))
                            .isEmpty();
            if (!fits) {
                return Optional.of(new Refusal.BuiltUpon(Labels.of(site, row.id())));
            }
        }
        return MenuChecks.sound(site, concerned).isPresent()
                ? Optional.of(new Refusal.BuiltUpon("The menu"))
                : Optional.empty();
    }
}
