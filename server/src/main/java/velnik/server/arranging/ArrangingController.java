package velnik.server.arranging;

import static java.util.Comparator.comparing;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velnik.core.address.Addresses;
import velnik.core.address.Links;
import velnik.core.entry.Offers;
import velnik.core.entry.Offers.Offer;
import velnik.core.figure.Clicks;
import velnik.core.fit.ColumnFit;
import velnik.core.fit.RowClass;
import velnik.core.fit.RowFit;
import velnik.core.fit.Spans;
import velnik.core.navigation.Navigation;
import velnik.core.navigation.Whereabouts;
import velnik.core.outline.Branch;
import velnik.core.reach.Access;
import velnik.core.reach.Days;
import velnik.core.site.ItemKind;
import velnik.core.site.MenuRow;
import velnik.core.site.MenuRowId;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Zone;
import velnik.server.calls.ProblemException;
import velnik.server.editing.KindDto;
import velnik.server.texts.Texts;
import velnik.server.workingcopy.Computed;

/** Computed answers about menus and zones of the working copy. */
@RestController
@RequestMapping("/-/api")
class ArrangingController {
    private final Computed computed;
    private final Texts texts;

    ArrangingController(Computed computed, Texts texts) {
        this.computed = computed;
        this.texts = texts;
    }

    @GetMapping("/menus")
    MenusDto menus() {
        Computed.Revision now = computed.now();
        return MenusDto.of(now.state().site(), now.openings(), now.state().revision());
    }

