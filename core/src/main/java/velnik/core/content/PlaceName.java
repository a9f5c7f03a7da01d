package velnik.core.content;

import org.commonmark.node.CustomNode;

/** What a heading is led to by, as the last of its nodes; nobody reads it. */
final class PlaceName extends CustomNode {
    private final String name;
    private final boolean said;

    /** @param said whether the text says it, rather than its following the words of the heading */
    PlaceName(String name, boolean said) {
        this.name = name;
        this.said = said;
    }

    String name() {
        return name;
    }

    boolean isSaid() {
        return said;
    }
}
