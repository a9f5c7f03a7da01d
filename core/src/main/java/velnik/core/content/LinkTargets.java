package velnik.core.content;

import org.jspecify.annotations.Nullable;

/** Knows where the links in a text lead for one visitor. */
@FunctionalInterface
public interface LinkTargets {

    /**
     * @param address to write; null where this visitor gets nothing there, so that the link is its words alone
     * @param words for a link that has none of its own
     */
    record Target(@Nullable String address, String words) {}

    /** @param destination as the text has it */
    Target of(String destination);
}
