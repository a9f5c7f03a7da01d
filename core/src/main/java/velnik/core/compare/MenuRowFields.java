package velnik.core.compare;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import velnik.core.address.Links;
import velnik.core.explanation.Words;
import velnik.core.reach.Days;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Dress;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;

/** The fields of menus and items one by one, for those who must not disturb a field that somebody else changed. */
public final class MenuRowFields {
    private MenuRowFields() {}

    private static final List<Field<Appearance>> OF_APPEARANCE = List.of(
            Field.whole("hidden", "showing", Appearance::hidden, (site, hidden) -> hidden ? "hidden" : "shown"),
            Field.whole("devices", "devices", Appearance::devices, (site, devices) -> Words.devices(devices)),
            Field.whole("visitors", "audience", Appearance::visitors, (site, visitors) -> Words.visitors(visitors)),
            Field.whole(
                    "beforeSignIn",
                    "showing before signing in",
                    Appearance::beforeSignIn,
                    (site, before) -> before ? "before signing in too" : "after signing in"),
            Field.whole("periods", "periods", Appearance::periods, (site, periods) -> Days.ENGLISH.periods(periods)),
            Field.whole("icon", "icon", Appearance::icon, (site, icon) -> icon.isEmpty() ? "none" : icon),
            Field.whole(
                    "iconAlone",
                    "words",
                    Appearance::iconAlone,
                    (site, alone) -> alone ? "icon alone" : "words beside the icon"),
            Field.whole("picture", "picture", Appearance::picture, Words::file),
            Field.whole("weight", "weight", Appearance::weight, (site, weight) -> Words.weight(weight)),
            Field.whole("farEnd", "end", Appearance::farEnd, (site, far) -> far ? "far end" : "near end"),
            Field.whole("newTab", "tab", Appearance::newTab, (site, own) -> own ? "new tab" : "same tab"),
            Field.whole("note", "note", Appearance::note, (site, note) -> note.isEmpty() ? "none" : note),
            Field.whole("accent", "accent", Appearance::accent, (site, on) -> on ? "in the accent" : "as the others"),
            Field.whole(
                    "relation",
                    "word to search engines",
                    Appearance::relation,
                    (site, relation) -> Words.relation(relation)),
            Field.whole("hook", "hook", Appearance::hook, (site, hook) -> hook.isEmpty() ? "none" : hook),
            Field.whole(
                    "arrangement",
                    "arrangement",
                    Appearance::arrangement,
                    (site, arrangement) -> Words.arrangement(arrangement)),
            Field.whole("panel", "panel", Appearance::panel, (site, panel) -> Words.panel(panel)));

    /** Which pages joined a menu is no field: nobody sets it, and two people may each add a page that joins. */
    static final List<Field<MenuRow.Menu>> OF_MENU = Stream.concat(
                    Stream.<Field<MenuRow.Menu>>of(
                            Field.whole("name", "name", MenuRow.Menu::name, (site, name) -> name),
                            Field.whole(
                                    "setAside",
                                    "use",
                                    MenuRow.Menu::setAside,
                                    (site, aside) -> aside ? "set aside" : "in use"),
                            Field.<MenuRow.Menu, Joining.From>whole(
                                    "joinsFrom",
                                    "joining",
                                    menu -> menu.joining().from(),
                                    (site, from) -> "new pages " + Words.from(site, from)),
                            Field.<MenuRow.Menu, Joining.Spot>whole(
                                    "joinsAt",
                                    "place of new items",
                                    menu -> menu.joining().spot(),
                                    (site, spot) -> Words.spot(spot))),
                    OF_APPEARANCE.stream().map(field -> field.<MenuRow.Menu>in(menu -> Optional.of(menu.newItems()))))
            .toList();

    private static final List<Field<ItemKind.PageList>> OF_LIST = List.of(
            Field.whole("source", "source", ItemKind.PageList::source, Words::source),
            Field.whole("levels", "number of levels", ItemKind.PageList::levels, (site, levels) -> levels + " levels"),
            Field.whole("order", "order", ItemKind.PageList::order, (site, order) -> Words.order(order)),
            Field.whole(
                    "atMost",
                    "number of rows",
                    ItemKind.PageList::atMost,
                    (site, most) -> most.map(rows -> "at most " + rows).orElse("all")),
            Field.members(
                    "leftOut",
                    "pages left out",
                    ItemKind.PageList::leftOut,
                    PageId::value,
                    (page, there) -> there ? "left out" : "listed"),
            Field.entries(
                    "dressed",
                    "row",
                    ItemKind.PageList::dressed,
                    PageId::value,
                    (Site site, Dress dress) -> dressed(site, dress)));

    static final List<Field<MenuRow.Item>> OF_ITEM = Stream.of(
                    Stream.<Field<MenuRow.Item>>of(
                            Field.<MenuRow.Item, ItemKind>whole(
                                    "kind", "kind", MenuRowFields::kindApart, MenuRowFields::kind),
                            Field.<MenuRow.Item, String>whole(
                                    "label",
                                    "label",
                                    MenuRow.Item::label,
                                    (site, label) -> label.isEmpty() ? "following" : label),
                            Field.<MenuRow.Item, Anchor>whole(
                                    "anchor",
                                    "place among the rows of the list",
                                    MenuRow.Item::anchor,
                                    MenuRowFields::anchor)),
                    OF_APPEARANCE.stream().map(field -> field.<MenuRow.Item>in(item -> Optional.of(item.appearance()))),
                    OF_LIST.stream().map(field -> field.<MenuRow.Item>in(MenuRowFields::list)))
            .flatMap(fields -> fields)
            .toList();

