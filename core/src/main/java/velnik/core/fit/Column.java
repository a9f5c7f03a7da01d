package velnik.core.fit;

import java.util.ArrayList;
import java.util.List;
import velnik.core.fit.Stacked.Label;
import velnik.core.html.VisitorWords;
import velnik.core.navigation.Marks;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Presentation;
import velnik.core.navigation.Target;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Appearance.Weight;
import velnik.core.site.Details;
import velnik.core.site.Device;
import velnik.core.site.Placing.Form;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/**
 * Items that stand one under the other, as one device gets them.
 *
 * @param form in which the look shows them there
 * @param abreast how many there are on the first level
 */
record Column(Zone zone, Form form, Presentation presentation, List<Entry> entries, int abreast) {

    /**
     * @param depth how many items are above it
     * @param marked whether it leads to the visited page, or what flies out of it does
     * @param link whether it is one
     * @param opens whether what is beneath it is opened by something beside it
     */
    private record Entry(Piece piece, int depth, boolean marked, boolean link, boolean opens) {}

    private static final int BOLD = 700;
    private static final int IN_TRAIL = 600;

    // As the style sheets have them, in rems and pixels.
    private static final double DOWN = 1;
    private static final int DOWN_LINE = 2;
    private static final double FOLDED = 1.2;
    private static final int FOLDED_LINE = 3;
    private static final double AT_SIDE = 0.9;
    private static final double MARK = 0.7;
    private static final double ARROW = 2.6;
    private static final double COUNT = 7.5;
    private static final double HEADER_BUTTON = 1;
    private static final double HEADER_TYPE = 0.97;
    private static final double LEAST = 11;
    private static final double MORE_AFTER_WORDS = 0.1;

    Column {
        entries = List.copyOf(entries);
    }

    static Column of(ZoneMenu menu, Zone zone, Form form, Device device, Marks marks, Details details, Type type) {
        List<Entry> entries = new ArrayList<>();
        new Reading(form, device, marks, type, VisitorWords.in(details.language()), details.name())
                .add(menu.rows(), 0, entries);
        long abreast = menu.rows().stream().filter(row -> row.isOn(device)).count();
        return new Column(zone, form, menu.presentation(), entries, (int) abreast);
    }

    /**
     * @param words of the visitors' language
     * @param name of the site
     */
    private record Reading(Form form, Device device, Marks marks, Type type, Messages words, String name) {

        void add(List<NavigationRow> rows, int depth, List<Entry> entries) {
            for (NavigationRow row : rows) {
                if (!row.isOn(device) || row.isBlock() || row.target() instanceof Target.ToChannels) {
                    continue;
                }
                entries.add(entry(row, depth));
                boolean sideBySide =
                        form != Form.FOLDING && row.appearance().arrangement().columns() > 1;
                if (form != Form.FLYING_OUT && !sideBySide) {
                    add(row.rows(), depth + 1, entries);
                }
            }
        }

        private Entry entry(NavigationRow row, int depth) {
            boolean link = row.isLinkOn(device);
            boolean current = link && marks.isCurrent(row);
            boolean onTheWay = marks.isCurrent(row) || marks.isInTrail(row);
            int own = row.appearance().weight() == Weight.STRONG ? BOLD : type.textWeight();
            int weight = switch (form) {
                case FOLDING -> current ? BOLD : link && onTheWay ? IN_TRAIL : own;
                case DOWN, COLUMNS -> current || depth == 0 && !link ? BOLD : own;
                case FLYING_OUT, ACROSS, BUTTON, DRAWER -> own;
            };
            return new Entry(
                    Piece.of(row, device, type, weight, words, name),
                    depth,
                    form == Form.FLYING_OUT ? onTheWay : form == Form.FOLDING && current,
                    link,
                    row.opensOn(device));
        }
    }

    boolean isKnown() {
        return entries.stream().allMatch(entry -> entry.piece().known());
    }

    Stacked at(Lengths lengths, double room) {
        double each = each(lengths, room);
        return Stacked.of(
                each, entries.stream().map(entry -> label(entry, lengths, each)).toList());
    }

    /** The answer of {@link #at} without its labels. */
    boolean holds(Lengths lengths, double room) {
        double each = each(lengths, room);
        return entries.stream().allMatch(entry -> label(entry, lengths, each).fits());
    }

    Column with(Presentation other) {
        return new Column(zone, form, other, entries, abreast);
    }

    /** What one of those side by side has. */
    private double each(Lengths lengths, double room) {
        if (form != Form.COLUMNS) {
            return room;
        }
        double gap = lengths.gap(presentation.gap());
        double least = LEAST * lengths.rem();
        int fit = Math.clamp((int) ((room + gap) / (least + gap)), 1, Math.max(1, abreast));
        return Math.max(least, (room - (fit - 1) * gap) / fit);
    }

    private Label label(Entry entry, Lengths lengths, double room) {
        Piece piece = entry.piece();
        double rem = lengths.rem();
        double em = isHeader() && entry.depth() > 0 && form == Form.FOLDING
                ? HEADER_TYPE * rem
                : lengths.type(zone, presentation.size());
        if (form == Form.FLYING_OUT) {
            double start = entry.marked() ? MARK * rem : 0;
            double more = piece.opener() == Piece.Opener.WORDS ? MORE_AFTER_WORDS * rem : 0;
            return new Label(piece.label(), start, piece.line(lengths, zone, em) + more, room - start);
        }
        double start = inset(entry.depth(), rem) + before(entry, lengths);
        return new Label(piece.label(), start, piece.words(lengths, em), room - start - after(entry, lengths));
    }

    private double inset(int depth, double rem) {
        return switch (form) {
            case DOWN -> depth * (DOWN * rem + DOWN_LINE);
            case FOLDING ->
                isHeader() && depth > 0
                        ? AT_SIDE * rem + DOWN_LINE + (depth - 1) * (FOLDED * rem + FOLDED_LINE)
                        : depth * (FOLDED * rem + FOLDED_LINE);
            case COLUMNS, FLYING_OUT, ACROSS, BUTTON, DRAWER -> 0;
        };
    }

    private double before(Entry entry, Lengths lengths) {
        if (entry.marked()) {
            return isHeader() ? 0 : MARK * lengths.rem();
        }
        return entry.piece().button() ? inButton(lengths) : 0;
    }

    private double after(Entry entry, Lengths lengths) {
        if (entry.piece().button()) {
            return inButton(lengths);
        }
        if (form != Form.FOLDING) {
            return 0;
        }
        if (isHeader()) {
            return entry.link() || entry.opens() ? ARROW * lengths.rem() : 0;
        }
        return !entry.opens() ? 0 : (zone == Zone.PHONE_DRAWER ? COUNT : ARROW) * lengths.rem();
    }

    private double inButton(Lengths lengths) {
        return isHeader() ? HEADER_BUTTON * lengths.rem() : lengths.inButton(zone);
    }

    private boolean isHeader() {
        return zone == Zone.HEADER;
    }
}
