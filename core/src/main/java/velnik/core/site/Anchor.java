package velnik.core.site;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where an item of the owner's stands among the rows of a list: under one of them or at the list's first level, first
 * or behind a page's row.
 *
 * @param under the page under whose row it stands; null for the first level
 * @param behind the page whose row it was put behind, then the rows before that one, nearest first; so that it goes on
 *     standing after the nearest that is left. Empty for first
 */
public record Anchor(@Nullable PageId under, List<PageId> behind) {
    /** Rows remembered; a place further back than this counts as the beginning. */
    public static final int REMEMBERED = 20;

    public static final Anchor FIRST = new Anchor(null, List.of());

    public Anchor {
        behind = List.copyOf(behind.subList(0, Math.min(REMEMBERED, behind.size())));
    }
}
