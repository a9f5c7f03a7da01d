package velnik.core.fit;

import org.jspecify.annotations.Nullable;
import velnik.core.navigation.Navigation;
import velnik.core.site.Look;
import velnik.core.site.Placing;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
import velnik.core.site.Zone;

/** Lengths of visitors' pages in pixels, at one width of the screen, as the style sheets have them. */
final class Lengths {
    /** Up to here menus of the header are in the drawer, and what stands beside the text stands under it. */
    static final int NARROW = 960;

    /** What the footer says of the business, in rems. */
    private static final int IMPRINT = 18;

    /** Between two things, in pixels. */
    private static final int LINE = 1;

    private final Look look;
    private final Tuning tuning;
    private final int screen;
    private final double rem;

    /** @param screen its width, without a bar to scroll by */
    Lengths(Look look, Tuning tuning, int screen) {
        this.look = look;
        this.tuning = tuning;
        this.screen = screen;
        this.rem = Math.clamp(12 + 0.0035 * screen, 17, 24) * factor(Token.SIZE);
    }

    double rem() {
        return rem;
    }

    boolean isNarrow() {
        return screen <= NARROW;
    }

    /** Whether menus of the zone are not on the page, or in the drawer. */
    boolean isAway(Zone zone) {
        return zone == Zone.HEADER && isNarrow() || zone == Zone.PHONE_DRAWER && !isNarrow();
    }

    /** Between items, for one that is placed so. */
    double gap(Placing.Gap gap) {
        return rem
                * factor(Token.SPACING)
                * switch (gap) {
                    case TIGHT -> 0.6;
                    case NORMAL -> 1.1;
                    case WIDE -> 2;
                };
    }

    /** Of the type of a menu. */
    double type(Zone zone, Placing.Size size) {
        return rem
                * switch (size) {
                    case SMALL -> 0.92;
                    case NORMAL -> zone == Zone.HEADER ? 0.97 : 1;
                    case LARGE -> 1.15;
                };
    }

    /** At either end of a button that a row has. */
    double inButton(Zone zone) {
        return (look == Look.WEIR && zone == Zone.HEADER ? 1 : 0.9) * rem;
    }

    /**
     * What a menu has at most.
     *
     * @param around which zones beside the text hold something
     * @param name of the site, which stands before the header's menus where it does
     */
    double room(Zone zone, Placing.Width width, Around around, Brand name) {
        double most = switch (width) {
            case NARROW -> 14 * rem;
            case MEDIUM -> 28 * rem;
            case WIDE -> 48 * rem;
            case FULL -> Double.MAX_VALUE;
        };
        return Math.max(0, Math.min(most, room(zone, around, name)));
    }

    /** @param sidebar whether something stands there; {@code beside} likewise */
    record Around(boolean sidebar, boolean beside) {
        static final Around NOTHING = new Around(false, false);

        static Around of(Navigation navigation) {
            return new Around(
                    !navigation.in(Zone.SIDEBAR).isEmpty(),
                    !navigation.in(Zone.BESIDE).isEmpty());
        }
    }

    private double room(Zone zone, Around around, Brand name) {
        return switch (zone) {
            case HEADER ->
                switch (look) {
                    case STAITHE -> edged(screen) - name.width(this) - 2.2 * rem;
                    case WEIR, TIDETABLE -> edged(screen);
                    case TOWPATH -> header() - 3.4 * rem - LINE;
                };
            case ABOVE, BELOW -> middle(around) - 2 * pad();
            case SIDEBAR -> isNarrow() ? ground() - 2 * pad() : sidebar() - 1.5 * rem - pad();
            case BESIDE -> isNarrow() ? ground() - 2 * pad() : beside() - 1.5 * rem - pad();
            case FOOTER -> footer();
            case PHONE_DRAWER -> screen - 2 * pad();
        };
    }

    private double pad() {
        return Math.clamp(0.044 * screen, 1.2 * rem, 4 * rem);
    }

    /** Of a header or a footer of that width, whose ends leave the page's width between them. */
    private double edged(double width) {
        return width - 2 * Math.max(pad(), (width - page()) / 2);
    }

    private double page() {
        double own = switch (look) {
            case STAITHE -> 84;
            case WEIR -> 78;
            case TOWPATH -> 74;
            case TIDETABLE -> 90;
        };
        return own * rem * factor(Token.WIDTH);
    }

    /** What lies beside a header that stands at the side. */
    private double besideHeader() {
        return look.isHeaderBeside() && !isNarrow() ? screen - header() : screen;
    }

    /** That stands at the side. */
    private double header() {
        return 18.5 * rem * factor(Token.SIDES);
    }

    private double ground() {
        return Math.min(besideHeader(), page() + 2 * pad());
    }

    private double sidebar() {
        return 16 * rem * factor(Token.SIDES);
    }

    private double beside() {
        return 14 * rem * factor(Token.SIDES);
    }

    private double middle(Around around) {
        if (isNarrow()) {
            return ground();
        }
        return ground() - (around.sidebar() ? sidebar() : 0) - (around.beside() ? beside() : 0);
    }

    private double footer() {
        if (isNarrow()) {
            return edged(screen);
        }
        return switch (look) {
            case STAITHE -> besideImprint(edged(screen), 4, 30);
            case WEIR -> besideImprint(edged(screen), 4, 0);
            case TOWPATH -> besideImprint(besideHeader() - 2 * pad(), 3, 26);
            case TIDETABLE -> (edged(screen) - 4 * rem) * 2 / 3;
        };
    }

    /** In rems: what is between both, and what menus have at least, or they stand alone. */
    private double besideImprint(double whole, int between, int least) {
        double beside = whole - (IMPRINT + between) * rem;
        return beside < least * rem ? whole : beside;
    }

    private double factor(Token token) {
        @Nullable String percent = tuning.get(token);
        return percent == null ? 1 : Integer.parseInt(percent) / 100.0;
    }
}
