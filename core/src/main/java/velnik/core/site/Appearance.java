package velnik.core.site;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

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
 * @param picture shown beside the label, or over it; null for none, and it may be gone
 * @param farEnd whether it stands at the far end of a row that goes across
 * @param note a short line beneath it; empty for none
 * @param accent whether it stands out by the accent of the look
 * @param relation what search engines are told of where it leads
 * @param hook a name by which style sheets and scripts from elsewhere find it; empty for none
 * @param arrangement how what is beneath it opens
 * @param panel where that opens from a row that goes across
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
        @Nullable FileId picture,
        Weight weight,
        boolean farEnd,
        boolean newTab,
        String note,
        boolean accent,
        Relation relation,
        String hook,
        Arrangement arrangement,
        Panel panel)
        implements AppearanceBuilder.With {
    public static final Set<Device> EVERY_DEVICE = Set.of(Device.values());

    private static final Pattern HOOK = Pattern.compile("(?:[a-z](?:[a-z0-9-]{0,38}[a-z0-9])?)?");

    public static final Appearance PLAIN = new Appearance(
            false,
            EVERY_DEVICE,
            Visitor.ANY,
            false,
            List.of(),
            "",
            false,
            null,
            Weight.PLAIN,
            false,
            false,
            "",
            false,
            Relation.ORDINARY,
            "",
            Arrangement.LIST,
            Panel.UNDER);

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
        if (!isHook(hook)) {
            throw new IllegalArgumentException("no hook: " + hook);
        }
    }

    /** Whether a text is none, or small letters, digits and hyphens that begin with a letter: at most 40. */
    public static boolean isHook(String text) {
        return HOOK.matcher(text).matches();
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

    /** As the row of a list has it, or a content block: they show only what a visitor can get. */
    public Appearance inList() {
        return withBeforeSignIn(false);
    }

    /** Which of the zone's two ends, how loud. */
    public enum Weight {
        PLAIN,
        STRONG,
        BUTTON
    }

    /** What search engines are told of a link. */
    public enum Relation {
        ORDINARY,
        /** The site does not answer for what is there. */
        NOT_VOUCHED_FOR,
        /** Somebody pays for it. */
        PAID
    }

    /** How what is beneath an item opens. Each item has its own, so that they combine level by level. */
    public enum Arrangement {
        LIST(1),
        TWO_BESIDE(2),
        THREE_BESIDE(3),
        FOUR_BESIDE(4),
        FIVE_BESIDE(5),
        /** One at a time; one switches where the word says, in the direction of reading. */
        SWITCHED_AT_START(1),
        SWITCHED_ABOVE(1),
        SWITCHED_AT_END(1),
        SWITCHED_BELOW(1);

        private final int columns;

        Arrangement(int columns) {
            this.columns = columns;
        }

        /** How many stand side by side; 1 where nothing does. */
        public int columns() {
            return columns;
        }

        /** What so many levels beneath an item count for: what stands open in a panel is on the level it stands in. */
        public int levels(int beneath) {
            return this == LIST ? beneath : Math.max(Math.min(beneath, 1), beneath - 1);
        }

        /** Whether one of them shows at a time. */
        public boolean isSwitched() {
            return compareTo(SWITCHED_AT_START) >= 0;
        }
    }

    /** Where what is beneath an item opens, from a row that goes across. */
    public enum Panel {
        /** Under the item. */
        UNDER,
        /** At the edge of the row where reading begins. */
        AT_START,
        AT_END,
        /** From edge to edge. */
        ACROSS
    }
}
