package velnik.core.fit;

import velnik.core.site.Look;
import velnik.core.site.Tuning;
import velnik.core.site.TypePair;

/**
 * The faces that a site is set in, as the style sheets of the looks and of the pairs name them.
 *
 * @param head of headings and of the name of the site
 * @param text of menus where the look has no other for signs
 * @param known whether they ship; of what a visitor's own system has, nothing is known
 */
record Type(String head, int headWeight, String text, int textWeight, boolean known) {

    /** The body of text is a little lighter in this one. */
    private static final int TIDETABLE_TEXT = 380;

    static Type of(Look look, Tuning tuning) {
        TypePair pair = tuning.type().orElseGet(() -> own(look));
        Type type = of(pair);
        return switch (look) {
            case TIDETABLE -> new Type(type.head, type.headWeight, type.text, TIDETABLE_TEXT, type.known);
            case TOWPATH -> new Type(type.head, type.headWeight, signs(pair), type.textWeight, type.known);
            case STAITHE, WEIR -> type;
        };
    }

    private static TypePair own(Look look) {
        return switch (look) {
            case STAITHE -> TypePair.BRYGADA_FIGTREE;
            case WEIR -> TypePair.ROKKITT_MULISH;
            case TOWPATH -> TypePair.LORA_FAMILJEN;
            case TIDETABLE -> TypePair.BRICOLAGE;
        };
    }

    private static Type of(TypePair pair) {
        return switch (pair) {
            case BRYGADA_FIGTREE -> new Type("brygada-1918", 600, "figtree", 400, true);
            case ROKKITT_MULISH -> new Type("rokkitt", 700, "mulish", 400, true);
            case LORA_FAMILJEN -> new Type("lora", 500, "lora", 400, true);
            case BRICOLAGE -> new Type("bricolage-grotesque", 700, "bricolage-grotesque", 400, true);
            case FAMILJEN_FIGTREE -> new Type("familjen-grotesk", 600, "figtree", 400, true);
            case FAMILJEN_BRYGADA -> new Type("familjen-grotesk", 600, "brygada-1918", 400, true);
            case MULISH -> new Type("mulish", 800, "mulish", 400, true);
            case SYSTEM -> new Type("figtree", 700, "figtree", 400, false); // about as wide as most
        };
    }

    /** What signs are set in, where that is not the face of texts. */
    private static String signs(TypePair pair) {
        return switch (pair) {
            case LORA_FAMILJEN, FAMILJEN_BRYGADA -> "familjen-grotesk";
            default -> of(pair).text;
        };
    }
}
