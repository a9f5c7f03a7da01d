package velnik.core.compare;

import java.util.Optional;

/** That a single value of the site differs. */
public record ValueDifference<T>(T before, T after) {

    public static <T> Optional<ValueDifference<T>> between(T before, T after) {
        return before.equals(after) ? Optional.empty() : Optional.of(new ValueDifference<>(before, after));
    }

    public ValueDifference<T> reversed() {
        return new ValueDifference<>(after, before);
    }
}
