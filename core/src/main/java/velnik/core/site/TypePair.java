package velnik.core.site;

import java.util.Locale;

/** A face for headings and one for text, which ship with the visitor site. */
public enum TypePair {
    BRYGADA_FIGTREE,
    ROKKITT_MULISH,
    LORA_FAMILJEN,
    BRICOLAGE,
    FAMILJEN_FIGTREE,
    FAMILJEN_BRYGADA,
    MULISH,
    /** What each visitor's system has. */
    SYSTEM;

    /** As in file names. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
