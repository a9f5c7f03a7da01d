package velnik.core.navigation;

import io.soabase.recordbuilder.core.RecordBuilder;
import velnik.core.site.Placing;
import velnik.core.site.Placing.Alignment;
import velnik.core.site.Placing.Form;
import velnik.core.site.Placing.Gap;
import velnik.core.site.Placing.Margin;
import velnik.core.site.Placing.Overflow;
import velnik.core.site.Placing.Size;
import velnik.core.site.Placing.Width;
import velnik.core.site.Zone;

/**
 * How a menu stands in a zone, with what its placing leaves open filled in as the zone has it.
 *
 * @param levels how many levels show
 */
@RecordBuilder
public record Presentation(
        Form form, Size size, Alignment alignment, Width width, Gap gap, Margin margin, Overflow overflow, int levels)
        implements PresentationBuilder.With {

    public static Presentation of(Zone zone, Placing placing) {
        Presentation usual = usual(zone);
        return new Presentation(
                placing.form().orElse(usual.form()),
                placing.size().orElse(usual.size()),
                placing.alignment().orElse(usual.alignment()),
                placing.width().orElse(usual.width()),
                placing.gap().orElse(usual.gap()),
                placing.margin().orElse(usual.margin()),
                placing.overflow().orElse(usual.overflow()),
                placing.levels().orElse(usual.levels()));
    }

    /** As the zone has it where nothing else is said. */
    public static Presentation usual(Zone zone) {
        return switch (zone) {
            case HEADER -> usual(Form.ACROSS, Size.NORMAL, Alignment.END, 2);
            case ABOVE, BELOW -> usual(Form.ACROSS, Size.NORMAL, Alignment.START, 1);
            case SIDEBAR -> usual(Form.DOWN, Size.NORMAL, Alignment.START, 3);
            case BESIDE -> usual(Form.DOWN, Size.SMALL, Alignment.START, 2);
            case FOOTER -> usual(Form.COLUMNS, Size.SMALL, Alignment.START, 2);
            case PHONE_DRAWER -> usual(Form.FOLDING, Size.NORMAL, Alignment.START, 10);
        };
    }

    private static Presentation usual(Form form, Size size, Alignment alignment, int levels) {
        return new Presentation(form, size, alignment, Width.FULL, Gap.NORMAL, Margin.NONE, Overflow.WRAP, levels);
    }
}
