package velnik.core.site;

import java.util.List;
import java.util.Set;

/**
 * How an item shows, and whether it does.
 *
 * @param hidden with all that is under it
 * @param devices what it shows on; never empty
 * @param periods when it shows; always, where there are none
 * @param icon names one of {@link Icons}; empty for none
 * @param iconAlone whether the icon stands in the label's place; the label stays for assistive technology
 * @param farEnd whether it stands at the far end of a row that goes across
 * @param note a short line beneath it; empty for none
 */
public record Appearance(
        boolean hidden,
        Set<Device> devices,
        List<Period> periods,
        String icon,
        boolean iconAlone,
        Weight weight,
        boolean farEnd,
        boolean newTab,
        String note) {
    public static final Set<Device> EVERY_DEVICE = Set.of(Device.values());

    public static final Appearance PLAIN =
            new Appearance(false, EVERY_DEVICE, List.of(), "", false, Weight.PLAIN, false, false, "");

    public Appearance {
        devices = Set.copyOf(devices);
        periods = List.copyOf(periods);
        if (periods.size() > Limits.PERIODS) {
            throw new IllegalArgumentException(
                    "an item has at most " + Limits.PERIODS + " periods, not " + periods.size());
        }
        if (devices.isEmpty()) {
            throw new IllegalArgumentException("an item shows on some device; to show it on none, hide it");
        }
        if (!icon.isEmpty() && !Icons.ALL.contains(icon)) {
            throw new IllegalArgumentException("there is no icon " + icon);
        }
        if (note.length() > Limits.TITLE) {
            throw new IllegalArgumentException("a note has at most " + Limits.TITLE + " characters: " + note);
        }
    }

    public Appearance withHidden(boolean newHidden) {
        return new Appearance(newHidden, devices, periods, icon, iconAlone, weight, farEnd, newTab, note);
    }

    /** Which of the zone's two ends, how loud. */
    public enum Weight {
        PLAIN,
        STRONG,
        BUTTON
    }
}
