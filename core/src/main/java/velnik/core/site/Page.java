package velnik.core.site;

import org.jspecify.annotations.Nullable;

/**
 * Something with an address on the site.
 *
 * @param title as visitors read it; never blank, at most {@link Limits#TITLE} characters
 * @param slug its own part of the address, as {@code velnik.core.address.Slugs} makes or accepts it
 * @param slugFollows whether the slug was made from the title and goes on following it until first published
 * @param keptFromSearchEngines whether search engines are asked to leave it out
 * @param summary a sentence or two under the title; empty when there is none
 * @param text names its text in Markdown, kept outside the site; null when it has none
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
        @Nullable TextHash text) {

    public Page {
        if (title.isBlank() || title.length() > Limits.TITLE) {
            throw new IllegalArgumentException(
                    "a title has 1 to " + Limits.TITLE + " characters, not " + title.length());
        }
        if (slug.isEmpty() || slug.length() > Limits.SLUG) {
            throw new IllegalArgumentException("a slug has 1 to " + Limits.SLUG + " characters, not " + slug.length());
        }
    }

    public Page withTitle(String newTitle) {
        return new Page(kind, newTitle, slug, slugFollows, reach, keptFromSearchEngines, layout, summary, text);
    }

    public Page withSlug(String newSlug, boolean follows) {
        return new Page(kind, title, newSlug, follows, reach, keptFromSearchEngines, layout, summary, text);
    }

    public Page withReach(Reach newReach) {
        return new Page(kind, title, slug, slugFollows, newReach, keptFromSearchEngines, layout, summary, text);
    }

    public Page withLayout(Layout newLayout) {
        return new Page(kind, title, slug, slugFollows, reach, keptFromSearchEngines, newLayout, summary, text);
    }
}
