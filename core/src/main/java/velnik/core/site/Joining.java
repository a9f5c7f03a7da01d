package velnik.core.site;

import java.util.Set;

/**
 * Which new pages come into a menu by themselves, and where they stand then.
 *
 * @param joined pages that were in the menu and went out by hand, or were there by a list when they would have come: they
 *     do not come in
 */
public record Joining(From from, Spot spot, Set<PageId> joined) {
    public static final Joining NEVER = new Joining(new From.Nowhere(), Spot.AS_IN_TREE, Set.of());

    public Joining {
        joined = Set.copyOf(joined);
    }

    public Joining with(From newFrom, Spot newSpot) {
        return new Joining(newFrom, newSpot, joined);
    }

    public Joining withJoined(Set<PageId> pages) {
        return new Joining(from, spot, pages);
    }

    /** The part of the page tree whose new pages come in. */
    public sealed interface From {
        record Nowhere() implements From {}

        record TopLevel() implements From {}

        /** What is beneath a page, at any level. */
        record Section(PageId page) implements From {}

        record Everywhere() implements From {}
    }

    public enum Spot {
        AS_IN_TREE,
        AT_END
    }
}
