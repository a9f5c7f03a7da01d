package velnik.core.compare;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;

import java.lang.reflect.RecordComponent;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.sample.Brackwater;
import velnik.core.site.Anchor;
import velnik.core.site.Appearance;
import velnik.core.site.Channel;
import velnik.core.site.Details;
import velnik.core.site.Device;
import velnik.core.site.Dress;
import velnik.core.site.EnquiryForm;
import velnik.core.site.FileId;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.LayoutId;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.Look;
import velnik.core.site.MenuRow;
import velnik.core.site.OpeningHours;
import velnik.core.site.OpeningHours.Span;
import velnik.core.site.Page;
import velnik.core.site.PageId;
import velnik.core.site.PageKind;
import velnik.core.site.Period;
import velnik.core.site.Position;
import velnik.core.site.Reach;
import velnik.core.site.Site;
import velnik.core.site.TextHash;
import velnik.core.site.Token;
import velnik.core.site.Tuning;
import velnik.core.site.TypePair;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;

/**
 * Every component of everything that people edit, found by walking the records: where it alone is another, one field
 * says so, and both values read otherwise. A component that is added and forgotten makes this fail.
 */
public class FieldsTest {
    private static final Site SITE = Brackwater.site();
    private static final PageId HIRE = Brackwater.id("Hire");
    private static final Appearance PLAIN = Appearance.PLAIN;
    private static final ItemKind.PageList LIST = ItemKind.PageList.of(new ListSource.WholeTree(), 2);

    /** What each component may be besides what it is; by its type, and where types say too little by its name. */
    private static @Nullable Object other(RecordComponent component, @Nullable Object now) {
        Object named = switch (component.getName()) {
            case "icon" -> "search";
            case "address" -> "https://other.example";
            case "topics" -> Set.of("another");
            case "leftOut" -> Set.of(HIRE);
            case "dressed" -> Map.of(HIRE, new Dress("Other", PLAIN));
            case "devices" -> Set.of(Device.PHONE);
            case "visitors" -> Set.of(Visitor.MEMBER);
            case "periods" -> List.of(Period.once(LocalDate.parse("2027-01-01"), null));
            case "atMost" -> Optional.of(3);
            case "language" -> "de";
            case "date" -> LocalDate.parse("2027-01-01");
            case "model" -> now instanceof Boolean flag ? !flag : HIRE;
            case "picture", "logo" -> new FileId("another");
            case "hours" -> new OpeningHours(Map.of(DayOfWeek.MONDAY, List.of(new Span(540, 720))), List.of());
            case "position" -> new Position(51.7, 0.6);
            case "channels" -> List.of(new Channel("Films", "https://films.example/", "film"));
            case "allowedOrigins" -> List.of("https://shop.example");
            case "look" -> Look.WEIR;
            case "form" ->
                new EnquiryForm(List.of(new EnquiryForm.Field(EnquiryForm.Kind.NAME, "Name", true, List.of())));
            case "text" -> TextHash.of("another");
            case "anchor" -> new Anchor(HIRE, List.of(), List.of(HIRE));
            case "source" -> new ListSource.Newest();
            case "from" -> new Joining.From.Everywhere();
            case "spot" -> Joining.Spot.AT_END;
            default -> null;
        };
        return named != null
                ? named
                : switch (now) {
                    case String text -> text + "other";
                    case Boolean flag -> !flag;
                    case Integer number -> number + 1;
                    case PageKind kind -> PageKind.GROUP;
                    case Reach reach -> Reach.HELD_BACK;
                    case LayoutId layout -> LayoutId.WIDE;
                    case WhenClosed whenClosed -> WhenClosed.OPENS_AGAIN;
                    case Appearance.Relation relation -> Appearance.Relation.PAID;
                    case Appearance.Arrangement arrangement -> Appearance.Arrangement.THREE_BESIDE;
                    case Appearance.Panel panel -> Appearance.Panel.ACROSS;
                    case ListOrder order -> ListOrder.TITLE;
                    case Appearance.Weight weight -> Appearance.Weight.BUTTON;
                    case ZoneId zone -> ZoneId.of("Asia/Tokyo");
                    case ItemKind kind -> new ItemKind.Mail("yard@brackwater.example");
                    case null, default -> throw new AssertionError("say what else " + component.getName() + " may be");
                };
    }

