package velnik.core.html;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velnik.core.address.AddressWriter;

/**
 * What surrounds a page where it is served.
 *
 * @param language of the content, as a BCP 47 tag
 * @param stylesheet its address
 * @param scripts their addresses; all are deferred
 * @param band a sentence above the page, which only the owner sees; null for none
 */
public record Frame(
        AddressWriter addresses,
        String language,
        String stylesheet,
        List<String> scripts,
        @Nullable String band) {

    public Frame {
        scripts = List.copyOf(scripts);
    }

    public Frame withBand(@Nullable String newBand) {
        return new Frame(addresses, language, stylesheet, scripts, newBand);
    }
}
