package velnik.core.site;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Something with an address on the site.
 *
 * @param title as visitors read it; never blank, at most {@link Limits#TITLE} characters
 * @param slug its own part of the address, as {@code velnik.core.address.Slugs} makes or accepts it
 * @param slugFollows whether the slug was made from the title and goes on following it until first published
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

    public Page withTitle(String newTitle) {
        return with(
                newTitle,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                periods,
                whenClosed,
                locked);
    }

    public Page withSlug(String newSlug, boolean follows) {
        return with(
                title,
                newSlug,
                follows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                periods,
                whenClosed,
                locked);
    }

    public Page withReach(Reach newReach) {
        return with(
                title,
                slug,
                slugFollows,
                newReach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                periods,
                whenClosed,
                locked);
    }

    public Page withKeptFromSearchEngines(boolean kept) {
        return with(title, slug, slugFollows, reach, kept, layout, topics, date, periods, whenClosed, locked);
    }

    public Page withLayout(Layout newLayout) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                newLayout,
                topics,
                date,
                periods,
                whenClosed,
                locked);
    }

    public Page withTopics(Set<String> newTopics) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                newTopics,
                date,
                periods,
                whenClosed,
                locked);
    }

    public Page withDate(@Nullable LocalDate newDate) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                newDate,
                periods,
                whenClosed,
                locked);
    }

    public Page withPeriods(List<Period> newPeriods) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                newPeriods,
                whenClosed,
                locked);
    }

    public Page withWhenClosed(WhenClosed newWhenClosed) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                periods,
                newWhenClosed,
                locked);
    }

    public Page withLocked(boolean newLocked) {
        return with(
                title,
                slug,
                slugFollows,
                reach,
                keptFromSearchEngines,
                layout,
                topics,
                date,
                periods,
                whenClosed,
                newLocked);
    }

    private Page with(
            String newTitle,
            String newSlug,
            boolean follows,
            Reach newReach,
            boolean newKept,
            Layout newLayout,
            Set<String> newTopics,
            @Nullable LocalDate newDate,
            List<Period> newPeriods,
            WhenClosed newWhenClosed,
            boolean newLocked) {
        return new Page(
                kind,
                newTitle,
                newSlug,
                follows,
                newReach,
                newKept,
                newLayout,
                summary,
                newTopics,
                newDate,
                text,
                newPeriods,
                newWhenClosed,
                newLocked);
    }
}
