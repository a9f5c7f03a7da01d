package velnik.core.looks;

import java.util.List;
import java.util.Map;
import velnik.core.looks.Palette.Scheme;
import velnik.core.site.Look;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
import velnik.core.text.Messages;

/** Whether visitors can read what an owner coloured. */
public final class Legibility {
    private static final Messages WORDS = Messages.of(Legibility.class);

    private Legibility() {}

    /**
     * A colour in which something is hard to read.
     *
     * @param ratio by which it stands out, from 1 to 21
     * @param asked by WCAG 2.2 AA
     * @param nearest that stands out enough, as {@link Token#read} writes it
     */
    public record Weak(Token token, double ratio, double asked, String nearest) {
        public String sentence() {
            // Rounded down: what does not suffice never reads as if it did.
            return WORDS.say(
                    token.name(), Map.of("ratio", Math.floor(ratio * 10) / 10, "asked", asked, "nearest", nearest));
        }
    }

    /**
     * Empty where all is read well. All that is not chosen follows what is, so that only the accent can fail, and only in
     * the light; in the dark it is made to stand out.
     */
    public static List<Weak> of(Look look, Tuning tuning) {
        if (!(tuning.get(Token.ACCENT) instanceof String chosen)) {
            return List.of();
        }
        Shade accent = Shade.of(chosen);
        List<Shade> grounds = new Palette(look, Scheme.LIGHT, tuning).grounds();
        double ratio = accent.leastContrast(grounds);
        if (ratio >= Palette.READ) {
            return List.of();
        }
        String nearest = accent.standingOut(grounds, Palette.READ).written();
        return List.of(new Weak(Token.ACCENT, ratio, Palette.READ, nearest));
    }
}
