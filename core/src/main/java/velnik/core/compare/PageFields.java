package velnik.core.compare;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import velnik.core.explanation.Words;
import velnik.core.reach.Days;
import velnik.core.site.Page;
import velnik.core.site.Site;

/** The fields of a page one by one, for those who must not disturb a field that somebody else changed. */
public final class PageFields {

    public static final List<Field<Page>> ALL = List.of(
            Field.whole("kind", "kind", Page::kind, (site, kind) -> Words.kind(kind)),
            Field.whole("title", "title", Page::title, (site, title) -> title),
            Field.whole("slug", "address", Slug::of, (site, slug) -> slug.said()),
            Field.whole("reach", "reach", Page::reach, (site, reach) -> Words.reach(reach)),
            Field.whole(
                    "membersOnly", "audience", Page::membersOnly, (site, only) -> only ? "members only" : "everyone"),
            Field.whole(
                    "keptFromSearchEngines",
                    "word to search engines",
                    Page::keptFromSearchEngines,
                    (site, kept) -> kept ? "leave it out" : "may list it"),
            Field.whole("layout", "layout", Page::layout, Words::layout),
            Field.whole("summary", "summary", Page::summary, PageFields::said),
            Field.whole("searchTitle", "title for search engines", Page::searchTitle, PageFields::said),
            Field.whole(
                    "searchDescription", "description for search engines", Page::searchDescription, PageFields::said),
            Field.members(
                    "topics",
                    "topics",
                    Page::topics,
                    topic -> topic,
                    (topic, there) -> (there ? "with " : "without ") + topic),
            Field.whole("date", "date", Page::date, (site, date) -> Days.ENGLISH.day(date)),
            Field.whole("picture", "picture", Page::picture, Words::file),
            Field.whole("form", "enquiry form", Page::form, (site, form) -> Words.form(form)),
            Field.whole("text", "text", Page::text, (site, text) -> "text " + text.value()),
            Field.whole("periods", "periods", Page::periods, (site, periods) -> Days.ENGLISH.periods(periods)),
            Field.whole(
                    "whenClosed",
                    "answer while closed",
                    Page::whenClosed,
                    (site, whenClosed) -> Words.whenClosed(whenClosed)),
            Field.whole("locked", "lock", Page::locked, (site, locked) -> locked ? "locked" : "not locked"),
            Field.whole(
                    "model",
                    "being a model page",
                    Page::model,
                    (site, model) -> model ? "a model page" : "no model page"));

    /** The part of the address that is the page's own, and whether it follows the title. */
    private record Slug(String value, boolean follows) {
        static Slug of(Page page) {
            return new Slug(page.slug(), page.slugFollows());
        }

        String said() {
            return follows ? value + " (follows the title)" : value;
        }
    }

    private PageFields() {}

    private static String said(Site site, String words) {
        return words.isEmpty() ? "none" : words;
    }

    /** The names of the fields in which two versions of a page differ. */
    public static List<String> differing(Page one, Page other) {
        return touched(one, other, (field, part) -> field).distinct().toList();
    }

    /** Each part of a field in which two versions of a page differ. */
    static <T> Stream<T> touched(Page one, Page other, BiFunction<String, String, T> part) {
        return Field.touched(ALL, one, other, part);
    }

    /**
     * Carries over to a present page what became different from {@code before} to {@code after}, leaving all else as it
     * is. Empty when a field concerned is no longer as it was before.
     */
    public static Optional<Page> carry(Page before, Page after, Page present) {
        return Carry.over(before, after, present);
    }
}
