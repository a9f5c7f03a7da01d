package velnik.server.editing;

import jakarta.validation.constraints.NotNull;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;

/**
 * What an item is, as the editor sends and gets it.
 *
 * @param page it leads to, for {@code PAGE}, or that it leads to a place on, for {@code PLACE}
 * @param carries levels of subpages shown with it; none when left out
 * @param address of a {@code WEB_LINK} or {@code MAIL}, number of a {@code PHONE}, name of a {@code PLACE}
 * @param file it leads to, for {@code FILE}
 * @param menu shown by {@code OTHER_MENU}
 */
public record KindDto(
        @NotNull Kind kind,
        @Nullable String page,
        @Nullable Integer carries,
        @Nullable String address,
        @Nullable String file,
        @Nullable String menu,
        @Nullable ListDto list) {

    /** {@code LISTED} is a row that a list yields; it is never sent. */
    public enum Kind {
        PAGE,
        PLACE,
        WEB_LINK,
        MAIL,
        PHONE,
        PHONE_OF_BUSINESS,
        MAIL_OF_BUSINESS,
        CHANNELS,
        FILE,
        HEADING,
        TEXT,
        OTHER_MENU,
        LIST,
        LISTED
    }

    public enum Source {
        WHOLE_TREE,
        UNDER,
        UNDER_VISITED,
        OF_TOPIC,
        NEWEST
    }

    /**
     * @param page whose subpages it yields, for {@code UNDER}
     * @param topic for {@code OF_TOPIC}
     * @param atMost rows of its first level; null for all
     * @param leftOut pages it does not yield
     */
    public record ListDto(
            @NotNull Source source,
            @Nullable String page,
            @Nullable String topic,
            int levels,
            @NotNull ListOrder order,
            @Nullable Integer atMost,
            @NotNull List<String> leftOut) {

        static ListDto of(ItemKind.PageList list) {
            return new ListDto(
                    switch (list.source()) {
                        case ListSource.WholeTree all -> Source.WHOLE_TREE;
                        case ListSource.Under under -> Source.UNDER;
                        case ListSource.UnderVisited here -> Source.UNDER_VISITED;
                        case ListSource.OfTopic topic -> Source.OF_TOPIC;
                        case ListSource.Newest newest -> Source.NEWEST;
                    },
                    list.source() instanceof ListSource.Under(PageId page) ? page.value() : null,
                    list.source() instanceof ListSource.OfTopic(String topic) ? topic : null,
                    list.levels(),
                    list.order(),
                    list.atMost().orElse(null),
                    list.leftOut().stream().map(PageId::value).sorted().toList());
        }

        ItemKind list() {
            ListSource from = switch (source) {
                case WHOLE_TREE -> new ListSource.WholeTree();
                case UNDER -> new ListSource.Under(new PageId(Objects.requireNonNull(page)));
                case UNDER_VISITED -> new ListSource.UnderVisited();
                case OF_TOPIC -> new ListSource.OfTopic(Objects.requireNonNull(topic));
                case NEWEST -> new ListSource.Newest();
            };
            Set<PageId> out = leftOut.stream().map(PageId::new).collect(Collectors.toCollection(HashSet::new));
            return new ItemKind.PageList(from, levels, order, Optional.ofNullable(atMost), out, Map.of());
        }
    }

    public static KindDto of(ItemKind kind) {
        return switch (kind) {
            case ItemKind.ToPage(PageId page, int carries) ->
                new KindDto(Kind.PAGE, page.value(), carries, null, null, null, null);
            case ItemKind.ToPlace(PageId page, String name) ->
                new KindDto(Kind.PLACE, page.value(), null, name, null, null, null);
            case ItemKind.WebLink(String address) -> new KindDto(Kind.WEB_LINK, null, null, address, null, null, null);
            case ItemKind.Mail(String address) -> new KindDto(Kind.MAIL, null, null, address, null, null, null);
            case ItemKind.Phone(String number) -> new KindDto(Kind.PHONE, null, null, number, null, null, null);
            case ItemKind.ToFile(FileId file) -> new KindDto(Kind.FILE, null, null, null, file.value(), null, null);
            case ItemKind.OfBusiness(ItemKind.Way way) ->
                new KindDto(
                        way == ItemKind.Way.PHONE ? Kind.PHONE_OF_BUSINESS : Kind.MAIL_OF_BUSINESS,
                        null,
                        null,
                        null,
                        null,
                        null,
                        null);
            case ItemKind.Channels channels -> new KindDto(Kind.CHANNELS, null, null, null, null, null, null);
            case ItemKind.Heading heading -> new KindDto(Kind.HEADING, null, null, null, null, null, null);
            case ItemKind.Text text -> new KindDto(Kind.TEXT, null, null, null, null, null, null);
            case ItemKind.OtherMenu(MenuRowId menu) ->
                new KindDto(Kind.OTHER_MENU, null, null, null, null, menu.value(), null);
            case ItemKind.PageList list -> new KindDto(Kind.LIST, null, null, null, null, null, ListDto.of(list));
        };
    }

    /** @throws RuntimeException when what the kind needs is missing or malformed */
    ItemKind itemKind() {
        return switch (kind) {
            case PAGE -> new ItemKind.ToPage(new PageId(Objects.requireNonNull(page)), carries == null ? 0 : carries);
            case PLACE ->
                new ItemKind.ToPlace(new PageId(Objects.requireNonNull(page)), Objects.requireNonNull(address));
            case WEB_LINK -> new ItemKind.WebLink(Objects.requireNonNull(address));
            case MAIL -> new ItemKind.Mail(Objects.requireNonNull(address));
            case PHONE -> new ItemKind.Phone(Objects.requireNonNull(address));
            case PHONE_OF_BUSINESS -> new ItemKind.OfBusiness(ItemKind.Way.PHONE);
            case MAIL_OF_BUSINESS -> new ItemKind.OfBusiness(ItemKind.Way.MAIL);
            case CHANNELS -> new ItemKind.Channels();
            case FILE -> new ItemKind.ToFile(new FileId(Objects.requireNonNull(file)));
            case HEADING -> new ItemKind.Heading();
            case TEXT -> new ItemKind.Text();
            case OTHER_MENU -> new ItemKind.OtherMenu(new MenuRowId(Objects.requireNonNull(menu)));
            case LIST -> Objects.requireNonNull(list).list();
            case LISTED -> throw new IllegalArgumentException("a row of a list is no item");
        };
    }
}
