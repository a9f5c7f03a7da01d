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
            new Field("membersOnly", Page::membersOnly),
            new Field("keptFromSearchEngines", Page::keptFromSearchEngines),
            new Field("layout", Page::layout),
            new Field("summary", Page::summary),
            new Field("topics", Page::topics),
            new Field("date", Page::date),
            new Field("text", Page::text),
            new Field("periods", Page::periods),
            new Field("whenClosed", Page::whenClosed),
            new Field("locked", Page::locked));

    private PageFields() {}

    /** The names of the fields in which two versions of a page differ. */
    public static List<String> differing(Page one, Page other) {
        return ALL.stream()
                .filter(field ->
                        !Objects.equals(field.value().apply(one), field.value().apply(other)))
                .map(Field::name)
                .toList();
    }

    /**
     * Carries over to a present page what became different from {@code before} to {@code after}, leaving all else as it
     * is. Empty when a field concerned is no longer as it was before.
     */
    public static Optional<Page> carry(Page before, Page after, Page present) {
        Carry carry = new Carry();
        List<Object> slug = carry.pick(
                List.of(before.slug(), before.slugFollows()),
                List.of(after.slug(), after.slugFollows()),
                List.of(present.slug(), present.slugFollows()));
        Page carried = new Page(
                carry.pick(before.kind(), after.kind(), present.kind()),
                carry.pick(before.title(), after.title(), present.title()),
                (String) slug.get(0),
                (boolean) slug.get(1),
                carry.pick(before.reach(), after.reach(), present.reach()),
                carry.pick(before.membersOnly(), after.membersOnly(), present.membersOnly()),
                carry.pick(
                        before.keptFromSearchEngines(), after.keptFromSearchEngines(), present.keptFromSearchEngines()),
                carry.pick(before.layout(), after.layout(), present.layout()),
                carry.pick(before.summary(), after.summary(), present.summary()),
                carry.pickEach(before.topics(), after.topics(), present.topics()),
                carry.pickNullable(before.date(), after.date(), present.date()),
                carry.pickNullable(before.text(), after.text(), present.text()),
                carry.pick(before.periods(), after.periods(), present.periods()),
                carry.pick(before.whenClosed(), after.whenClosed(), present.whenClosed()),
                carry.pick(before.locked(), after.locked(), present.locked()));
        return carry.clashed() ? Optional.empty() : Optional.of(carried);
    }
}