    /** @param page whose zones are computed too; none when left out, or when it is gone meanwhile */
    @GetMapping("/zones")
    ZonesDto zones(@RequestParam(required = false) @Nullable String page) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        @Nullable PageId asked = page == null ? null : Named.page(page);
        boolean there = asked != null && site.pages().contains(asked);
        return ZonesDto.of(site, now.navigation(), now.state().revision(), there ? asked : null);
    }

    /**
     * How the menus fit that stand on a page, zone by zone, but for those behind a button.
     *
     * @param page none when it is gone meanwhile
     * @param width of the screen in pixels; the nearest that is reckoned with
     */
    @GetMapping("/fit")
    List<FitDto> fit(@RequestParam String page, @RequestParam int width) {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        PageId asked = Named.page(page);
        if (!site.pages().contains(asked)) {
            return List.of();
        }
        int screen = Math.clamp(width, Spans.LEAST, Spans.MOST);
        Navigation navigation = now.navigation().forPage(asked);
        return Stream.concat(
                        RowFit.of(site, navigation).stream().map(fit -> FitDto.of(fit, screen)),
                        ColumnFit.of(site, navigation).stream().map(fit -> FitDto.of(fit, screen)))
                .sorted(comparing(FitDto::zone))
                .toList();
    }

    /**
     * How the menus fit that stand across on other pages, as far as they are not those of this page: first those too
     * long for one line on the most screens.
     *
     * @param page none when it is gone meanwhile
     */
    @GetMapping("/fit/elsewhere")
    List<RowElsewhereDto> elsewhere(@RequestParam String page) {
        Computed.Revision now = computed.now();
        PageId asked = Named.page(page);
        return now.rows().stream()
                .filter(row -> !row.pages().contains(asked))
                .sorted(comparing((RowClass row) -> row.fit().tooLong().size()).reversed())
                .map(row -> RowElsewhereDto.of(now.state().site(), row))
                .toList();
    }

    /**
     * @param menus names of the menus that show it
     * @param zones where these stand
     * @param clicks from the home page on a wide screen; null when no menu leads there
     * @param periods when it is there, in words; empty for always
     * @param turns when its periods next open or close it, in words; empty for never
     * @param closed whether visitors cannot get it now because of its periods or those of one above it
     * @param unplaced whether no menu shows it, though one could
     */
    record PlacingDto(
            List<String> menus,
            List<Zone> zones,
            @Nullable Integer clicks,
            String periods,
            String turns,
            boolean closed,
            boolean unplaced) {}

    /** For each page, by its id: which menus show it, and how far it is from the home page. */
    @GetMapping("/placings")
    Map<String, PlacingDto> placings() {
        Computed.Revision now = computed.now();
        Site site = now.state().site();
        Whereabouts whereabouts = now.whereabouts();
        Clicks clicks = now.clicks();
        Map<String, PlacingDto> placings = new LinkedHashMap<>();
        for (Branch<PageId, Page> row : site.pages().walk()) {
            Set<String> menus = new LinkedHashSet<>();
            Set<Zone> zones = EnumSet.noneOf(Zone.class);
            for (Whereabouts.Place place : whereabouts.of(row.id())) {
                if (!place.shownIn().isEmpty()) {
                    menus.add(place.menuName());
                    zones.addAll(place.shownIn());
                }
            }
            OptionalInt far = clicks.to(row.id());
            boolean closed = Access.of(site, row.id(), now.openings()).closedBy() != null;
            boolean placeable =
                    !closed && !site.isHome(row.id()) && !row.value().kind().isBuiltIn();
            placings.put(
                    row.id().value(),
                    new PlacingDto(
                            List.copyOf(menus),
                            List.copyOf(zones),
                            far.isPresent() ? far.getAsInt() : null,
                            row.value().periods().isEmpty()
                                    ? ""
                                    : Days.ENGLISH.periods(row.value().periods()),
                            Days.ENGLISH.turns(row.value().periods(), now.openings()),
                            closed,
                            placeable && menus.isEmpty()));
        }
        return placings;
    }

    /** @param pages those of them that are gone meanwhile are no matter */
    @GetMapping("/placeable")
    List<PlaceableDto> placeable(@RequestParam List<String> pages) {
        return PlaceableDto.of(computed.now(), pages.stream().map(Named::page).toList());
    }

    public enum OfferKind {
        PAGE,
        LINK,
        LISTING,
        HEADING,
        TEXT,
        BLOCK,
        LIST,
        MENU,
        NEW_PAGE,
        REFUSED
    }

    /**
     * What a typed line could become, or what can stand in a menu by itself.
     *
     * @param kind to send; null for a new page and for what is refused
     * @param label to send, empty to follow
     * @param words what it would read
     * @param detail an address, or why not
     * @param placed whether the menu shows the page already
     */
    record OfferDto(
            OfferKind offer, @Nullable KindDto kind, String label, String words, String detail, boolean placed) {

        static OfferDto of(Site site, Offer offer) {
            return switch (offer) {
                case Offer.OfPage(PageId page, String title, String label, String address, boolean placed) ->
                    new OfferDto(
                            OfferKind.PAGE,
                            KindDto.of(new ItemKind.ToPage(page, 0)),
                            label,
                            label.isEmpty() ? title : label,
                            label.isEmpty() ? address : title + ", " + address,
                            placed);
                case Offer.OfLink(ItemKind kind, String label, boolean own) ->
                    new OfferDto(OfferKind.LINK, KindDto.of(kind), own ? label : "", label, leads(site, kind), false);
                case Offer.OfListing(String topic, String address) ->
                    new OfferDto(
                            OfferKind.LISTING, KindDto.of(new ItemKind.WebLink(address)), topic, topic, address, false);
                case Offer.OfBlock(ItemKind.Block block, String words) ->
                    new OfferDto(OfferKind.BLOCK, KindDto.of(block), "", words, "", false);
                case Offer.OfHeading(String label) ->
                    new OfferDto(OfferKind.HEADING, KindDto.of(new ItemKind.Heading()), label, label, "", false);
                case Offer.OfText(String label) ->
                    new OfferDto(OfferKind.TEXT, KindDto.of(new ItemKind.Text()), label, label, "", false);
                case Offer.OfList(ItemKind.PageList list, String words) ->
                    new OfferDto(OfferKind.LIST, KindDto.of(list), "", words, "", false);
                case Offer.OfMenu(MenuRowId menu, String name) ->
                    new OfferDto(OfferKind.MENU, KindDto.of(new ItemKind.OtherMenu(menu)), "", name, "", false);
                case Offer.OfNewPage(String title) -> new OfferDto(OfferKind.NEW_PAGE, null, "", title, "", false);
                case Offer.Refused(String sentence) -> new OfferDto(OfferKind.REFUSED, null, "", "", sentence, false);
            };
        }
    }

    private static String leads(Site site, ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPlace(PageId page, String name) ->
                site.pages().get(page).title() + ", " + Addresses.of(site, page) + "#" + name;
            case ItemKind.WebLink(String address) -> address;
            case ItemKind.Mail(String address) -> address;
            case ItemKind.Phone(String number) -> Links.numberOf(number);
            case ItemKind.Channels channels -> "as on The business";
            case ItemKind.OfBusiness business -> "as typed on The business";
            default -> "";
        };
    }

    /** What a typed line could become; without one, what can stand in a menu by itself. */
    @GetMapping("/menus/{menu}/offers")
    List<OfferDto> offers(@PathVariable String menu, @RequestParam(defaultValue = "") String text) {
        Site site = computed.now().state().site();
        MenuRowId id = Named.menu(menu);
        if (!(site.menus().find(id).orElse(null) instanceof MenuRow.Menu)) {
            throw new ProblemException(HttpStatus.NOT_FOUND, "not-there", "That menu is no longer there.");
        }
        List<OfferDto> offers = new ArrayList<>();
        List<Offer> found = text.isBlank() ? Offers.ofThemselves(site, id) : Offers.of(site, texts, id, text);
        found.forEach(offer -> offers.add(OfferDto.of(site, offer)));
        return offers;
    }
}
