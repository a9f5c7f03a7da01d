package velnik.core.compare;

import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Site;

/**
 * One field of a value that people edit: what it is called, what it holds, and how that is said. A field may have parts
 * that are edited apart, such as each topic of a page.
 *
 * @param <V> the value that has the field
 */
public final class Field<V> {
    /** The part of a field that is one whole. */
    private static final String WHOLE = "";

    private final String name;
    private final String word;
    private final Function<V, Map<String, Object>> parts;
    private final Saying said;

    private interface Saying {
        String of(Site site, String part, @Nullable Object held);
    }

    private Field(String name, String word, Function<V, Map<String, Object>> parts, Saying said) {
        this.name = name;
        this.word = word;
        this.parts = parts;
        this.said = said;
    }

    /**
     * A field that is edited as one.
     *
     * @param name as the API has it
     * @param word as in "the title of this page"
     * @param value null where the value has none
     * @param said of a value that is there; another value reads otherwise
     */
    @SuppressWarnings("unchecked") // what comes out of value goes into said
    static <V, T> Field<V> whole(
            String name, String word, Function<V, @Nullable T> value, BiFunction<Site, T, String> said) {
        return new Field<>(
                name,
                word,
                row -> {
                    T held = value.apply(row);
                    return held == null ? Map.of() : Map.of(WHOLE, held);
                },
                (site, part, held) -> held == null ? "none" : said.apply(site, (T) held));
    }

    /** How it is said that a member is there, or is not. */
    interface Membership {
        String said(String member, boolean there);
    }

    /** A field whose members come and go one by one. */
    static <V, T> Field<V> members(
            String name,
            String word,
            Function<V, ? extends Collection<T>> members,
            Function<T, String> key,
            Membership membership) {
        return new Field<>(
                name,
                word,
                row -> {
                    Map<String, Object> parts = new HashMap<>();
                    members.apply(row).forEach(member -> parts.put(key.apply(member), true));
                    return parts;
                },
                (site, part, there) -> membership.said(part, there != null));
    }

    /** A field that holds a value for each of several keys, edited one by one. */
    @SuppressWarnings("unchecked") // what comes out of entries goes into said
    static <V, K, T> Field<V> entries(
            String name,
            String word,
            Function<V, Map<K, T>> entries,
            Function<K, String> key,
            BiFunction<Site, T, String> said) {
        return new Field<>(
                name,
                word,
                row -> {
                    Map<String, Object> parts = new HashMap<>();
                    entries.apply(row).forEach((each, value) -> parts.put(key.apply(each), value));
                    return parts;
                },
                (site, part, held) -> held == null ? "none" : said.apply(site, (T) held));
    }

    /** The same field of a value that another holds; that other has none of it where the value is not there. */
    <W> Field<W> in(Function<W, Optional<V>> holder) {
        return new Field<>(name, word, outer -> holder.apply(outer).map(parts).orElse(Map.of()), said);
    }

    public String name() {
        return name;
    }

    public String word() {
        return word;
    }

    /** What a value has in a part of this field, in words. */
    public String said(Site site, V value, String part) {
        return said.of(site, part, parts.apply(value).get(part));
    }

    /** What a value has in this field as a whole, in words. */
    public String said(Site site, V value) {
        return said(site, value, WHOLE);
    }

    /** What a value has in this field, as code writes it; "none" for nothing. */
    public String code(V value) {
        return String.valueOf(parts.apply(value).getOrDefault(WHOLE, "none"));
    }

    public boolean differs(V one, V other) {
        return !differing(one, other).isEmpty();
    }

    /** The parts in which two values differ; one empty word for a field that is a whole. */
    Set<String> differing(V one, V other) {
        Map<String, Object> ones = parts.apply(one);
        Map<String, Object> others = parts.apply(other);
        Set<String> differing = new HashSet<>();
        for (Map<String, Object> some : List.of(ones, others)) {
            for (String part : some.keySet()) {
                if (!Objects.equals(ones.get(part), others.get(part))) {
                    differing.add(part);
                }
            }
        }
        return differing;
    }

    /** Each part of each field in which two values differ, in the order of the fields. */
    static <V, T> Stream<T> touched(List<Field<V>> fields, V one, V other, BiFunction<String, String, T> part) {
        return fields.stream()
                .flatMap(field -> field.differing(one, other).stream().map(each -> part.apply(field.name(), each)));
    }

    /** @throws IllegalArgumentException when none is called so */
    public static <V> Field<V> named(List<Field<V>> fields, String name) {
        return fields.stream()
                .filter(field -> field.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no field is called " + name));
    }
}
