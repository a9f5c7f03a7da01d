package velnik.core.looks;

import java.util.ResourceBundle;
import org.jspecify.annotations.Nullable;
import velnik.core.looks.Palette.Scheme;
import velnik.core.site.Look;
import velnik.core.site.Token;

/** What each look has of its own, before anything is tuned. Its style sheet is built from the same. */
public final class OwnValues {
    private static final ResourceBundle VALUES = ResourceBundle.getBundle("velnik.core.looks.Looks");

    private OwnValues() {}

    /** Light, then dark. */
    static String[] colours(Look look, Role role) {
        return VALUES.getString(look.word() + "." + role.word()).split(" ");
    }

    /** As {@link Token#read} writes it, in the light; null for what is not said in values. */
    public static @Nullable String of(Look look, Token token) {
        return switch (token) {
            case MAIN -> new Palette(look, Scheme.LIGHT).get(Role.MAIN).written();
            case ACCENT -> new Palette(look, Scheme.LIGHT).get(Role.ACCENT).written();
            case GROUND -> new Palette(look, Scheme.LIGHT).get(Role.GROUND).written();
            case SIZE, WIDTH, SIDES, DRAWERS, SPACING -> "100";
            case CORNERS -> VALUES.getString(look.word() + ".corner");
            case TYPE, LOGO, HEADER -> null;
        };
    }
}
