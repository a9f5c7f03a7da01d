package velnik.core.entry;

import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.menus.OwnAddresses;
import velnik.core.outline.Branch;
import velnik.core.site.ItemKind;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.text.Latin;
import velnik.core.text.Messages;

/** Knows which item is meant by words and an address, on a site. Made once for many. */
public final class ItemReading {
    private static final Messages WORDS = Messages.of(PastedItems.class);

    private final Site site;
    private final Map<String, PageId> byTitle = new HashMap<>();

    /** O(pages). */
    public ItemReading(Site site) {
        this.site = site;
        for (Branch<PageId, Page> row : site.pages().walk().reversed()) {
            byTitle.put(Latin.of(row.value().title()), row.id());
        }
    }

    /**
     * @param label empty to follow what it leads to
     * @param refused why there can be no such item; null where there can
     */
    public record Meant(
            ItemKind kind, String label, @Nullable String refused) {
        static Meant of(ItemKind kind, String label) {
            return new Meant(kind, label, null);
        }
    }

    /**
     * A line as people write it: the title of a page, a link of any kind, either of them under a label of its own, or words.
     *
     * @param over whether something is under it
     */
    public Meant line(String line, boolean over) {
        TypedLine typed = TypedLine.of(line, site.details().address());
        @Nullable PageId page = byTitle.get(Latin.of(line));
        if (page != null) {
            return toPage(page, "");
        }
        page = byTitle.get(Latin.of(typed.target()));
        return page == null ? target(typed, over) : toPage(page, typed.label());
    }

    /** A label with where it leads; words where that is empty. */
    public Meant item(String label, String target, boolean over) {
        return target.isEmpty()
                ? Meant.of(words(over), label)
                : target(new TypedLine(label, target, label.isEmpty() ? target : label), over);
    }

    private Meant target(TypedLine typed, boolean over) {
        String own = site.details().address();
        return switch (Links.read(typed.target(), own)) {
            case Links.Read.Web(String address) -> Meant.of(new ItemKind.WebLink(address), typed.label());
            case Links.Read.Mail(String address) -> Meant.of(new ItemKind.Mail(address), typed.label());
            case Links.Read.Phone(String number) -> Meant.of(new ItemKind.Phone(number), typed.label());
            case Links.Read.OfThisSite(String address) ->
                switch (OwnAddresses.read(site, address).orElse(new ItemKind.WebLink(address))) {
                    case ItemKind.ToPage(PageId found, int carries) -> toPage(found, typed.label());
                    case ItemKind leads -> Meant.of(leads, typed.label());
                };
            case Links.Read.Refused(String sentence) -> new Meant(words(over), typed.target(), sentence);
            case Links.Read.NoLink() -> Meant.of(words(over), typed.words());
        };
    }

    private static ItemKind words(boolean over) {
        return over ? new ItemKind.Heading() : new ItemKind.Text();
    }

    /** An item of a page; without a label of its own where that says no more than the title. */
    public Meant toPage(PageId page, String label) {
        boolean same = label.equals(site.pages().get(page).title());
        return Meant.of(new ItemKind.ToPage(page, 0), same ? "" : label);
    }

    /** What an item reads that has no label of its own. */
    public static String followed(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carried) ->
                site.pages().get(page).title();
            case ItemKind.ToPlace(PageId page, String name) ->
                site.pages().get(page).title();
            case ItemKind.WebLink(String address) -> Links.labelOf(address);
            case ItemKind.Mail(String address) -> address;
            case ItemKind.Phone(String number) -> Links.numberOf(number);
            default -> "";
        };
    }

    /** Where an item leads, or what it is where it leads nowhere. */
    public static String leads(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carried) -> Addresses.of(site, page);
            case ItemKind.ToPlace(PageId page, String name) -> Addresses.of(site, page) + "#" + name;
            case ItemKind.WebLink(String address) -> address;
            case ItemKind.Mail(String address) -> address;
            case ItemKind.Phone(String number) -> Links.numberOf(number);
            default -> WORDS.say("kind." + kind.getClass().getSimpleName());
        };
    }
}
