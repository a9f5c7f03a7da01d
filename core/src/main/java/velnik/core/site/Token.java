package velnik.core.site;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** One value of a look that an owner may tune. */
public enum Token {
    /** The ground of bands, as in {@code #1a2b3c}. */
    MAIN(Kind.COLOUR),
    /** Links, buttons, and marks of where one is. */
    ACCENT(Kind.COLOUR),
    /** What pages are written on. */
    GROUND(Kind.COLOUR),
    /** Names a {@link TypePair}. */
    TYPE(Kind.TYPE),
    /** Percent of the look's own size of type. */
    SIZE(Kind.PERCENT, 85, 130),
    /** Percent of the look's own width of a page. */
    WIDTH(Kind.PERCENT, 75, 130),
    /** Percent of the look's own width of the columns at the sides. */
    SIDES(Kind.PERCENT, 75, 130),
    /** Percent of the usual width of drawers. */
    DRAWERS(Kind.PERCENT, 75, 130),
    /** Percent of the look's own space between things. */
    SPACING(Kind.PERCENT, 60, 150),
    /** How round corners are, in pixels. */
    CORNERS(Kind.PIXELS, 0, 24),
    /** Whether the logo stands in the header beside the name; it does where nothing is said. */
    LOGO(Kind.SHOWN),
    /** Whether the header stays in sight while a visitor scrolls; it goes with the page where nothing is said. */
    HEADER(Kind.PLACE);

    /** What its values are. */
    public enum Kind {
        COLOUR,
        TYPE,
        PERCENT,
        PIXELS,
        SHOWN,
        PLACE;

        /** Whether the look decides where no value is. */
        public boolean isOfLook() {
            return this != SHOWN && this != PLACE;
        }
    }

    /** The one value of what is shown unless it is said otherwise. */
    public static final String HIDDEN = "HIDDEN";

    /** The one value of what goes with the page unless it is said otherwise. */
    public static final String KEPT = "KEPT";

    private static final Pattern COLOUR = Pattern.compile("#?(?:([0-9a-f]{6})|([0-9a-f])([0-9a-f])([0-9a-f]))");
    private static final Pattern NUMBER = Pattern.compile("([0-9]{1,3})\\s*(?:%|px|percent|pixels)?");

    private final Kind kind;
    private final int least;
    private final int most;

    Token(Kind kind) {
        this(kind, 0, 0);
    }

    Token(Kind kind, int least, int most) {
        this.kind = kind;
        this.least = least;
        this.most = most;
    }

    public Kind kind() {
        return kind;
    }

    /** Of numbers. */
    public int least() {
        return least;
    }

    /** Of numbers. */
    public int most() {
        return most;
    }

    /** The value that is meant, written in the one way it is kept; empty where it is none of this. */
    public Optional<String> read(String typed) {
        String plain = typed.strip();
        return switch (kind) {
            case COLOUR -> {
                var colour = COLOUR.matcher(plain.toLowerCase(Locale.ROOT));
                if (!colour.matches()) {
                    yield Optional.empty();
                }
                yield Optional.of("#"
                        + (colour.group(1) != null
                                ? colour.group(1)
                                : colour.group(2).repeat(2)
                                        + colour.group(3).repeat(2)
                                        + colour.group(4).repeat(2)));
            }
            case TYPE ->
                Stream.of(TypePair.values())
                        .map(Enum::name)
                        .filter(plain::equals)
                        .findFirst();
            case PERCENT, PIXELS -> {
                var number = NUMBER.matcher(plain);
                yield number.matches()
                                && Integer.parseInt(number.group(1)) >= least
                                && Integer.parseInt(number.group(1)) <= most
                        ? Optional.of(String.valueOf(Integer.parseInt(number.group(1))))
                        : Optional.empty();
            }
            case SHOWN -> Optional.of(plain).filter(HIDDEN::equals);
            case PLACE -> Optional.of(plain).filter(KEPT::equals);
        };
    }
}
