package velnik.core.site;

import org.jspecify.annotations.Nullable;

/**
 * How new pages begin where nothing else is said.
 *
 * @param layout of those made from no model
 * @param model the page that new ones are made from; null, or one that is gone, for none
 */
public record NewPages(
        Reach reach, LayoutId layout, @Nullable PageId model) {
    public static final NewPages PLAIN = new NewPages(Reach.OPEN, LayoutId.STANDARD, null);
}
