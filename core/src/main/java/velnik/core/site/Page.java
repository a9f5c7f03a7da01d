package velnik.core.site;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Something with an address on the site.
 *
 * @param title as visitors read it; never blank, at most {@link Limits#TITLE} characters
 * @param slug its own part of the address, as {@code velnik.core.address.Slugs} makes or accepts it
 * @param slugFollows whether the slug was made from the title and goes on following it until first published
 * @param membersOnly whether visitors have to sign in as members to get it, and all beneath it
 * @param keptFromSearchEngines whether search engines are asked to leave it out
 * @param summary a sentence or two under the title; empty when there is none
 * @param topics words that group it with other pages, each spelled one way on the whole site
 * @param date that visitors take it to be of, in the site's time zone; null when it has none
 * @param text names its text in Markdown, kept outside the site; null when it has none
 * @param periods when it is there; always, where there are none
 * @param whenClosed what visitors get outside them
 * @param locked whether it refuses to be removed
 */
public record Page(
        PageKind kind,
        String title,
        String slug,
        boolean slugFollows,
        Reach reach,
        boolean membersOnly,
        boolean keptFromSearchEngines,
        Layout layout,
        String summary,
        Set<String> topics,
        @Nullable LocalDate date,
        @Nullable TextHash text,
        List<Period> periods,
        WhenClosed whenClosed,
        boolean locked) {

    public Page {
        if (title.isBlank() || title.length() > Limits.TITLE) {
            throw new IllegalArgumentException(
                    "a title has 1 to " + Limits.TITLE + " characters, not " + title.length());
        }
        if (slug.isEmpty() || slug.length() > Limits.SLUG) {
            throw new IllegalArgumentException("a slug has 1 to " + Limits.SLUG + " characters, not " + slug.length());
        }
        topics = Set.copyOf(topics);
        periods = List.copyOf(periods);
        if (periods.size() > Limits.PERIODS) {
            throw new IllegalArgumentException(
                    "a page has at most " + Limits.PERIODS + " periods, not " + periods.size());
        }
    }

    /** One that is open, for all, and has nothing but a title and an address. */
    public static Page plain(PageKind kind, String title, String slug, boolean slugFollows) {
        return new Page(
                kind,
                title,
                slug,
                slugFollows,
                Reach.OPEN,
                false,
                false,
                Layout.STANDARD,
                "",
                Set.of(),
                null,
                null,
                List.of(),
                WhenClosed.NOT_FOUND,
                false);
    }

    public Page withTitle(String newTitle) {
        return with(edit -> edit.title = newTitle);
    }

    public Page withSlug(String newSlug, boolean follows) {
        return with(edit -> {
            edit.slug = newSlug;
            edit.slugFollows = follows;
        });
    }

    public Page withReach(Reach newReach) {
        return with(edit -> edit.reach = newReach);
    }

    public Page withMembersOnly(boolean newMembersOnly) {
        return with(edit -> edit.membersOnly = newMembersOnly);
    }

    public Page withKeptFromSearchEngines(boolean kept) {
        return with(edit -> edit.keptFromSearchEngines = kept);
    }

    public Page withLayout(Layout newLayout) {
        return with(edit -> edit.layout = newLayout);
    }

    public Page withSummary(String newSummary) {
        return with(edit -> edit.summary = newSummary);
    }

    public Page withText(@Nullable TextHash newText) {
        return with(edit -> edit.text = newText);
    }

    public Page withTopics(Set<String> newTopics) {
        return with(edit -> edit.topics = newTopics);
    }

    public Page withDate(@Nullable LocalDate newDate) {
        return with(edit -> edit.date = newDate);
    }

    public Page withPeriods(List<Period> newPeriods) {
        return with(edit -> edit.periods = newPeriods);
    }

    public Page withWhenClosed(WhenClosed newWhenClosed) {
        return with(edit -> edit.whenClosed = newWhenClosed);
    }

    public Page withLocked(boolean newLocked) {
        return with(edit -> edit.locked = newLocked);
    }

    private Page with(Consumer<Edit> change) {
        Edit edit = new Edit(this);
        change.accept(edit);
        return edit.made();
    }

    /** A page about to be another; what is not set stays. */
    private static final class Edit {
        private final Page page;
        private String title;
        private String slug;
        private boolean slugFollows;
        private Reach reach;
        private boolean membersOnly;
        private boolean keptFromSearchEngines;
        private Layout layout;
        private String summary;
        private Set<String> topics;
        private @Nullable LocalDate date;
        private @Nullable TextHash text;
        private List<Period> periods;
        private WhenClosed whenClosed;
        private boolean locked;

        private Edit(Page page) {
            this.page = page;
            title = page.title;
            slug = page.slug;
            slugFollows = page.slugFollows;
            reach = page.reach;
            membersOnly = page.membersOnly;
            keptFromSearchEngines = page.keptFromSearchEngines;
            layout = page.layout;
            summary = page.summary;
            topics = page.topics;
            date = page.date;
            text = page.text;
            periods = page.periods;
            whenClosed = page.whenClosed;
            locked = page.locked;
        }

        private Page made() {
            return new Page(
                    page.kind,
                    title,
                    slug,
                    slugFollows,
                    reach,
                    membersOnly,
                    keptFromSearchEngines,
                    layout,
                    summary,
                    topics,
                    date,
                    text,
                    periods,
                    whenClosed,
                    locked);
        }
    }
}
