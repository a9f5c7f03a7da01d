package velnik.server.editing;

import io.soabase.recordbuilder.core.RecordBuilder;
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
 * @param page it leads to, for {@code PAGE}, that it leads to a place on, for {@code PLACE}, or that it shows something
 *     of, for {@code FORM_OF_PAGE} and {@code SUMMARY_OF_PAGE}
 * @param carries levels of subpages shown with it; none when left out
 * @param address of a {@code WEB_LINK} or {@code MAIL}, number of a {@code PHONE}, name of a {@code PLACE}
 * @param file it leads to, for {@code FILE}, or shows, for {@code PICTURE}
 * @param menu shown by {@code OTHER_MENU}
 * @param words of {@code WORDS}, a line for each paragraph
 * @param side where the caption of a {@code PICTURE} stands
 */
@RecordBuilder
public record KindDto(
        @NotNull Kind kind,
        @Nullable String page,
        @Nullable Integer carries,
        @Nullable String address,
        @Nullable String file,
        @Nullable String menu,
        @Nullable ListDto list,
        @Nullable String words,
        ItemKind.Block.@Nullable Side side)
        implements KindDtoBuilder.With {

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
        WORDS,
        PICTURE,
        SEARCH_FIELD,
        CONTACT_CARD,
        FORM_OF_PAGE,
        SUMMARY_OF_PAGE,
        POSITION_MAP,
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
                plain(Kind.PAGE).withPage(page.value()).withCarries(carries);
            case ItemKind.ToPlace(PageId page, String name) ->
                plain(Kind.PLACE).withPage(page.value()).withAddress(name);
            case ItemKind.WebLink(String address) -> plain(Kind.WEB_LINK).withAddress(address);
            case ItemKind.Mail(String address) -> plain(Kind.MAIL).withAddress(address);
            case ItemKind.Phone(String number) -> plain(Kind.PHONE).withAddress(number);
            case ItemKind.ToFile(FileId file) -> plain(Kind.FILE).withFile(file.value());
            case ItemKind.OfBusiness(ItemKind.Way way) ->
                plain(
                        switch (way) {
                            case PHONE -> Kind.PHONE_OF_BUSINESS;
                            case MAIL -> Kind.MAIL_OF_BUSINESS;
                        });
            case ItemKind.Channels channels -> plain(Kind.CHANNELS);
            case ItemKind.Heading heading -> plain(Kind.HEADING);
            case ItemKind.Text text -> plain(Kind.TEXT);
            case ItemKind.Block.Words(String words) -> plain(Kind.WORDS).withWords(words);
            case ItemKind.Block.Picture(FileId file, ItemKind.Block.Side side) ->
                plain(Kind.PICTURE).withFile(file.value()).withSide(side);
            case ItemKind.Block.SearchField search -> plain(Kind.SEARCH_FIELD);
            case ItemKind.Block.ContactCard card -> plain(Kind.CONTACT_CARD);
            case ItemKind.Block.FormOf(PageId page) -> plain(Kind.FORM_OF_PAGE).withPage(page.value());
            case ItemKind.Block.SummaryOf(PageId page) ->
                plain(Kind.SUMMARY_OF_PAGE).withPage(page.value());
            case ItemKind.Block.PositionMap map -> plain(Kind.POSITION_MAP);
            case ItemKind.OtherMenu(MenuRowId menu) -> plain(Kind.OTHER_MENU).withMenu(menu.value());
            case ItemKind.PageList list -> plain(Kind.LIST).withList(ListDto.of(list));
        };
    }

    /** Of a kind that names nothing, or before it is named. */
    public static KindDto plain(Kind kind) {
        return new KindDto(kind, null, null, null, null, null, null, null, null);
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
            case WORDS -> new ItemKind.Block.Words(Objects.requireNonNull(words));
            case PICTURE ->
                new ItemKind.Block.Picture(new FileId(Objects.requireNonNull(file)), Objects.requireNonNull(side));
            case SEARCH_FIELD -> new ItemKind.Block.SearchField();
            case CONTACT_CARD -> new ItemKind.Block.ContactCard();
            case FORM_OF_PAGE -> new ItemKind.Block.FormOf(new PageId(Objects.requireNonNull(page)));
            case SUMMARY_OF_PAGE -> new ItemKind.Block.SummaryOf(new PageId(Objects.requireNonNull(page)));
            case POSITION_MAP -> new ItemKind.Block.PositionMap();
            case OTHER_MENU -> new ItemKind.OtherMenu(new MenuRowId(Objects.requireNonNull(menu)));
            case LIST -> Objects.requireNonNull(list).list();
            case LISTED -> throw new IllegalArgumentException("a row of a list is no item");
        };
    }
}