    private static <R extends Record> R with(R record, int changed, @Nullable Object value) {
        try {
            RecordComponent[] components = record.getClass().getRecordComponents();
            List<Class<?>> types = new ArrayList<>();
            List<@Nullable Object> values = new ArrayList<>();
            for (int i = 0; i < components.length; i++) {
                types.add(components[i].getType());
                values.add(i == changed ? value : components[i].getAccessor().invoke(record));
            }
            @SuppressWarnings("unchecked")
            R other = (R) record.getClass()
                    .getDeclaredConstructor(types.toArray(Class<?>[]::new))
                    .newInstance(values.toArray());
            return other;
        } catch (ReflectiveOperationException failed) {
            throw new AssertionError(failed);
        }
    }

    /** Each with one component another. */
    private static <R extends Record> List<R> others(R record, String... left) {
        List<R> others = new ArrayList<>();
        RecordComponent[] components = record.getClass().getRecordComponents();
        for (int i = 0; i < components.length; i++) {
            if (!List.of(left).contains(components[i].getName())) {
                try {
                    Object now = components[i].getAccessor().invoke(record);
                    others.add(with(record, i, other(components[i], now)));
                } catch (ReflectiveOperationException failed) {
                    throw new AssertionError(failed);
                }
            }
        }
        return others;
    }

    @DataProvider
    public Object[][] rows() {
        List<Object[]> rows = new ArrayList<>();
        MenuRow.Menu menu = MenuRow.Menu.named("Main");
        MenuRow.Item item = MenuRow.Item.of(new ItemKind.ToPage(HIRE, 0), "Boats");
        MenuRow.Item list = MenuRow.Item.of(LIST, "");
        others(menu, "joining", "newItems").forEach(other -> rows.add(new Object[] {menu, other}));
        // Which pages joined is nobody's edit.
        others(menu.joining(), "joined").forEach(other -> rows.add(new Object[] {menu, menu.withJoining(other)}));
        others(PLAIN).forEach(other -> rows.add(new Object[] {menu, menu.withNewItems(other)}));
        others(item, "appearance").forEach(other -> rows.add(new Object[] {item, other}));
        others(PLAIN).forEach(other -> rows.add(new Object[] {item, item.withAppearance(other)}));
        others(new ItemKind.ToPage(HIRE, 0), "page")
                .forEach(other -> rows.add(new Object[] {item, item.withKind(other)}));
        others(LIST).forEach(other -> rows.add(new Object[] {list, list.withKind(other)}));
        return rows.toArray(Object[][]::new);
    }

    @Test(dataProvider = "rows")
    public void everyFieldOfARow_isComparedAndSaid(MenuRow one, MenuRow other) {
        List<String[]> touched = MenuRowFields.touched(one, other, (field, part) -> new String[] {field, part})
                .toList();
        assertEquals(touched.size(), 1, one + " and " + other);
        String field = touched.getFirst()[0];
        String part = touched.getFirst()[1];
        assertNotEquals(MenuRowFields.said(SITE, other, field, part), MenuRowFields.said(SITE, one, field, part));
        assertEquals(MenuRowFields.carry(one, other, one), Optional.of(other), "it is carried over");
    }

    @Test
    public void everyFieldOfAPage_isComparedAndSaid() {
        Page page = SITE.pages().get(HIRE);
        for (Page other : others(page)) {
            assertSaid(PageFields.ALL, page, other);
            assertEquals(PageFields.carry(page, other, page), Optional.of(other));
        }
    }

    @Test
    public void everyFieldOfTheDetails_isComparedAndSaid() {
        Details details = SITE.details();
        List<Details> others = new ArrayList<>(others(details, "newPages", "contact", "tuning"));
        others(details.newPages()).forEach(begin -> others.add(details.withNewPages(begin)));
        others(details.contact()).forEach(contact -> others.add(details.withContact(contact)));
        for (Token token : Token.values()) {
            Stream.of("#1a5f7d", "110", "8", TypePair.MULISH.name(), Token.HIDDEN)
                    .flatMap(value -> token.read(value).stream())
                    .forEach(value -> others.add(details.withTuning(Tuning.NONE.with(token, value))));
        }
        for (Details other : others) {
            assertSaid(DetailsFields.ALL, details, other);
            assertEquals(DetailsFields.carry(details, other, details), Optional.of(other));
        }
    }

    private static <V> void assertSaid(List<Field<V>> fields, V one, V other) {
        List<String[]> touched = Field.touched(fields, one, other, (field, part) -> new String[] {field, part})
                .toList();
        assertEquals(touched.size(), 1, one + " and " + other);
        Field<V> field = Field.named(fields, touched.getFirst()[0]);
        assertNotEquals(field.said(SITE, other, touched.getFirst()[1]), field.said(SITE, one, touched.getFirst()[1]));
    }
}
