package velnik.core.entry;

import com.ibm.icu.text.Transliterator;
import java.util.Locale;

/** Text without regard to case, accents and script, for finding. */
final class Folding {
    private static final Transliterator FOLD = Transliterator.getInstance("Any-Latin; Latin-ASCII; Lower");

    private Folding() {}

    /** ICU's transliterators may be shared, but not used by two threads at once. */
    static String fold(String text) {
        String stripped = text.strip();
        if (stripped.chars().allMatch(character -> character < 0x80)) {
            return stripped.toLowerCase(Locale.ROOT);
        }
        synchronized (FOLD) {
            return FOLD.transliterate(stripped);
        }
    }
}
