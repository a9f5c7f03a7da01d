package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param membersOnly whether visitors have to sign in as members to get it, and all beneath it
 * @param keptFromSearchEngines whether search engines are asked to leave it out
 * @param summary a sentence or two under the title; empty when there is none
 * @param searchTitle what search engines and shared links call it; empty for its title
 * @param searchDescription what they say of it; empty for its summary
 * @param topics words that group it with other pages, each spelled one way on the whole site
 * @param date that visitors take it to be of, in the site's time zone; null when it has none
 * @param picture shown with it, and where it is shared; null when it has none. It may be gone
 * @param text names its text in Markdown, kept outside the site; null when it has none
 * @param form by which visitors write to the business; null for none
 * @param periods when it is there; always, where there are none
 * @param whenClosed what visitors get outside them
 * @param locked whether it refuses to be removed
 */
@RecordBuilder
public record Page(
        PageKind kind,
        String title,
        String slug,
        boolean slugFollows,
        Reach reach,
        boolean membersOnly,
        boolean keptFromSearchEngines,
        LayoutId layout,
        String summary,
        String searchTitle,
        String searchDescription,
        Set<String> topics,
        @Nullable LocalDate date,
        @Nullable FileId picture,
        @Nullable TextHash text,
        @Nullable EnquiryForm form,
        List<Period> periods,
        WhenClosed whenClosed,
        boolean locked,
        boolean model)
        implements PageBuilder.With {

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
                LayoutId.STANDARD,
                "",
                "",
                "",
                Set.of(),
                null,
                null,
                null,
                null,
                List.of(),
                WhenClosed.NOT_FOUND,
                false,
                false);
    }

    /** @param follows whether it was made from the title and goes on following it */
    public Page withSlug(String newSlug, boolean follows) {
        return with().slug(newSlug).slugFollows(follows).build();
    }
}
