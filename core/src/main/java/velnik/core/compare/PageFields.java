package velnik.core.compare;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Page;

/** The fields of a page one by one, for those who must not disturb a field that somebody else changed. */
public final class PageFields {

    /**
     * One field.
     *
     * @param name as the API and the stored forms have it
     */
    public record Field(String name, Function<Page, @Nullable Object> value) {}

    public static final List<Field> ALL = List.of(
            new Field("kind", Page::kind),
            new Field("title", Page::title),
            new Field("slug", page -> List.of(page.slug(), page.slugFollows())),
            new Field("reach", Page::reach),
            new Field("keptFromSearchEngines", Page::keptFromSearchEngines),
            new Field("summary", Page::summary),
            new Field("text", Page::text));

    private PageFields() {}

    /** The names of the fields in which two versions of a page differ. */
    public static List<String> differing(Page one, Page other) {
        return ALL.stream()
                .filter(field -> differ(field, one, other))
                .map(Field::name)
                .toList();
    }

    /**
     * Carries over to a present page what became different from {@code before} to {@code after}, leaving all else as it
     * is. Empty when a field concerned is no longer as it was before.
     */
    public static Optional<Page> carry(Page before, Page after, Page present) {
        boolean clash = ALL.stream().anyMatch(field -> differ(field, before, after) && differ(field, before, present));
        if (clash) {
            return Optional.empty();
        }
        boolean slug = !before.slug().equals(after.slug()) || before.slugFollows() != after.slugFollows();
        return Optional.of(new Page(
                pick(before.kind(), after.kind(), present.kind()),
                pick(before.title(), after.title(), present.title()),
                slug ? after.slug() : present.slug(),
                slug ? after.slugFollows() : present.slugFollows(),
                pick(before.reach(), after.reach(), present.reach()),
                pick(before.keptFromSearchEngines(), after.keptFromSearchEngines(), present.keptFromSearchEngines()),
                pick(before.summary(), after.summary(), present.summary()),
                Objects.equals(before.text(), after.text()) ? present.text() : after.text()));
    }

    private static boolean differ(Field field, Page one, Page other) {
        return !Objects.equals(field.value().apply(one), field.value().apply(other));
    }

    private static <T> T pick(T before, T after, T present) {
        return before.equals(after) ? present : after;
    }
}
