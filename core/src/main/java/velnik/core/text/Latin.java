package velnik.core.text;

import com.ibm.icu.text.Transliterator;
import java.util.Locale;

/** Text of any script in small Latin letters without accents, for slugs and for finding. */
public final class Latin {
    private static final Transliterator LATIN = Transliterator.getInstance("Any-Latin; Latin-ASCII; Lower");

    private Latin() {}

    /** ICU's transliterators may be shared, but not used by two threads at once. */
    public static String of(String text) {
        if (text.chars().allMatch(character -> character < 0x80)) {
            return text.toLowerCase(Locale.ROOT); // the ordinary case, a hundred times as fast
        }
        synchronized (LATIN) {
            return LATIN.transliterate(text);
        }
    }
}