    private static Optional<ItemKind.PageList> list(MenuRow.Item item) {
        return item.kind() instanceof ItemKind.PageList list ? Optional.of(list) : Optional.empty();
    }

    /** Of two lists only the fields differ, not the kind. */
    private static ItemKind kindApart(MenuRow.Item item) {
        return item.kind() instanceof ItemKind.PageList
                ? ItemKind.PageList.of(new ListSource.WholeTree(), 1)
                : item.kind();
    }

    private static String kind(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carries) ->
                "the page " + Words.title(site, page) + (carries == 0 ? "" : " with " + carries + " levels under it");
            case ItemKind.ToPlace(PageId page, String name) -> "the place #" + name + " on " + Words.title(site, page);
            case ItemKind.WebLink(String address) -> "a link to " + address;
            case ItemKind.Mail(String address) -> "mail to " + address;
            case ItemKind.Phone(String number) ->
                (number.startsWith("sms:") ? "a message to " : "a call to ") + Links.numberOf(number);
            case ItemKind.ToFile(FileId file) -> "the file " + Words.file(site, file);
            case ItemKind.OfBusiness(ItemKind.Way way) ->
                way == ItemKind.Way.PHONE ? "the phone of the business" : "the mail of the business";
            case ItemKind.Channels channels -> "the channels of the business";
            case ItemKind.Heading heading -> "a heading";
            case ItemKind.Text text -> "a text";
            case ItemKind.Block.Words(String words) -> "the words “" + words.replace('\n', ' ') + "”";
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) ->
                "the picture " + Words.file(site, file) + ", its caption " + Words.side(side);
            case ItemKind.Block.SearchField search -> "a search field";
            case ItemKind.Block.ContactCard card -> "the contact card of the business";
            case ItemKind.Block.FormOf(PageId page) -> "the form of " + Words.title(site, page);
            case ItemKind.Block.SummaryOf(PageId page) -> "the summary of " + Words.title(site, page);
            case ItemKind.Block.PositionMap map -> "the map of where the business is";
            case ItemKind.OtherMenu(MenuRowId menu) -> "the menu " + Words.menu(site, menu);
            case ItemKind.PageList list -> "a list";
        };
    }

    private static String anchor(Site site, Anchor anchor) {
        String behind = anchor.behind().isEmpty()
                ? "first"
                : "after " + Words.title(site, anchor.behind().getFirst());
        return anchor.under() == null ? behind : behind + " under " + Words.title(site, anchor.under());
    }

    private static String dressed(Site site, Dress dress) {
        return OF_APPEARANCE.stream()
                .filter(field ->
                        !field.differing(dress.appearance(), Appearance.PLAIN).isEmpty())
                .map(field -> field.said(site, dress.appearance(), ""))
                .collect(Collectors.joining(", ", dress.label().isEmpty() ? "" : dress.label() + " ", ""))
                .strip();
    }

    /** The names of the fields in which two versions of a row differ. */
    public static List<String> differing(MenuRow one, MenuRow other) {
        return touched(one, other, (field, part) -> field).distinct().toList();
    }

    /** Each part of a field in which two versions of a row differ. */
    static <T> Stream<T> touched(MenuRow one, MenuRow other, BiFunction<String, String, T> part) {
        if (one instanceof MenuRow.Menu a && other instanceof MenuRow.Menu b) {
            return Field.touched(OF_MENU, a, b, part);
        }
        if (one instanceof MenuRow.Item a && other instanceof MenuRow.Item b) {
            return Field.touched(OF_ITEM, a, b, part);
        }
        throw new IllegalArgumentException("a menu does not become an item");
    }

    /** What a field is called, as in "the label of this item". */
    public static String word(MenuRow row, String field) {
        return switch (row) {
            case MenuRow.Menu menu -> Field.named(OF_MENU, field).word();
            case MenuRow.Item item -> Field.named(OF_ITEM, field).word();
        };
    }

    /** What a row has in a part of a field, in words. */
    public static String said(Site site, MenuRow row, String field, String part) {
        return switch (row) {
            case MenuRow.Menu menu -> Field.named(OF_MENU, field).said(site, menu, part);
            case MenuRow.Item item -> Field.named(OF_ITEM, field).said(site, item, part);
        };
    }

    /** As {@link PageFields#carry}. */
    public static Optional<MenuRow> carry(MenuRow before, MenuRow after, MenuRow present) {
        if (before instanceof MenuRow.Menu b && after instanceof MenuRow.Menu a && present instanceof MenuRow.Menu p) {
            return Carry.over(b, a, p).map(menu -> menu);
        }
        if (before instanceof MenuRow.Item b && after instanceof MenuRow.Item a && present instanceof MenuRow.Item p) {
            return Carry.over(b, a, p).map(item -> item);
        }
        return Optional.empty();
    }
}
