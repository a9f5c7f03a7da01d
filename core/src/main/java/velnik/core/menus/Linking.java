package velnik.core.menus;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Links;
import velnik.core.change.Refusal;
import velnik.core.content.TextPlace;
import velnik.core.files.Files;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Site;
import velnik.core.text.Line;
import velnik.core.text.Shortened;

/** Looks at where an item leads before it is kept. */
final class Linking {
    private Linking() {}

    /** What became of it: the kind as it is kept, or why not. */
    sealed interface Looked {
        record Kept(ItemKind kind) implements Looked {}

        record Refused(Refusal why) implements Looked {}
    }

    static Looked look(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carries) -> page(site, page, kind);
            case ItemKind.ToPlace(PageId page, String name) -> place(site, page, name);
            case ItemKind.WebLink(String typed) -> link(site, typed);
            case ItemKind.Mail(String typed) -> link(site, "mailto:" + typed.strip());
            case ItemKind.Phone(String typed) ->
                link(site, typed.strip().startsWith("sms:") ? typed : "tel:" + typed.strip());
            case ItemKind.ToFile(FileId file) ->
                Files.known(site, List.of(file))
                        .<Looked>map(Looked.Refused::new)
                        .orElseGet(() -> new Looked.Kept(kind));
            case ItemKind.PageList list -> list(site, list);
            case ItemKind.OtherMenu(MenuRowId menu) ->
                site.menus().find(menu).orElse(null) instanceof MenuRow.Menu
                        ? new Looked.Kept(kind)
                        : new Looked.Refused(new Refusal.MenuUnknown(menu.value()));
            case ItemKind.OfBusiness business -> new Looked.Kept(kind);
            case ItemKind.Channels channels -> new Looked.Kept(kind);
            case ItemKind.Heading heading -> new Looked.Kept(kind);
            case ItemKind.Text text -> new Looked.Kept(kind);
            case ItemKind.Block block -> block(site, block);
        };
    }

    private static Looked block(Site site, ItemKind.Block block) {
        return switch (block) {
            case ItemKind.Block.Words(String typed) -> words(typed);
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) ->
                Files.picture(site, file).<Looked>map(Looked.Refused::new).orElseGet(() -> new Looked.Kept(block));
            case ItemKind.Block.FormOf(PageId page) ->
                site.pages().find(page).filter(found -> found.form() == null).isPresent()
                        ? new Looked.Refused(
                                new Refusal.NoForm(site.pages().get(page).title()))
                        : page(site, page, block);
            case ItemKind.Block.SummaryOf(PageId page) -> page(site, page, block);
            case ItemKind.Block.SearchField search -> new Looked.Kept(block);
            case ItemKind.Block.ContactCard card -> new Looked.Kept(block);
            case ItemKind.Block.PositionMap map -> new Looked.Kept(block);
        };
    }

    private static Looked words(String typed) {
        String words = Line.each(typed);
        return words.isEmpty() || words.length() > Limits.BLOCK_WORDS
                ? new Looked.Refused(new Refusal.BlockWordsMalformed(words.length(), Limits.BLOCK_WORDS))
                : new Looked.Kept(new ItemKind.Block.Words(words));
    }

    private static Looked page(Site site, @Nullable PageId page, ItemKind kind) {
        return page == null || site.pages().contains(page)
                ? new Looked.Kept(kind)
                : new Looked.Refused(new Refusal.PageUnknown(page.value()));
    }

    private static Looked place(Site site, PageId page, String name) {
        Optional<Page> there = site.pages().find(page);
        if (there.isEmpty()) {
            return new Looked.Refused(new Refusal.PageUnknown(page.value()));
        }
        if (there.get().kind() != PageKind.PAGE) {
            return new Looked.Refused(new Refusal.NoTextOf(there.get().title()));
        }
        return TextPlace.isName(name)
                ? new Looked.Kept(new ItemKind.ToPlace(page, name))
                : new Looked.Refused(
                        new Refusal.LinkRefused("“#" + Shortened.to(60, name) + "” names no place on a page."));
    }

    private static Looked list(Site site, ItemKind.PageList list) {
        if (list.source() instanceof ListSource.OfTopic(String topic) && topic.length() > Limits.TOPIC) {
            return new Looked.Refused(new Refusal.TopicMalformed(topic.length(), Limits.TOPIC));
        }
        return page(site, list.source() instanceof ListSource.Under(PageId page) ? page : null, list);
    }

    private static Looked link(Site site, String typed) {
        return switch (Links.read(typed, site.details().address())) {
            case Links.Read.Web(String address) -> new Looked.Kept(new ItemKind.WebLink(address));
            case Links.Read.OfThisSite(String address) -> new Looked.Kept(ofThisSite(site, address));
            case Links.Read.Mail(String address) -> new Looked.Kept(new ItemKind.Mail(address));
            case Links.Read.Phone(String number) -> new Looked.Kept(new ItemKind.Phone(number));
            case Links.Read.Refused(String sentence) -> new Looked.Refused(new Refusal.LinkRefused(sentence));
            case Links.Read.NoLink() ->
                new Looked.Refused(new Refusal.LinkRefused("“" + Shortened.to(60, typed) + "” is no link."));
        };
    }

    private static ItemKind ofThisSite(Site site, String address) {
        return OwnAddresses.read(site, address).orElseGet(() -> new ItemKind.WebLink(address));
    }
}
