package velnik.core.looks;

import java.util.Locale;
import java.util.Optional;
import java.util.StringJoiner;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import velnik.core.looks.Palette.Scheme;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;

/**
 * The style sheet that says what an owner tuned, over that of the look: a few hundred bytes. Its address says all of it,
 * so it can be made by whoever is asked for it, and lie in a folder.
 */
public final class TunedSheet {
    /** Where such sheets are found. */
    public static final String BASE = "/-/static/visitor/tuned/";

    /** Part of each address. Another is needed when the same tuning makes another style sheet. */
    private static final int FORM = 1;

    private static final Pattern ADDRESS =
            Pattern.compile(BASE + FORM + "-([a-z]+)((?:\\.[a-z]+-[0-9a-zA-Z]+)*)\\.css");

    /**
     * The header over the page, which passes beneath it and stops below it when somebody goes to a place. What opens from
     * it scrolls by itself, since the page does not take it along. On paper, and where a screen is low, it stays above.
     */
    private static final String IN_SIGHT = "@media screen and (min-height:30rem){"
            + ":root .site-header{position:sticky;inset-block-start:0;z-index:12}"
            + ":root{scroll-padding-block-start:7rem}"
            + ":root .drawer>nav{max-height:calc(100vh - 6rem);overflow-y:auto}}";

    private final Look look;
    private final Tuning tuning;

    private TunedSheet(Look look, Tuning tuning) {
        this.look = look;
        this.tuning = tuning;
    }

    /** Empty where nothing is tuned that the look's own style sheet, or that of the type, does not say. */
    public static Optional<TunedSheet> of(Look look, Tuning tuning) {
        TunedSheet sheet = new TunedSheet(look, tuning.with(Token.TYPE, null));
        return sheet.tuning.values().isEmpty() ? Optional.empty() : Optional.of(sheet);
    }

    /** The one that lies at an address; empty where none does. */
    public static Optional<TunedSheet> at(String address) {
        Matcher said = ADDRESS.matcher(address);
        if (!said.matches()) {
            return Optional.empty();
        }
        Tuning tuning = Tuning.NONE;
        for (String part : said.group(2).isEmpty()
                ? new String[0]
                : said.group(2).substring(1).split("\\.")) {
            String[] both = part.split("-");
            Optional<Token> token = named(Token.values(), both[0]);
            Optional<String> value = token.flatMap(known -> known.read(both[1]));
            if (value.isEmpty()) {
                return Optional.empty();
            }
            tuning = tuning.with(token.get(), value.get());
        }
        Tuning all = tuning;
        return named(Look.values(), said.group(1))
                .flatMap(look -> of(look, all))
                .filter(sheet -> sheet.address().equals(address)); // each has one
    }

    private static <E extends Enum<E>> Optional<E> named(E[] all, String word) {
        for (E each : all) {
            if (each.name().equalsIgnoreCase(word)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }

    /** From the root of the site. */
    public String address() {
        StringJoiner said = new StringJoiner(".", BASE + FORM + "-", ".css");
        said.add(look.word());
        tuning.values()
                .forEach((token, value) ->
                        said.add(token.name().toLowerCase(Locale.ROOT) + "-" + value.replace("#", "")));
        return said.toString();
    }

    /** It outweighs the look's own, whichever is read first. */
    public String css() {
        StringJoiner values = new StringJoiner(";", ":root:root{", "}");
        Palette light = new Palette(look, Scheme.LIGHT, tuning);
        Palette dark = new Palette(look, Scheme.DARK, tuning);
        Palette ownLight = new Palette(look, Scheme.LIGHT);
        Palette ownDark = new Palette(look, Scheme.DARK);
        for (Role role : Role.values()) {
            Shade bright = light.get(role);
            Shade dim = dark.get(role);
            if (!bright.equals(ownLight.get(role)) || !dim.equals(ownDark.get(role))) {
                values.add("--" + role.word() + ":light-dark(" + bright.written() + "," + dim.written() + ")");
            }
        }
        factor(values, "size", Token.SIZE);
        factor(values, "broad", Token.WIDTH);
        factor(values, "sides", Token.SIDES);
        factor(values, "drawers", Token.DRAWERS);
        factor(values, "space", Token.SPACING);
        if (tuning.get(Token.CORNERS) instanceof String pixels) {
            values.add("--corner:" + pixels + "px");
        }
        return values
                + (tuning.get(Token.LOGO) == null ? "" : ".site-name img{display:none}")
                + (tuning.get(Token.HEADER) == null ? "" : IN_SIGHT);
    }

    private void factor(StringJoiner values, String name, Token token) {
        @Nullable String percent = tuning.get(token);
        if (percent != null) {
            values.add("--" + name + ":" + Integer.parseInt(percent) / 100.0);
        }
    }
}
