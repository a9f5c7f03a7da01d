package velnik.core.site;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A place on earth, as WGS 84 has it.
 *
 * @param latitude degrees north of the equator, from -90 to 90
 * @param longitude degrees east of Greenwich, from -180 to 180
 */
public record Position(double latitude, double longitude) {
    private static final Pattern TYPED = Pattern.compile(
            "(?:geo:)?([+-]?\\d{1,2}(?:\\.\\d{1,12})?)°?\\s*([NS])?\\s*[,; ]\\s*([+-]?\\d{1,3}(?:\\.\\d{1,12})?)°?\\s*([EW])?",
            Pattern.CASE_INSENSITIVE);

    public Position {
        if (!(Math.abs(latitude) <= 90) || !(Math.abs(longitude) <= 180)) {
            throw new IllegalArgumentException("nowhere on earth: " + latitude + ", " + longitude);
        }
    }

    /** As typed or copied from a map: two numbers, each perhaps with a letter for its side of the earth. */
    public static Optional<Position> read(String typed) {
        Matcher matcher = TYPED.matcher(typed.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        double latitude = Double.parseDouble(matcher.group(1)) * ("s".equalsIgnoreCase(matcher.group(2)) ? -1 : 1);
        double longitude = Double.parseDouble(matcher.group(3)) * ("w".equalsIgnoreCase(matcher.group(4)) ? -1 : 1);
        return Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180
                ? Optional.of(new Position(rounded(latitude), rounded(longitude)))
                : Optional.empty();
    }

    /** To a tenth of a metre. */
    private static double rounded(double degrees) {
        return Math.round(degrees * 1e6) / 1e6 + 0.0;
    }

    /** As it is read again: {@code 51.732, 0.684}. */
    public String written() {
        return plain(latitude) + ", " + plain(longitude);
    }

    private static String plain(double degrees) {
        return String.format(Locale.ROOT, "%.6f", degrees).replaceFirst("\\.?0+$", "");
    }
}
