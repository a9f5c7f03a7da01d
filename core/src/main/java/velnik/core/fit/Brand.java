package velnik.core.fit;

import org.jspecify.annotations.Nullable;
import velnik.core.site.Details;
import velnik.core.site.FileContent;
import velnik.core.site.Site;
import velnik.core.site.Token;

/**
 * The name of the site with its mark, where it stands before the menus of a row.
 *
 * @param em how wide the name is
 * @param shape how often its height the mark is wide; 0 without one
 */
record Brand(double em, double shape) {
    /** In rems, as the look that has it in a row says. */
    private static final double TYPE = 1.55;

    private static final double HEIGHT = 2.2;
    private static final double MARK = 6;
    private static final double BETWEEN = 0.6;
    private static final double MOST = 14;

    /** Where it does not stand before menus. */
    static final Brand NONE = new Brand(0, 0);

    static Brand of(Site site, Type type) {
        Details details = site.details();
        @Nullable
        FileContent mark = details.logo() == null || details.tuning().get(Token.LOGO) != null
                ? null
                : site.findPicture(details.logo()).map(file -> file.content()).orElse(null);
        return new Brand(
                Face.of(type.head()).width(details.name(), type.headWeight()),
                mark == null || mark.height() == 0 ? 0 : (double) mark.width() / mark.height());
    }

    /** In pixels; a name that is longer goes on in a second line. */
    double width(Lengths lengths) {
        double mark = shape == 0 ? 0 : Math.min(MARK, HEIGHT * shape);
        double between = shape == 0 || em == 0 ? 0 : BETWEEN;
        return Math.min(MOST, mark + between + em * TYPE) * lengths.rem();
    }
}
