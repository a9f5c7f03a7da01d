package velnik.core.html;

import velnik.core.navigation.Target;
import velnik.core.site.ItemKind.Block;
import velnik.core.text.Messages;

/** What content blocks are called where a word opens them. */
public final class BlockTitles {
    private BlockTitles() {}

    /**
     * @param words in the language of the site
     * @param name of the site
     * @param followed what its row is called anyway
     */
    public static String of(Messages words, String name, Target.Shown shown, String followed) {
        return switch (shown.block()) {
            case Block block when !shown.title().isEmpty() -> shown.title();
            case Block.SearchField search -> words.say("search.button");
            case Block.ContactCard card -> name.isEmpty() ? words.say("contact.title") : name;
            case Block.PositionMap drawn -> words.say("map.title");
            default -> followed;
        };
    }
}
