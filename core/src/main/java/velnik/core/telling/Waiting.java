package velnik.core.telling;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.compare.Difference;
import velnik.core.compare.PageFields;
import velnik.core.compare.ValueDifference;
import velnik.core.explanation.Words;
import velnik.core.outline.RowDifference;
import velnik.core.outline.RowDifference.Added;
import velnik.core.outline.RowDifference.Altered;
import velnik.core.outline.RowDifference.Moved;
import velnik.core.outline.RowDifference.Removed;
import velnik.core.reach.Days;
import velnik.core.site.Details;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.WhenClosed;

/** What waits to be published, in plain sentences: one entry for each page concerned, one for each other thing. */
public final class Waiting {

    /** One thing that waits. Its sentence is made when it is asked for, so that counting costs no words. */
    public static final class Entry {
        private final @Nullable PageId page;
        private final Supplier<String> sentence;

        Entry(@Nullable PageId page, Supplier<String> sentence) {
            this.page = page;
            this.sentence = sentence;
        }

        /** Null when it is not about one page, or about one that is gone. */
        public @Nullable PageId page() {
            return page;
        }

        public String sentence() {
            return sentence.get();
        }
    }

    private final Site live;
    private final Site working;

    private Waiting(Site live, Site working) {
        this.live = live;
        this.working = working;
    }

    public static List<Entry> between(Site live, Site working) {
        return new Waiting(live, working).entries();
    }

    private List<Entry> entries() {
        Difference difference = Difference.between(live, working);
        Map<PageId, List<RowDifference<PageId, Page>>> byPage = new LinkedHashMap<>();
        for (RowDifference<PageId, Page> row : difference.pages().rows()) {
            byPage.computeIfAbsent(row.id(), id -> new ArrayList<>()).add(row);
        }
        List<Entry> entries = new ArrayList<>();
        byPage.forEach((page, rows) -> {
            if (rows.stream().anyMatch(Waiting::isForVisitors)) {
                entries.add(new Entry(working.pages().contains(page) ? page : null, () -> sentence(page, rows)));
            }
        });
        difference.details().ifPresent(details -> entries.addAll(details(details)));
        entries.addAll(WaitingMenus.of(live, working, difference));
        return entries;
    }

    private static List<Entry> details(ValueDifference<Details> details) {
        Details after = details.after();
        List<Entry> entries = new ArrayList<>();
        if (!after.timeZone().equals(details.before().timeZone())) {
            entries.add(new Entry(null, () -> "Days begin and end as in " + after.timeZone() + "."));
        }
        if (!after.withTimeZone(details.before().timeZone()).equals(details.before())) {
            entries.add(new Entry(null, () -> "The site is called " + after.name() + "."));
        }
        return entries;
    }

    /** A lock is the owner's own matter. */
    private static boolean isForVisitors(RowDifference<PageId, Page> row) {
        return !(row instanceof Altered<PageId, Page>(PageId id, Page before, Page after))
                || !PageFields.differing(before, after).equals(List.of("locked"));
    }

    private String sentence(PageId page, List<RowDifference<PageId, Page>> rows) {
        List<String> parts = new ArrayList<>();
        for (RowDifference<PageId, Page> row : rows) {
            switch (row) {
                case Added<PageId, Page> added -> parts.add("is new" + where(page));
                case Removed<PageId, Page> removed -> parts.add("goes");
                case Moved<PageId, Page> moved -> parts.add(moved(moved));
                case Altered<PageId, Page> altered -> parts.addAll(altered(altered));
            }
        }
        String title =
                (live.pages().contains(page) ? live : working).pages().get(page).title();
        String said = parts.size() == 1
                ? parts.getFirst()
                : String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.getLast();
        return title + " " + said + ".";
    }

    private String moved(Moved<PageId, Page> moved) {
        @Nullable PageId parent = moved.to().parent();
        if (!Objects.equals(parent, moved.from().parent())) {
            return parent == null ? "moves to the top level" : "moves under " + title(parent);
        }
        return moved.to().after() == null
                ? "moves to the beginning"
                : "moves after " + title(moved.to().after());
    }

    private String where(PageId page) {
        return working.pages()
                .parentOf(page)
                .map(parent -> ", under " + title(parent))
                .orElse("");
    }

    private String title(PageId page) {
        return working.pages().get(page).title();
    }

    private List<String> altered(Altered<PageId, Page> altered) {
        Page before = altered.before();
        Page after = altered.after();
        List<String> parts = new ArrayList<>();
        List<String> fields = PageFields.differing(before, after);
        for (String field : fields) {
            switch (field) {
                case "title" -> parts.add("becomes " + after.title());
                case "slug" -> {
                    if (!before.slug().equals(after.slug())) {
                        parts.add("gets the address " + Addresses.of(working, altered.id()));
                    }
                }
                case "reach" -> parts.add(reach(after.reach()));
                case "membersOnly" -> parts.add(after.membersOnly() ? "is for members only" : "is for all visitors");
                case "layout" -> parts.add("gets the layout " + Words.layout(after.layout()));
                case "keptFromSearchEngines" ->
                    parts.add(
                            after.keptFromSearchEngines()
                                    ? "is kept from search engines"
                                    : "may be listed by search engines");
                case "topics" -> parts.add("has other topics");
                case "periods" -> parts.add("is there " + Days.periods(after.periods()));
                case "whenClosed" ->
                    parts.add(
                            after.whenClosed() == WhenClosed.NOT_FOUND
                                    ? "is not found while it is closed"
                                    : "tells when it opens again while it is closed");
                case "locked" -> {} // the owner's own matter
                default -> parts.add("has another " + field);
            }
        }
        if (parts.isEmpty() && fields.contains("slug")) {
            parts.add("follows its title again");
        }
        return parts;
    }

    private static String reach(Reach reach) {
        return switch (reach) {
            case OPEN -> "opens";
            case BY_LINK_ONLY -> "is reached by link only";
            case HELD_BACK -> "is held back";
        };
    }
}
