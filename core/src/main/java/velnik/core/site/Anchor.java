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
 * @param ahead the rows that it was put before, nearest first, so that no row that moves takes it across the others;
 *     empty for last, before which new rows of the list come. Null for one put there before this was remembered
 */
public record Anchor(
        @Nullable PageId under,
        List<PageId> behind,
        @Nullable List<PageId> ahead) {
    /** Rows remembered; a place further back than this counts as the beginning. */
    public static final int REMEMBERED = 20;

    public static final Anchor FIRST = new Anchor(null, List.of(), null);

    public Anchor {
        behind = nearest(behind);
        ahead = ahead == null ? null : nearest(ahead);
    }

    private static List<PageId> nearest(List<PageId> rows) {
        return List.copyOf(rows.subList(0, Math.min(REMEMBERED, rows.size())));
    }

    /** Of the same, with other rows before it. */
    public Anchor withBehind(List<PageId> newBehind) {
        return new Anchor(under, newBehind, ahead);
    }
}
