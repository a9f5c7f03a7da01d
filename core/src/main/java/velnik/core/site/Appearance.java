package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How an item shows, and whether it does.
 *
 * @param hidden with all that is under it
 * @param devices what it shows on; never empty
 * @param visitors whom it shows to; never empty
 * @param beforeSignIn whether it shows to those too who have to sign in first to get its page
 * @param periods when it shows; always, where there are none
 * @param icon names one of {@link Icons}; empty for none
 * @param iconAlone whether the icon stands in the label's place; the label stays for assistive technology
 * @param farEnd whether it stands at the far end of a row that goes across
 * @param note a short line beneath it; empty for none
 */
@RecordBuilder
public record Appearance(
        boolean hidden,
        Set<Device> devices,
        Set<Visitor> visitors,
        boolean beforeSignIn,
        List<Period> periods,
        String icon,
        boolean iconAlone,
        Weight weight,
        boolean farEnd,
        boolean newTab,
        String note)
        implements AppearanceBuilder.With {
    public static final Set<Device> EVERY_DEVICE = Set.of(Device.values());

    public static final Appearance PLAIN = new Appearance(
            false, EVERY_DEVICE, Visitor.ANY, false, List.of(), "", false, Weight.PLAIN, false, false, "");

    public Appearance {
        devices = Set.copyOf(devices);
        visitors = Set.copyOf(visitors);
        periods = List.copyOf(periods);
        if (periods.size() > Limits.PERIODS) {
            throw new IllegalArgumentException(
                    "an item has at most " + Limits.PERIODS + " periods, not " + periods.size());
        }
        if (devices.isEmpty()) {
            throw new IllegalArgumentException("an item shows on some device; to show it on none, hide it");
        }
        if (visitors.isEmpty()) {
            throw new IllegalArgumentException("an item shows to somebody; to show it to nobody, hide it");
        }
        if (!icon.isEmpty() && !Icons.ALL.contains(icon)) {
            throw new IllegalArgumentException("there is no icon " + icon);
        }
        if (note.length() > Limits.TITLE) {
            throw new IllegalArgumentException("a note has at most " + Limits.TITLE + " characters: " + note);
        }
    }

    /** That of an item, and those of the rows of a list that were dressed. */
    public static Stream<Appearance> within(MenuRow row) {
        if (!(row instanceof MenuRow.Item item)) {
            return Stream.empty();
        }
        Stream<Appearance> dressed = item.kind() instanceof ItemKind.PageList list
                ? list.dressed().values().stream().map(Dress::appearance)
                : Stream.empty();
        return Stream.concat(Stream.of(item.appearance()), dressed);
    }

    /** As the row of a list has it: a list yields only what a visitor can get. */
    public Appearance inList() {
        return withBeforeSignIn(false);
    }

    /** Which of the zone's two ends, how loud. */
    public enum Weight {
        PLAIN,
        STRONG,
        BUTTON
    }
}
