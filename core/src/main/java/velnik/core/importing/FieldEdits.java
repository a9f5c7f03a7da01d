package velnik.core.importing;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import velnik.core.change.Change;
import velnik.core.change.SortingChange;
import velnik.core.site.LayoutId;
import velnik.core.site.PageId;
import velnik.core.site.Reach;

/** Collects what fields of pages become, so that pages which get the same get it in one change. */
final class FieldEdits {
    private final Map<Reach, List<PageId>> reaches = new LinkedHashMap<>();
    private final Map<Boolean, List<PageId>> members = new LinkedHashMap<>();
    private final Map<Boolean, List<PageId>> keptFromSearchEngines = new LinkedHashMap<>();
    private final Map<LayoutId, List<PageId>> layouts = new LinkedHashMap<>();
    private final List<SortingChange.PageSorting> sorting = new ArrayList<>();
    private final List<Change.PageWords> words = new ArrayList<>();
    private final List<Change.PageSlug> slugs = new ArrayList<>();
    private final List<Change> single = new ArrayList<>();

    void reach(PageId page, Reach reach) {
        put(reaches, reach, page);
    }

    void membersOnly(PageId page, boolean only) {
        put(members, only, page);
    }

    void keptFromSearchEngines(PageId page, boolean kept) {
        put(keptFromSearchEngines, kept, page);
    }

    void layout(PageId page, LayoutId layout) {
        put(layouts, layout, page);
    }

    /** Gives a page topics, and a date where it is not null. */
    void sort(PageId page, Set<String> add, Set<String> remove, @Nullable LocalDate date) {
        if (!add.isEmpty() || !remove.isEmpty() || date != null) {
            sorting.add(new SortingChange.PageSorting(page, add, remove, date));
        }
    }

    void words(Change.PageWords said) {
        words.add(said);
    }

    void slug(PageId page, String slug) {
        slugs.add(new Change.PageSlug(page, slug));
    }

    /** What no other page gets. */
    void add(Change change) {
        single.add(change);
    }

    private static <V> void put(Map<V, List<PageId>> pages, V value, PageId page) {
        pages.computeIfAbsent(value, any -> new ArrayList<>()).add(page);
    }

    void collect(Consumer<Change> changes) {
        if (!words.isEmpty()) {
            changes.accept(new Change.SetPageWords(words));
        }
        if (!slugs.isEmpty()) {
            changes.accept(new Change.SetSlugs(slugs));
        }
        single.forEach(changes);
        reaches.forEach((reach, pages) -> changes.accept(new Change.SetReach(pages, reach)));
        members.forEach((only, pages) -> changes.accept(new Change.SetMembersOnly(pages, only)));
        keptFromSearchEngines.forEach((kept, pages) -> changes.accept(new Change.SetSearchEngines(pages, !kept)));
        layouts.forEach((layout, pages) -> changes.accept(new SortingChange.SetLayout(pages, layout)));
        if (!sorting.isEmpty()) {
            changes.accept(new SortingChange.SortPages(sorting));
        }
    }
}
