package velnik.core.navigation;

import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.SiteFile;
import velnik.core.text.Messages;
import velnik.core.text.Shortened;

/** What the owner reads of a content block that has no label of its own. */
public final class BlockLabels {
    /** Characters of words. */
    private static final int SAID = 60;

    private static final Messages WORDS = Messages.of(BlockLabels.class);

    private BlockLabels() {}

    public static String of(Site site, ItemKind.Block block) {
        return switch (block) {
            case ItemKind.Block.Words(String words) -> Shortened.to(SAID, words.replace('\n', ' '));
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) ->
                site.findFile(file).map(SiteFile::name).orElseGet(() -> WORDS.say("Picture"));
            case ItemKind.Block.FormOf(PageId page) -> title(site, page);
            case ItemKind.Block.SummaryOf(PageId page) -> title(site, page);
            case ItemKind.Block.SearchField search -> WORDS.say("SearchField");
            case ItemKind.Block.ContactCard card -> WORDS.say("ContactCard");
            case ItemKind.Block.PositionMap map -> WORDS.say("PositionMap");
        };
    }

    private static String title(Site site, PageId page) {
        return site.pages()
                .find(page)
                .or(() -> site.findRemoved(page))
                .map(Page::title)
                .orElseGet(() -> WORDS.say("Page"));
    }
}
