package velnik.core.content;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Knows where the links in a text lead for one visitor, and which pictures it shows. */
public interface LinkTargets {

    /**
     * @param address to write; null where this visitor gets nothing there, so that the link is its words alone
     * @param words for a link that has none of its own
     */
    record Target(@Nullable String address, String words) {}

    /** @param destination as the text has it */
    Target of(String destination);

    /**
     * A picture to show; empty where there is none, so that its words stand instead.
     *
     * @param destination as the text has it
     * @param alternative what it shows, as the text says; empty for what is said of the picture itself
     */
    Optional<Picture> picture(String destination, String alternative);

    /**
     * What stands in the place of a paragraph that is nothing but a link, as HTML that is safe to serve; empty where the
     * link is one like others.
     *
     * @param destination as the text has it
     */
    default Optional<String> standing(String destination) {
        return Optional.empty();
    }
}
