package velnik.core.explanation;

import org.jspecify.annotations.Nullable;
import velnik.core.navigation.MenuEntry;
import velnik.core.site.ItemKind;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/**
 * How a row of a menu may be moved where it stands.
 *
 * @param stays why it is not moved; null where it may be
 * @param closed why nothing can be put under it; null where something can
 */
public record Leeway(
        Moves moves, @Nullable String stays, @Nullable String closed) {
    private static final Messages WORDS = Messages.of(Leeway.class);

    public enum Moves {
        BY_ITSELF,
        /** Among the rows of its list, by a move of its page in the tree. */
        WITH_ITS_PAGE,
        NOT
    }

    public static Leeway of(Site site, MenuEntry entry) {
        if (entry.foreign()) {
            String words = WORDS.say("foreign");
            return new Leeway(Moves.NOT, words, words);
        }
        if (entry.key().page() == null) {
            return new Leeway(Moves.BY_ITSELF, null, null);
        }
        // What a page carries with it has the order of the tree too.
        return site.item(entry.key().item()).kind() instanceof ItemKind.PageList list && !followsTheTree(list)
                ? new Leeway(Moves.NOT, WORDS.say("ownOrder"), null)
                : new Leeway(Moves.WITH_ITS_PAGE, null, null);
    }

    private static boolean followsTheTree(ItemKind.PageList list) {
        return list.order() == ListOrder.TREE
                && !(list.source() instanceof ListSource.OfTopic)
                && !(list.source() instanceof ListSource.Newest);
    }
}
