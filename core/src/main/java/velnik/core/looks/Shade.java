package velnik.core.looks;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A colour of the sRGB space, and how it stands out.
 *
 * @param rgb red, green and blue, eight bits each, red the highest
 */
record Shade(int rgb) {
    static final Shade BLACK = new Shade(0x000000);
    static final Shade WHITE = new Shade(0xffffff);

    /** Halvings of an interval of lightness; what remains is far below a step of eight bits. */
    private static final int HALVINGS = 24;

    Shade {
        if (rgb < 0 || rgb > 0xffffff) {
            throw new IllegalArgumentException("a colour has 24 bits, not " + Integer.toHexString(rgb));
        }
    }

    /** @param written as {@code #1a2b3c} */
    static Shade of(String written) {
        return new Shade(Integer.parseInt(written.substring(1), 16));
    }

    /** As {@code #1a2b3c}. */
    String written() {
        return "#%06x".formatted(rgb);
    }

    /** The ratio by which one stands out from the other, from 1 to 21, as WCAG 2.2 defines it. */
    double contrast(Shade other) {
        double one = luminance() + 0.05;
        double two = other.luminance() + 0.05;
        return Math.max(one, two) / Math.min(one, two);
    }

    /** From that of some from which it stands out least. */
    double leastContrast(Collection<Shade> grounds) {
        return grounds.stream().mapToDouble(this::contrast).min().orElse(21);
    }

    /** Whether white is read better on it than black. */
    boolean isDark() {
        return contrast(WHITE) >= contrast(BLACK);
    }

    /**
     * The nearest in lightness that stands out by at least a ratio from each of some, of the same hue and, as far as there
     * is such a colour, as vivid; itself where it does. Where none does, black or white, whichever stands out more.
     */
    Shade standingOut(Collection<Shade> grounds, double ratio) {
        Predicate<Shade> passes = shade -> shade.leastContrast(grounds) >= ratio;
        if (passes.test(this)) {
            return this;
        }
        double lightness = lab().lightness;
        return List.of(0.0, 1.0).stream()
                .flatMap(end -> towards(end, passes).stream())
                .min(Comparator.comparingDouble(shade -> Math.abs(shade.lab().lightness - lightness)))
                .orElse(BLACK.leastContrast(grounds) >= WHITE.leastContrast(grounds) ? BLACK : WHITE);
    }

    /** The first on the way to an end of lightness that passes; all beyond it do. */
    private Optional<Shade> towards(double end, Predicate<Shade> passes) {
        Shade best = end == 0 ? BLACK : WHITE;
        if (!passes.test(best)) {
            return Optional.empty();
        }
        Lab lab = lab();
        double near = lab.lightness;
        double far = end;
        for (int halving = 0; halving < HALVINGS; halving++) {
            double middle = (near + far) / 2;
            Shade shade = lab.withLightness(middle).shade();
            if (passes.test(shade)) {
                far = middle;
                best = shade;
            } else {
                near = middle;
            }
        }
        return Optional.of(best);
    }

    /** Of the same hue in another lightness, from 0 to 1, and at most so vivid. */
    Shade dimmed(Shade like, double mostVivid) {
        Lab lab = lab();
        double chroma = lab.chroma();
        double factor = chroma <= mostVivid ? 1 : mostVivid / chroma;
        return new Lab(like.lab().lightness, lab.a * factor, lab.b * factor).shade();
    }

    /** @param share of the other, from 0 to 1 */
    Shade mixed(Shade other, double share) {
        Lab one = lab();
        Lab two = other.lab();
        return new Lab(
                        one.lightness + (two.lightness - one.lightness) * share,
                        one.a + (two.a - one.a) * share,
                        one.b + (two.b - one.b) * share)
                .shade();
    }

    private double luminance() {
        return 0.2126 * linear(16) + 0.7152 * linear(8) + 0.0722 * linear(0);
    }

    private double linear(int shift) {
        double part = (rgb >> shift & 0xff) / 255.0;
        return part <= 0.04045 ? part / 12.92 : Math.pow((part + 0.055) / 1.055, 2.4);
    }

    /** In Oklab, where equal steps look equal. */
    private Lab lab() {
        double red = linear(16);
        double green = linear(8);
        double blue = linear(0);
        double l = Math.cbrt(0.4122214708 * red + 0.5363325363 * green + 0.0514459929 * blue);
        double m = Math.cbrt(0.2119034982 * red + 0.6806995451 * green + 0.1073969566 * blue);
        double s = Math.cbrt(0.0883024619 * red + 0.2817188376 * green + 0.6299787005 * blue);
        return new Lab(
                0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
                1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
                0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s);
    }

    /** The same in Oklab, by Björn Ottosson, 2020. */
    private record Lab(double lightness, double a, double b) {
        /** How far beyond its edge a part may be, for rounding. */
        private static final double EDGE = 1e-4;

        double chroma() {
            return Math.hypot(a, b);
        }

        Lab withLightness(double other) {
            return new Lab(other, a, b);
        }

        /** The most vivid of its hue and lightness that a screen has, at most as vivid as this. */
        Shade shade() {
            double[] parts = linearParts(1);
            if (!isOfScreens(parts)) {
                double vivid = 0;
                double tooVivid = 1;
                for (int halving = 0; halving < HALVINGS; halving++) {
                    double middle = (vivid + tooVivid) / 2;
                    if (isOfScreens(linearParts(middle))) {
                        vivid = middle;
                    } else {
                        tooVivid = middle;
                    }
                }
                parts = linearParts(vivid);
            }
            return new Shade(eightBits(parts[0]) << 16 | eightBits(parts[1]) << 8 | eightBits(parts[2]));
        }

        private static boolean isOfScreens(double[] parts) {
            for (double part : parts) {
                if (part < -EDGE || part > 1 + EDGE) {
                    return false;
                }
            }
            return true;
        }

        private double[] linearParts(double vividness) {
            double l = cube(lightness + (0.3963377774 * a + 0.2158037573 * b) * vividness);
            double m = cube(lightness - (0.1055613458 * a + 0.0638541728 * b) * vividness);
            double s = cube(lightness - (0.0894841775 * a + 1.2914855480 * b) * vividness);
            return new double[] {
                4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
                -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
                -0.0041960863 * l - 0.7034186147 * m + 1.7076147010 * s
            };
        }

        private static double cube(double value) {
            return value * value * value;
        }

        private static int eightBits(double linear) {
            double part = linear <= 0.0031308 ? linear * 12.92 : 1.055 * Math.pow(linear, 1 / 2.4) - 0.055;
            return (int) Math.round(Math.clamp(part, 0, 1) * 255);
        }
    }
}
