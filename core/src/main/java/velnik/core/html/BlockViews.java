package velnik.core.html;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import velnik.core.content.Picture;
import velnik.core.map.PositionMap;
import velnik.core.navigation.Target;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind.Block;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** Makes the content blocks of one page ready to be written. */
final class BlockViews {
    private final Site site;
    private final Frame frame;
    private final PageLinks links;
    private final SitePictures pictures;
    private final Supplier<PositionMap> map;
    private final SiteView around;
    /** So that no two have the same ids. */
    private int made;

    /** @param map of where the business is, drawn once for all pages */
    BlockViews(
            Site site,
            Frame frame,
            PageLinks links,
            SitePictures pictures,
            Supplier<PositionMap> map,
            SiteView around) {
        this.site = site;
        this.frame = frame;
        this.links = links;
        this.pictures = pictures;
        this.map = map;
        this.around = around;
    }

    /** Only of what shows: what it shows is there. */
    BlockView of(Target.Shown shown) {
        String title = shown.title();
        made++;
        return switch (shown.block()) {
            case Block.Words(String words) -> new BlockView.Words(title, List.of(words.split("\n")));
            case Block.Picture(FileId file, Block.Side side) ->
                new BlockView.Pictured(pictures.find(file, "").orElseThrow().inMenu(), title, side);
            case Block.SearchField search ->
                new BlockView.Search(
                        title.isEmpty() ? frame.say("search.words") : title,
                        requireNonNull(around.search()),
                        "b" + made + "-asked");
            case Block.ContactCard card -> new BlockView.Contact(title.isEmpty() ? around.name() : title);
            case Block.FormOf(PageId page) ->
                new BlockView.Form(
                        title,
                        FormView.of(
                                        frame,
                                        page,
                                        requireNonNull(site.pages().get(page).form()),
                                        List.of(),
                                        Map.of(),
                                        "")
                                .inMenu("b" + made + "-"));
            case Block.SummaryOf(PageId page) -> {
                PageView.Link link = links.link(page);
                @Nullable
                Picture picture = pictures.named(site.pages().get(page).picture());
                yield new BlockView.Summary(
                        title.isEmpty() ? link.title() : title, link, picture == null ? null : picture.inMenu());
            }
            case Block.PositionMap drawn ->
                new BlockView.Mapped(
                        title,
                        map.get(),
                        requireNonNull(site.details().position()).written());
        };
    }

    /** The picture of an item; null where it has none, or it is gone. */
    @Nullable
    Picture picture(@Nullable FileId id) {
        @Nullable Picture picture = pictures.named(id);
        return picture == null ? null : picture.inMenu();
    }

    /** What a block is called where a word opens it. */
    String called(Target.Shown shown, String followed) {
        return BlockTitles.of(frame.words(), around.name(), shown, followed);
    }
}
