package velnik.core.fit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import velnik.core.fit.Adjustment.Kind;
import velnik.core.fit.Laid.State;
import velnik.core.fit.Spans.Span;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.Presentation;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Device;
import velnik.core.site.Look;
import velnik.core.site.Placing.Form;
import velnik.core.site.Placing.Size;
import velnik.core.site.Placing.Width;
import velnik.core.site.Site;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
import velnik.core.site.Zone;

/**
 * How the labels of a menu that stands one under the other fit there, at any width of the screen: a label that is wider
 * than the column goes on in a second line. Content blocks have no label, and what stands side by side beneath an item is
 * left out.
 */
public final class ColumnFit extends MenuFit {
    /** Percent, by which side columns are made wider. */
    private static final int STEP = 5;

    private final Column wide;
    private final Column narrow;

    private ColumnFit(Site site, Navigation navigation, Zone zone, ZoneMenu menu, Form form) {
        super(site, zone, menu, Lengths.Around.of(navigation));
        Type type = Type.of(details.look(), details.tuning());
        this.wide = column(navigation, form, Device.WIDE, type);
        this.narrow = column(navigation, form, Device.PHONE, type);
    }

    private Column column(Navigation navigation, Form form, Device device, Type type) {
        return Column.of(menu, zone, form, device, navigation.marks(zone, menu.menu(), device), details, type);
    }

    /** Of every menu that stands so on a page, zone by zone. Costs O(letters of labels). */
    public static List<ColumnFit> of(Site site, Navigation navigation) {
        List<ColumnFit> columns = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            for (ZoneMenu menu : navigation.in(zone)) {
                Look look = site.details().look();
                Form form = look.shows(zone, menu.presentation().form());
                if (isOpen(form) && (zone != Zone.HEADER || look.isHeaderBeside())) {
                    columns.add(new ColumnFit(site, navigation, zone, menu, form));
                }
            }
        }
        return columns;
    }

    /** Whether it stands on the page, not over it, where labels have the room that they ask for. */
    private static boolean isOpen(Form form) {
        return switch (form) {
            case DOWN, FOLDING, FLYING_OUT, COLUMNS -> true;
            case ACROSS, BUTTON, DRAWER -> false;
        };
    }

    @Override
    public boolean isKnown() {
        return wide.isKnown() && narrow.isKnown();
    }

    /**
     * As it stands there. Costs O(items).
     *
     * @param screen its width in pixels, from {@link Spans#LEAST} to {@link Spans#MOST}
     */
    public Stacked at(int screen) {
        return at(screen, details.tuning());
    }

    private Stacked at(int screen, Tuning tuning) {
        Lengths lengths = new Lengths(details.look(), tuning, screen);
        return lengths.isAway(zone) ? Stacked.NOWHERE : at(lengths, column(lengths));
    }

    private Stacked at(Lengths lengths, Column column) {
        return column.at(lengths, room(lengths, column));
    }

    private double room(Lengths lengths, Column column) {
        return lengths.room(zone, column.presentation().width(), around, Brand.NONE);
    }

    private Column column(Lengths lengths) {
        return lengths.isNarrow() ? narrow : wide;
    }

    @Override
    public List<Span> holds() {
        return Spans.where(screen -> {
            Lengths lengths = lengths(screen);
            Column column = column(lengths);
            return !lengths.isAway(zone) && !column.entries().isEmpty() && column.holds(lengths, room(lengths, column));
        });
    }

    @Override
    public List<Adjustment> adjustments(int screen) {
        Stacked now = at(screen);
        if (now.state() != State.WRAPS) {
            return List.of();
        }
        Lengths lengths = lengths(screen);
        Column column = column(lengths);
        Presentation has = column.presentation();
        List<Adjustment> adjustments = new ArrayList<>();
        if (has.width() != Width.FULL) {
            adjustments.add(of(Kind.FULL_WIDTH, at(lengths, column.with(has.withWidth(Width.FULL))), 0));
        }
        if (has.size() != Size.SMALL) {
            adjustments.add(of(Kind.SMALL_TYPE, at(lengths, column.with(has.withSize(Size.SMALL))), 0));
        }
        boolean atSide = zone == Zone.SIDEBAR || zone == Zone.BESIDE || zone == Zone.HEADER;
        if (atSide && !lengths.isNarrow()) {
            widerSides(screen).forEach(adjustments::add);
        }
        adjustments.add(new Adjustment(Kind.SHORTER_LABELS, true, 0, letters(now)));
        adjustments.sort(Comparator.comparing(Adjustment::holds).reversed());
        return adjustments;
    }

    /** By as little as does, or else as wide as they get. */
    private Stream<Adjustment> widerSides(int screen) {
        int now = Integer.parseInt(details.tuning().values().getOrDefault(Token.SIDES, "100"));
        int most = Token.SIDES.most();
        List<Adjustment> wider = IntStream.iterate(now, percent -> percent < most, percent -> percent + STEP)
                .map(percent -> Math.min(percent + STEP, most))
                .mapToObj(percent -> of(
                        Kind.WIDER_SIDES,
                        at(screen, details.tuning().with(Token.SIDES, String.valueOf(percent))),
                        percent))
                .toList();
        return wider.stream()
                .filter(Adjustment::holds)
                .findFirst()
                .or(() -> wider.stream().reduce((narrower, last) -> last))
                .stream();
    }

    private static int letters(Stacked now) {
        return now.tooLong().stream()
                .mapToInt(label -> (int)
                        Math.ceil(label.over() / label.width() * label.label().length()))
                .sum();
    }

    private static Adjustment of(Kind kind, Stacked stacked, int count) {
        return new Adjustment(kind, stacked.state() == State.HOLDS, Math.max(0, stacked.over()), count);
    }
}
