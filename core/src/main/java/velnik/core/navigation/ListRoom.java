package velnik.core.navigation;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.Visitor;

/**
 * How many rows may still come in a list, for each kind of visitor on each device: a row counts for those alone who get
 * it.
 */
final class ListRoom {
    /** Empty where there is no limit. */
    private final Map<Visitor, Map<Device, Integer>> left = new EnumMap<>(Visitor.class);

    ListRoom(Optional<Integer> atMost) {
        atMost.ifPresent(rows -> Visitor.ANY.forEach(visitor -> {
            Map<Device, Integer> onDevice = new EnumMap<>(Device.class);
            Appearance.EVERY_DEVICE.forEach(device -> onDevice.put(device, rows));
            left.put(visitor, onDevice);
        }));
    }

    /** The devices on which no row may come any more, for each kind of visitor who has such. */
    Map<Visitor, Set<Device>> full() {
        Map<Visitor, Set<Device>> full = new EnumMap<>(Visitor.class);
        left.forEach((visitor, onDevice) -> onDevice.forEach((device, rows) -> {
            if (rows == 0) {
                full.computeIfAbsent(visitor, any -> EnumSet.noneOf(Device.class))
                        .add(device);
            }
        }));
        return full;
    }

    /** Narrowed to the visitors and the devices that have room on some of each; the same where none have. */
    Appearance left(Appearance wanted) {
        Set<Visitor> visitors = EnumSet.noneOf(Visitor.class);
        Set<Device> devices = EnumSet.noneOf(Device.class);
        for (Visitor visitor : wanted.visitors()) {
            for (Device device : wanted.devices()) {
                if (!isFull(visitor, device)) {
                    visitors.add(visitor);
                    devices.add(device);
                }
            }
        }
        return visitors.isEmpty() ? wanted : wanted.withVisitors(visitors).withDevices(devices);
    }

    /** Whether a limit leaves it to none of those who can get its page. */
    boolean isTakenFor(Appearance row, Set<Visitor> can) {
        boolean narrowed = row.visitors().stream()
                .anyMatch(visitor -> row.devices().stream().anyMatch(device -> isFull(visitor, device)));
        return narrowed
                && Visitor.common(row.visitors(), can).stream()
                        .allMatch(visitor -> row.devices().stream().allMatch(device -> isFull(visitor, device)));
    }

    void takenFor(Appearance row, Set<Visitor> can) {
        Set<Visitor> those = Visitor.common(row.visitors(), can);
        left.forEach((visitor, onDevice) -> {
            if (those.contains(visitor)) {
                row.devices().forEach(device -> onDevice.merge(device, -1, (rows, one) -> Math.max(0, rows + one)));
            }
        });
    }

    boolean isTaken() {
        return !left.isEmpty()
                && left.values().stream()
                        .allMatch(onDevice -> onDevice.values().stream().allMatch(rows -> rows == 0));
    }

    private boolean isFull(Visitor visitor, Device device) {
        return Integer.valueOf(0).equals(left.getOrDefault(visitor, Map.of()).get(device));
    }
}
