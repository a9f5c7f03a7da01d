package velnik.core.menus;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.change.Refusal;
import velnik.core.files.Files;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Limits;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
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
        };
    }

    private static Looked page(Site site, @Nullable PageId page, ItemKind kind) {
        return page == null || site.pages().contains(page)
                ? new Looked.Kept(kind)
                : new Looked.Refused(new Refusal.PageUnknown(page.value()));
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

    /** A plain address of a page is that page, and goes on leading there when it moves. */
    private static ItemKind ofThisSite(Site site, String address) {
        Optional<PageId> page = address.matches("[^?#]*") ? Addresses.find(site, address) : Optional.empty();
        return page.<ItemKind>map(found -> new ItemKind.ToPage(found, 0))
                .orElseGet(() -> new ItemKind.WebLink(address));
    }
}
