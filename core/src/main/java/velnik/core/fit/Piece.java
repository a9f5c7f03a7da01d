package velnik.core.fit;

import velnik.core.html.BlockTitles;
import velnik.core.navigation.NavigationRow;
import velnik.core.navigation.Target;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.Icons;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/**
 * One item of a row: what of its width grows with the type of the menu, and what goes by the page.
 *
 * @param iconAlone whether its label does not show
 * @param ems of the menu's type
 * @param aloneEms likewise, if its icon stood in the place of its words; as many where it has none, or does
 * @param rems of the page's
 * @param button whether it stands out as one
 * @param opener what opens what is under it
 * @param noteEms of the note beneath it, in the menu's type
 * @param known whether all its letters are of the font that ships
 */
record Piece(
        String label,
        boolean iconAlone,
        double ems,
        double aloneEms,
        double rems,
        boolean button,
        Opener opener,
        double noteEms,
        boolean known) {

    enum Opener {
        NONE,
        /** The words themselves. */
        WORDS,
        /** A button of its own, after what leads somewhere. */
        BESIDE
    }

    private static final int BOLD = 700;

    // As the style sheet has them.
    private static final double ICON = 1.15;
    private static final double AFTER_ICON = 0.4;
    private static final double PICTURE = 1.7;
    private static final double AFTER_PICTURE = 0.6;
    private static final double NEW_TAB = 0.8 * (0.25 + 0.9);
    private static final double NOTE = 0.85;
    private static final double CHANNEL = 2.75;
    private static final double BETWEEN_CHANNELS = 0.2;

    /** Of what opens: what points down, in the type that browsers give to buttons, its line, and the least of it. */
    private static final double ARROW = 0.42;

    private static final double LINE = 2;
    private static final double PLAIN_BUTTON = 13.3333;
    private static final double LEAST = 24;
    private static final double BESIDE_ARROW = 0.35;
    private static final double BEFORE_ARROW = 0.55;

    /** With words as heavy as the item asks for. */
    static Piece of(NavigationRow row, Device device, Type type, Messages words, String name) {
        boolean strong = row.appearance().weight() == Appearance.Weight.STRONG;
        return of(row, device, type, strong ? BOLD : type.textWeight(), words, name);
    }

    /** @param weight of its words */
    static Piece of(NavigationRow row, Device device, Type type, int weight, Messages words, String name) {
        if (row.target() instanceof Target.ToChannels(var channels)) {
            return new Piece(
                    row.label(),
                    true,
                    0,
                    0,
                    channels.size() * (CHANNEL + BETWEEN_CHANNELS) - BETWEEN_CHANNELS,
                    false,
                    row.opensOn(device) ? Opener.BESIDE : Opener.NONE,
                    0,
                    true);
        }
        Appearance appearance = row.appearance();
        boolean block = row.target() instanceof Target.Shown;
        String label = row.target() instanceof Target.Shown shown
                ? BlockTitles.of(words, name, shown, row.label())
                : row.label();
        boolean leads = !block && row.isLinkOn(device);
        boolean opens = block || row.opensOn(device);
        boolean icon = Icons.drawingOf(appearance.icon()) != null;
        boolean alone = icon && appearance.iconAlone();
        Face face = Face.of(type.text());
        double told = (icon ? AFTER_ICON : 0) + face.width(label, weight);
        double ems = (appearance.picture() == null ? 0 : PICTURE + AFTER_PICTURE)
                + (icon ? ICON : 0)
                + (alone ? 0 : told)
                + (leads && appearance.newTab() ? NEW_TAB : 0);
        return new Piece(
                label,
                alone,
                ems,
                icon && !alone ? ems - told : ems,
                0,
                appearance.weight() == Appearance.Weight.BUTTON,
                !opens ? Opener.NONE : leads ? Opener.BESIDE : Opener.WORDS,
                NOTE * face.width(appearance.note(), type.textWeight()),
                type.known() && (alone || face.has(label)) && face.has(appearance.note()));
    }

    /** A word that opens what did not fit. */
    static Piece more(String label, Type type) {
        Face face = Face.of(type.text());
        double ems = face.width(label, type.textWeight());
        return new Piece(label, false, ems, ems, 0, false, Opener.WORDS, 0, face.has(label));
    }

    boolean couldBeIconAlone() {
        return aloneEms < ems;
    }

    Piece withIconAlone() {
        return new Piece(
                label, iconAlone || couldBeIconAlone(), aloneEms, aloneEms, rems, button, opener, noteEms, known);
    }

    /**
     * In pixels.
     *
     * @param em the size of the menu's type
     */
    double width(Lengths lengths, Zone zone, double em) {
        return Math.max(line(lengths, zone, em), noteEms * em);
    }

    /** Likewise, without its note. */
    double line(Lengths lengths, Zone zone, double em) {
        double words = words(lengths, em);
        double rem = lengths.rem();
        double before = button ? lengths.inButton(zone) : 0;
        return switch (opener) {
            case NONE -> before + words + before;
            case BESIDE ->
                before + words + before + Math.max(LEAST, 2 * BESIDE_ARROW * rem + ARROW * PLAIN_BUTTON + LINE);
            case WORDS -> before + words + BEFORE_ARROW * rem + ARROW * em + LINE + BESIDE_ARROW * rem;
        };
    }

    /** Likewise, of its picture, its icon and its words. */
    double words(Lengths lengths, double em) {
        return ems * em + rems * lengths.rem();
    }
}
