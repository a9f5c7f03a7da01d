package velnik.core.site;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What an owner made otherwise than the look has it. It stays when the look is changed.
 *
 * @param values each as {@link Token#read} writes it; what has none is the look's own
 */
public record Tuning(Map<Token, String> values) {
    public static final Tuning NONE = new Tuning(Map.of());

    public Tuning {
        Map<Token, String> ordered = new EnumMap<>(Token.class);
        values.forEach((token, value) -> {
            if (!token.read(value).filter(value::equals).isPresent()) {
                throw new IllegalArgumentException("“" + value + "” is no " + token);
            }
            ordered.put(token, value);
        });
        values = Collections.unmodifiableMap(ordered);
    }

    public @Nullable String get(Token token) {
        return values.get(token);
    }

    public Optional<TypePair> type() {
        return Optional.ofNullable(values.get(Token.TYPE)).map(TypePair::valueOf);
    }

    /** @param value as {@link Token#read} writes it; null for the look's own */
    public Tuning with(Token token, @Nullable String value) {
        Map<Token, String> other = new EnumMap<>(Token.class);
        other.putAll(values);
        if (value == null) {
            other.remove(token);
        } else {
            other.put(token, value);
        }
        return new Tuning(other);
    }
}
