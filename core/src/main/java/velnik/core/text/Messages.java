package velnik.core.text;

import static java.util.Objects.requireNonNull;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import com.ibm.icu.util.ULocale;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeMap;

/**
 * The words of one room, kept beside its classes as a properties file of ICU message patterns. Whoever says something
 * gives facts; plurals, lists and numbers come out as the language has them.
 */
public final class Messages {
    private static final ULocale LANGUAGE = ULocale.UK;

    /** What there is no file for is said in English, whatever the machine speaks. */
    private static final ResourceBundle.Control FILES =
            ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES);

    private final ULocale language;
    private final Map<String, MessageFormat> patterns = new TreeMap<>();
    /** What was said of counts; one that gets lost where two are put at once is said again. */
    private volatile io.vavr.collection.Map<String, String> counted = io.vavr.collection.HashMap.empty();

    private Messages(ULocale language, ResourceBundle words) {
        this.language = language;
        words.keySet().forEach(key -> patterns.put(key, new MessageFormat(words.getString(key), language)));
    }

    /**
     * Those in the properties file that is called as a class and lies beside it.
     *
     * @throws MissingResourceException when there is none
     */
    public static Messages of(Class<?> room) {
        return of(room, LANGUAGE);
    }

    /**
     * As {@link #of(Class)}, in another language where there is a file for it.
     *
     * @param language as a BCP 47 tag
     */
    public static Messages of(Class<?> room, String language) {
        return of(room, ULocale.forLanguageTag(language));
    }

    private static Messages of(Class<?> room, ULocale language) {
        return new Messages(
                language,
                ResourceBundle.getBundle(
                        room.getName(), language.toLocale(), requireNonNull(room.getClassLoader()), FILES));
    }

    /** As a BCP 47 tag. */
    public String language() {
        return language.toLanguageTag();
    }

    public Set<String> keys() {
        return Set.copyOf(patterns.keySet());
    }

    /** What is said of a record by the name of its kind, its components being the facts. */
    public String say(Record facts) {
        return say(facts.getClass().getSimpleName(), facts);
    }

    /** As {@link #say(Record)}, with words of another key. */
    public String say(String key, Record facts) {
        return say(key, components(facts));
    }

    public String say(String key) {
        return say(key, Map.of());
    }

    /** What one of several is called, by the name of its kind and its own: {@code Zone.HEADER}. */
    public String say(Enum<?> one) {
        return say(one.getDeclaringClass().getSimpleName() + "." + one.name());
    }

    /**
     * @param facts by name: numbers, words, or lists of words
     * @throws IllegalArgumentException when there are no words for the key
     */
    public String say(String key, Map<String, ?> facts) {
        MessageFormat pattern = patterns.get(key);
        if (pattern == null) {
            throw new IllegalArgumentException("there are no words for " + key);
        }
        Map<String, Object> arguments = new HashMap<>();
        facts.forEach((name, fact) -> argument(fact).ifPresent(said -> arguments.put(name, said)));
        // One that formats is nobody else's meanwhile.
        return ((MessageFormat) pattern.clone()).format(arguments);
    }

    /** What is said of a count alone, such as "3 pages"; remembered, since pages say little so often. */
    public String counted(String key, int count) {
        String which = key + count;
        String known = counted.getOrElse(which, null);
        if (known == null) {
            known = say(key, Map.of("count", count));
            counted = counted.put(which, known);
        }
        return known;
    }

    /**
     * The facts of a sentence that names the first few of many: {@code count}, {@code names}, and how many {@code more}
     * there are.
     */
    public Map<String, ?> few(List<String> names, int most) {
        int named = Math.min(most, names.size());
        return Map.of("count", names.size(), "names", list(names.subList(0, named)), "more", names.size() - named);
    }

    /** "A, B and C". */
    public String list(Collection<?> words) {
        return ListFormatter.getInstance(language).format(words);
    }

    /** What says nothing to a person, such as an id, is left out. */
    private Optional<Object> argument(Object fact) {
        return switch (fact) {
            case Number number -> Optional.of(number);
            case String words -> Optional.of(words);
            case Collection<?> words -> Optional.of(list(words));
            default -> Optional.empty();
        };
    }

    private static Map<String, Object> components(Record facts) {
        Map<String, Object> components = new HashMap<>();
        for (RecordComponent component : facts.getClass().getRecordComponents()) {
            try {
                Object fact = component.getAccessor().invoke(facts);
                if (fact != null) {
                    components.put(component.getName(), fact);
                }
            } catch (IllegalAccessException | InvocationTargetException notPublic) {
                throw new IllegalStateException(notPublic);
            }
        }
        return components;
    }
}
