package velnik.core.explanation;

import java.util.Map;
import velnik.core.address.Links;
import velnik.core.navigation.BlockLabels;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Removal;
import velnik.core.site.Site;
import velnik.core.text.Messages;

/** What the owner reads of a row of the menus: its label, or what it follows. */
public final class Labels {
    private static final Messages WORDS = Messages.of(Labels.class);

    private Labels() {}

    public static String of(Site site, MenuRowId id) {
        return of(site, site.menus().get(id));
    }

    public static String of(Site site, MenuRow row) {
        return switch (row) {
            case MenuRow.Menu menu -> menu.name();
            case MenuRow.Item item -> item.label().isEmpty() ? followed(site, item.kind()) : item.label();
        };
    }

    /** Of the row that a page has in a list. */
    public static String of(Site site, MenuRowId list, PageId page) {
        String own = site.item(list).kind() instanceof ItemKind.PageList filled
                ? filled.dressOf(page).label()
                : "";
        return own.isEmpty() ? Words.title(site, page) : own;
    }

    /** What is in the bin, by the first thing that was removed: "Canoes", "the menu Main". */
    public static String of(Site site, Removal removal) {
        if (!removal.pages().isEmpty()) {
            return removal.pages().getFirst().top().value().title();
        }
        MenuRow row = removal.rows().getFirst().top().value();
        String name = of(site, row);
        return row instanceof MenuRow.Menu ? WORDS.say("theMenu", Map.of("name", name)) : name;
    }

    private static String followed(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carries) -> Words.title(site, page);
            case ItemKind.ToPlace(PageId page, String name) -> Words.title(site, page);
            case ItemKind.WebLink(String address) -> Links.labelOf(address);
            case ItemKind.Mail(String address) -> address;
            case ItemKind.Phone(String number) -> Links.numberOf(number);
            case ItemKind.ToFile(FileId file) -> Words.file(site, file);
            case ItemKind.OfBusiness(ItemKind.Way way) -> Words.ofBusiness(site, way);
            case ItemKind.Channels channels -> Words.channels(site.details().channels());
            case ItemKind.Heading heading -> WORDS.say("Heading");
            case ItemKind.Text text -> WORDS.say("Text");
            case ItemKind.Block block -> BlockLabels.of(site, block);
            case ItemKind.PageList list -> WORDS.say("PageList");
            case ItemKind.OtherMenu(MenuRowId menu) -> Words.menu(site, menu);
        };
    }
}
