package velnik.core.outline;

/**
 * One way in which a row differs between two versions of an outline. Holds both sides, so it can be turned round. A row
 * that was moved and altered has two of these.
 */
public sealed interface RowDifference<K, V> {
    K id();

    RowDifference<K, V> reversed();

    record Added<K, V>(K id, Place<K> place, V value) implements RowDifference<K, V> {
        @Override
        public Removed<K, V> reversed() {
            return new Removed<>(id, place, value);
        }
    }

    record Removed<K, V>(K id, Place<K> place, V value) implements RowDifference<K, V> {
        @Override
        public Added<K, V> reversed() {
            return new Added<>(id, place, value);
        }
    }

    record Moved<K, V>(K id, Place<K> from, Place<K> to) implements RowDifference<K, V> {
        @Override
        public Moved<K, V> reversed() {
            return new Moved<>(id, to, from);
        }
    }

    record Altered<K, V>(K id, V before, V after) implements RowDifference<K, V> {
        @Override
        public Altered<K, V> reversed() {
            return new Altered<>(id, after, before);
        }
    }
}
