package velnik.core.compare;

import static java.util.Objects.requireNonNull;

import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velnik.core.site.Appearance;
import velnik.core.site.Contact;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.NewPages;

/**
 * Carries what became different between two versions of a record over to a third, component by component, and notices
 * where that third no longer is as the first was. A component that is added is carried like the rest.
 */
final class Carry {
    /** Components whose members come and go one by one, so that two people may alter different ones. */
    private static final Set<String> BY_MEMBER = Set.of("topics", "joined", "leftOut", "dressed");

    /** Components that mean something only together. */
    private static final List<String> AS_ONE = List.of("slug", "slugFollows");

    /** How a record is read and made; looked up once for each class, since thousands may be carried at once. */
    private record Shape(RecordComponent[] components, Constructor<?> constructor) {
        static Shape of(Class<?> record) {
            RecordComponent[] components = record.getRecordComponents();
            Class<?>[] types =
                    Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new);
            try {
                return new Shape(components, record.getDeclaredConstructor(types));
            } catch (NoSuchMethodException everyRecordHasIt) {
                throw new IllegalStateException(everyRecordHasIt);
            }
        }
    }

    private static final ClassValue<Shape> SHAPES = new ClassValue<>() {
        @Override
        protected Shape computeValue(Class<?> record) {
            return Shape.of(record);
        }
    };

    private boolean clash;

    private Carry() {}

    /** Empty when a component concerned is no longer as it was before. */
    static <R extends Record> Optional<R> over(R before, R after, R present) {
        Carry carry = new Carry();
        R carried = carry.record(before, after, present);
        return carry.clash ? Optional.empty() : Optional.of(carried);
    }

    @SuppressWarnings("unchecked") // made by the constructor of the same class
    private <R extends Record> R record(R before, R after, R present) {
        Shape shape = requireNonNull(SHAPES.get(present.getClass()));
        RecordComponent[] components = shape.components();
        boolean oneDiffers = Arrays.stream(components)
                .anyMatch(component -> AS_ONE.contains(component.getName())
                        && !Objects.equals(held(component, before), held(component, after)));
        @Nullable Object[] values = new Object[components.length];
        for (int i = 0; i < components.length; i++) {
            @Nullable Object old = held(components[i], before);
            @Nullable Object fresh = held(components[i], after);
            @Nullable Object now = held(components[i], present);
            if (oneDiffers && AS_ONE.contains(components[i].getName())) {
                clash |= !Objects.equals(old, now);
                values[i] = fresh;
            } else {
                values[i] = value(components[i].getName(), old, fresh, now);
            }
        }
        try {
            return (R) shape.constructor().newInstance(values);
        } catch (ReflectiveOperationException refused) {
            throw new IllegalStateException(refused);
        }
    }

    private static @Nullable Object held(RecordComponent component, Record record) {
        try {
            return component.getAccessor().invoke(record);
        } catch (ReflectiveOperationException notReadable) {
            throw new IllegalStateException(notReadable);
        }
    }

    private @Nullable Object value(
            String component, @Nullable Object before, @Nullable Object after, @Nullable Object present) {
        if (BY_MEMBER.contains(component)) {
            return before instanceof Map<?, ?> map
                    ? entries(map, (Map<?, ?>) requireNonNull(after), (Map<?, ?>) requireNonNull(present))
                    : members((Set<?>) requireNonNull(before), (Set<?>) requireNonNull(after), (Set<?>)
                            requireNonNull(present));
        }
        boolean inParts = before instanceof Appearance
                || before instanceof Joining
                || before instanceof NewPages
                || before instanceof Contact
                || before instanceof ItemKind.PageList;
        if (inParts && before instanceof Record b && after instanceof Record a && present instanceof Record p) {
            if (b.getClass() == a.getClass() && b.getClass() == p.getClass()) {
                return record(b, a, p);
            }
        }
        return pick(before, after, present);
    }

    private @Nullable Object pick(@Nullable Object before, @Nullable Object after, @Nullable Object present) {
        if (Objects.equals(before, after)) {
            return present;
        }
        clash |= !Objects.equals(before, present);
        return after;
    }

    private Map<Object, Object> entries(Map<?, ?> before, Map<?, ?> after, Map<?, ?> present) {
        Set<Object> keys = new HashSet<>(before.keySet());
        keys.addAll(after.keySet());
        Map<Object, Object> result = new HashMap<>(present);
        for (Object key : keys) {
            @Nullable Object picked = pick(before.get(key), after.get(key), present.get(key));
            if (picked == null) {
                result.remove(key);
            } else {
                result.put(key, picked);
            }
        }
        return result;
    }

    private static Set<Object> members(Set<?> before, Set<?> after, Set<?> present) {
        Set<Object> result = new HashSet<>(present);
        after.stream().filter(member -> !before.contains(member)).forEach(result::add);
        before.stream().filter(member -> !after.contains(member)).forEach(result::remove);
        return result;
    }
}
