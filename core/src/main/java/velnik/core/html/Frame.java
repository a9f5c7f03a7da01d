package velnik.core.html;

import com.ibm.icu.util.ULocale;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;
import velnik.core.text.Messages;

/**
 * What surrounds a page where it is served.
 *
 * @param words that the site says by itself, in the language of its content
 * @param stylesheets their addresses; what a later one says outweighs
 * @param fonts their addresses; they are asked for at once, before any style sheet is read
 * @param scripts their addresses; all are deferred
 * @param pointed whether rows of menus say which they are, for whoever points at them from outside the page
 * @param band a sentence above the page, which only the owner sees; null for none
 */
public record Frame(
        AddressWriter addresses,
        Messages words,
        List<String> stylesheets,
        List<String> fonts,
        List<String> scripts,
        boolean pointed,
        @Nullable String band) {

    public Frame {
        stylesheets = List.copyOf(stylesheets);
        fonts = List.copyOf(fonts);
        scripts = List.copyOf(scripts);
    }

    /** One whose rows say which they are. */
    public Frame(
            AddressWriter addresses,
            Messages words,
            List<String> stylesheets,
            List<String> fonts,
            List<String> scripts,
            @Nullable String band) {
        this(addresses, words, stylesheets, fonts, scripts, true, band);
    }

    /** The language of the content, as a BCP 47 tag. */
    public String language() {
        return words.language();
    }

    /** Which way it is read. */
    public String direction() {
        return ULocale.forLanguageTag(language()).isRightToLeft() ? "rtl" : "ltr";
    }

    public String say(String key) {
        return words.say(key);
    }

    public Frame withBand(@Nullable String newBand) {
        return new Frame(addresses, words, stylesheets, fonts, scripts, pointed, newBand);
    }

    /** For what leaves the house, where nothing points at rows. */
    public Frame unpointed() {
        return new Frame(addresses, words, stylesheets, fonts, scripts, false, band);
    }
}
