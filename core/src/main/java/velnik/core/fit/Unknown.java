package velnik.core.fit;

/** About how wide a letter is that no font of ours has, so that a visitor's own system draws it. */
final class Unknown {
    /** Most fonts give the letters of East Asia a square each. */
    private static final double SQUARE = 1;

    private static final double EMOJI = 1.25;
    private static final double LETTER = 0.58;

    private Unknown() {}

    /** In ems. */
    static double width(int code) {
        int type = Character.getType(code);
        if (type == Character.NON_SPACING_MARK || type == Character.ENCLOSING_MARK || type == Character.FORMAT) {
            return 0;
        }
        if (Character.isEmojiPresentation(code)) {
            return EMOJI;
        }
        return isSquare(code) ? SQUARE : LETTER;
    }

    private static boolean isSquare(int code) {
        return switch (Character.UnicodeScript.of(code)) {
            case HAN, HIRAGANA, KATAKANA, HANGUL, BOPOMOFO, YI -> true;
            default -> code >= 0x3000 && code <= 0x303f || code >= 0xff00 && code <= 0xff60;
        };
    }
}
