package velnik.core.fit;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import velnik.core.fit.Laid.State;
import velnik.core.fit.Spans.Span;
import velnik.core.html.VisitorWords;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Presentation;
import velnik.core.navigation.ZoneMenu;
import velnik.core.site.Device;
import velnik.core.site.Placing;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/**
 * How a menu that stands across in a zone fits there, at any width of the screen. A browser whose size of type is the
 * usual one shows it so within a pixel or two, as long as the site's own fonts have all letters.
 */
public final class RowFit extends MenuFit {
    private final Brand brand;
    private final Row wide;
    private final Row narrow;

    private RowFit(Site site, Zone zone, ZoneMenu menu, Lengths.Around around) {
        super(site, zone, menu, around);
        Type type = Type.of(details.look(), details.tuning());
        this.brand = Brand.of(site, type);
        Map<NavigationRow, Piece> alike = new IdentityHashMap<>();
        this.wide = row(type, Device.WIDE, alike);
        this.narrow = row(type, Device.PHONE, alike);
    }

    /** @param alike what has been measured already, and is the same on every device */
    private Row row(Type type, Device device, Map<NavigationRow, Piece> alike) {
        Messages words = VisitorWords.in(details.language());
        List<Piece> pieces = new ArrayList<>();
        for (NavigationRow row : menu.rows()) {
            if (isAlike(row)) {
                pieces.add(alike.computeIfAbsent(row, any -> Piece.of(row, device, type, words, details.name())));
            } else if (row.isOn(device)) {
                pieces.add(Piece.of(row, device, type, words, details.name()));
            }
        }
        return new Row(zone, menu.presentation(), pieces, Piece.more(words.say("more"), type), words.say("menu"));
    }

    private static boolean isAlike(NavigationRow row) {
        return row.isOn(Device.WIDE)
                && row.isOn(Device.PHONE)
                && row.opensOn(Device.WIDE) == row.opensOn(Device.PHONE)
                && row.isLinkOn(Device.WIDE) == row.isLinkOn(Device.PHONE);
    }

    /** Of every menu that stands across on a page, zone by zone. Costs O(letters of labels). */
    public static List<RowFit> of(Site site, Navigation navigation) {
        return across(site, navigation).stream()
                .map(standing -> standing.fit(site))
                .toList();
    }

    /**
     * A menu that stands across, yet to be measured.
     *
     * @param around which zones beside the text hold something, where that matters
     */
    record Standing(Zone zone, ZoneMenu menu, Lengths.Around around) {
        RowFit fit(Site site) {
            return new RowFit(site, zone, menu, around);
        }
    }

    static List<Standing> across(Site site, Navigation navigation) {
        Lengths.Around around = Lengths.Around.of(navigation);
        List<Standing> across = new ArrayList<>();
        for (Zone zone : Zone.values()) {
            for (ZoneMenu menu : navigation.in(zone)) {
                if (site.details().look().shows(zone, menu.presentation().form()) == Placing.Form.ACROSS) {
                    boolean between = zone == Zone.ABOVE || zone == Zone.BELOW;
                    across.add(new Standing(zone, menu, between ? around : Lengths.Around.NOTHING));
                }
            }
        }
        return across;
    }

    /** Equal for rows of one menu that are as long as each other, item by item, and have the same room. */
    Object likeness() {
        return List.of(menu.menu(), around, wide, narrow);
    }

    /** The word behind which items go that have no room. */
    String more() {
        return wide.more().label();
    }

    @Override
    public boolean isKnown() {
        return Stream.of(wide, narrow).flatMap(row -> row.pieces().stream()).allMatch(Piece::known);
    }

    /**
     * As it stands there. Costs O(items).
     *
     * @param screen its width in pixels, from {@link Spans#LEAST} to {@link Spans#MOST}
     */
    public Laid at(int screen) {
        Lengths lengths = lengths(screen);
        return lengths.isAway(zone) ? Laid.NOWHERE : row(lengths).at(lengths, room(lengths));
    }

    /** The usual widths of screens where it shows and is too long for one line, widest first. Costs O(items). */
    public List<Integer> tooLong() {
        return Spans.WIDTHS.stream()
                .filter(width -> {
                    State state = at(width).state();
                    return state != State.HOLDS && state != State.AWAY;
                })
                .toList();
    }

    @Override
    public List<Span> holds() {
        return Spans.where(this::holdsAt);
    }

    private boolean holdsAt(int screen) {
        Lengths lengths = lengths(screen);
        Row row = row(lengths);
        return !lengths.isAway(zone) && !row.pieces().isEmpty() && row.holds(lengths, room(lengths));
    }

    @Override
    public List<Adjustment> adjustments(int screen) {
        Laid now = at(screen);
        if (now.state() == State.AWAY || now.state() == State.HOLDS) {
            return List.of();
        }
        Lengths lengths = lengths(screen);
        return Adjustment.of(row(lengths), now, other -> {
            Presentation presentation = other.presentation();
            return other.at(lengths, lengths.room(zone, presentation.width(), around, brand));
        });
    }

    private Row row(Lengths lengths) {
        return lengths.isNarrow() ? narrow : wide;
    }

    private double room(Lengths lengths) {
        return lengths.room(zone, menu.presentation().width(), around, brand);
    }
}
