package velnik.core.looks;

import static velnik.core.looks.Role.ACCENT;
import static velnik.core.looks.Role.EDGE;
import static velnik.core.looks.Role.GROUND;
import static velnik.core.looks.Role.INK;
import static velnik.core.looks.Role.MAIN;
import static velnik.core.looks.Role.MAIN_BESIDE;
import static velnik.core.looks.Role.MAIN_MARK;
import static velnik.core.looks.Role.ON_ACCENT;
import static velnik.core.looks.Role.ON_MAIN;
import static velnik.core.looks.Role.ON_MAIN_SOFT;
import static velnik.core.looks.Role.PANEL;
import static velnik.core.looks.Role.RULE;
import static velnik.core.looks.Role.SOFT;
import static velnik.core.looks.Role.WASH;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;

/**
 * The colours of a look, light or dark, as it has them or as follows from what an owner chose. What is read has at least
 * 4.5 : 1 on each ground that it stands on; only an accent stays as it was chosen in the light, whatever it has.
 */
final class Palette {
    enum Scheme {
        LIGHT,
        DARK
    }

    /** WCAG 2.2, 1.4.3: of text. */
    static final double READ = 4.5;

    /** WCAG 2.2, 1.4.11: of what is known by its form. */
    static final double KNOWN = 3;

    /** What long texts are read well in. */
    private static final double READ_WELL = 7;

    /** How vivid a ground is at most in the dark, and a band. */
    private static final double GROUND_IN_THE_DARK = 0.03;

    private static final double BAND_IN_THE_DARK = 0.06;

    private final Look look;
    private final Scheme scheme;
    private final Map<Role, Shade> shades = new EnumMap<>(Role.class);

    /** As the look has it. */
    Palette(Look look, Scheme scheme) {
        this.look = look;
        this.scheme = scheme;
        for (Role role : Role.values()) {
            shades.put(role, Shade.of(OwnValues.colours(look, role)[scheme.ordinal()]));
        }
    }

    /** With what was chosen, and what follows from that. */
    Palette(Look look, Scheme scheme, Tuning tuning) {
        this(look, scheme);
        if (tuning.get(Token.GROUND) instanceof String ground) {
            writeOn(Shade.of(ground));
        }
        Shade accent = get(ACCENT);
        Shade marked = tuning.get(Token.ACCENT) instanceof String chosen ? Shade.of(chosen) : accent;
        if (scheme == Scheme.DARK || tuning.get(Token.ACCENT) == null) {
            marked = marked.standingOut(grounds(), READ);
        }
        if (!marked.equals(accent)) {
            shades.put(ACCENT, marked);
            shades.put(ON_ACCENT, readOn(marked, get(ON_ACCENT)));
        }
        if (tuning.get(Token.MAIN) instanceof String main) {
            band(Shade.of(main));
        }
        if (tuning.get(Token.MAIN) != null || !marked.equals(accent)) {
            shades.put(MAIN_MARK, marked.standingOut(List.of(get(MAIN), get(MAIN_BESIDE)), READ));
        }
    }

    Shade get(Role role) {
        return Objects.requireNonNull(shades.get(role));
    }

    /** What links stand on. */
    List<Shade> grounds() {
        return List.of(get(GROUND), get(WASH), get(PANEL));
    }

    private void writeOn(Shade chosen) {
        Shade ground =
                scheme == Scheme.LIGHT || chosen.isDark() ? chosen : chosen.dimmed(get(GROUND), GROUND_IN_THE_DARK);
        Shade ink = get(INK).standingOut(List.of(ground), READ_WELL);
        Shade wash = ground.mixed(ink, 0.06);
        Shade panel = ground.mixed(Shade.WHITE, ground.isDark() ? 0.08 : 0.6);
        shades.put(GROUND, ground);
        shades.put(INK, ink);
        shades.put(WASH, ink.contrast(wash) >= READ ? wash : ground);
        shades.put(PANEL, ink.contrast(panel) >= READ ? panel : ground);
        shades.put(SOFT, ink.mixed(ground, 0.25).standingOut(grounds(), READ));
        shades.put(RULE, ground.mixed(ink, 0.16));
        shades.put(EDGE, ground.mixed(ink, 0.5).standingOut(grounds(), KNOWN));
    }

    private void band(Shade chosen) {
        boolean dims = scheme == Scheme.DARK
                && !new Palette(look, Scheme.LIGHT).get(MAIN).equals(get(MAIN));
        Shade main = dims ? chosen.dimmed(get(MAIN), BAND_IN_THE_DARK) : chosen;
        Shade onMain = readOn(main, get(ON_MAIN));
        Shade beside = main.mixed(onMain, 0.12);
        if (onMain.contrast(beside) < READ) {
            beside = main;
        }
        Shade softer = onMain.mixed(main, 0.2);
        shades.put(MAIN, main);
        shades.put(MAIN_BESIDE, beside);
        shades.put(ON_MAIN, onMain);
        shades.put(ON_MAIN_SOFT, softer.leastContrast(List.of(main, beside)) >= READ ? softer : onMain);
    }

    private static Shade readOn(Shade ground, Shade own) {
        if (own.contrast(ground) >= READ) {
            return own;
        }
        return ground.isDark() ? Shade.WHITE : Shade.BLACK;
    }
}
