package velnik.core.change;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.finding.Reason;
import velnik.core.navigation.Absence;
import velnik.core.sample.Brackwater;
import velnik.core.site.Device;
import velnik.core.site.MenuRowId;
import velnik.core.site.PageId;
import velnik.core.site.Site;
import velnik.core.site.Visitor;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/** Every refusal, notice, finding and reason for an absence has words, and all its facts find their place. */
public class SentencesTest {
    private static final List<Class<?>> ROOMS = List.of(Refusal.class, Notice.class, Reason.class, Absence.class);

    private final Site site = Brackwater.site();

    @DataProvider
    public Object[][] kinds() {
        List<Object[]> kinds = new ArrayList<>();
        for (Class<?> room : ROOMS) {
            for (Class<?> kind : room.getPermittedSubclasses()) {
                for (int number = 0; number <= 2; number++) {
                    kinds.add(new Object[] {kind, number});
                }
            }
        }
        return kinds.toArray(Object[][]::new);
    }

    @Test(dataProvider = "kinds")
    public void everyKind_isSaidInAWholeSentence(Class<?> kind, int number) throws ReflectiveOperationException {
        RecordComponent[] components = kind.getRecordComponents();
        Object[] facts = Arrays.stream(components)
                .map(component -> component.getName().equals("limit") ? 2_000 : sample(component.getType(), number))
                .toArray();
        Object made = kind.getDeclaredConstructor(
                        Arrays.stream(components).map(RecordComponent::getType).toArray(Class<?>[]::new))
                .newInstance(facts);
        String sentence = switch (made) {
            case Refusal refusal -> refusal.sentence();
            case Notice notice -> notice.sentence();
            case Reason reason -> reason.sentence(site);
            case Absence absence -> absence.sentence(site);
            default -> throw new AssertionError(made);
        };
        assertTrue(sentence.matches("(?s)[\\p{Lu}\\d“].*[.:!]|Canoes"), sentence);
        assertFalse(sentence.contains("{") || sentence.contains("}") || sentence.contains("  "), sentence);
        assertFalse(sentence.matches(".*\\b1 (pages|items|addresses|levels|subpages|places)\\b.*"), sentence);
        assertFalse(sentence.matches(".*[A-Z]{2,}_.*"), sentence);
    }

    private Object sample(Class<?> type, int number) {
        if (type == int.class) {
            return number;
        } else if (type == String.class) {
            return "Canoes";
        } else if (type == PageId.class) {
            return site.pages().walk().getFirst().id();
        } else if (type == MenuRowId.class) {
            return new MenuRowId("main");
        } else if (type == Zone.class) {
            return Zone.SIDEBAR;
        } else if (type == Absence.class) {
            return new Absence.Hidden();
        } else if (type == Device.class) {
            return Device.values()[number % 2];
        } else if (type == Set.class) {
            return number == 0 ? Visitor.ANY : Set.of(Visitor.values()[number % 2]);
        } else if (Map.class.isAssignableFrom(type)) {
            return new LinkedHashMap<>(Map.of("Main", number));
        }
        return List.of("Main", "Short");
    }

    /** No words are left over from a kind that is no more. */
    @Test
    public void allWords_areOfAKind() {
        for (Class<?> room : ROOMS) {
            Set<String> kinds = new HashSet<>();
            for (Class<?> kind : room.getPermittedSubclasses()) {
                kinds.add(kind.getSimpleName());
            }
            for (String key : Messages.of(room).keys()) {
                assertTrue(kinds.contains(key.replaceAll("\\..*", "")), key);
            }
        }
    }

    @Test
    public void numbersAndLists_areWrittenAsTheLanguageHasThem() {
        assertEquals(
                new Refusal.TooManyPages(20_001, 20_000).sentence(),
                "That would make 20,001 pages; the limit is 20,000.");
        assertEquals(
                new Notice.ItemsRest(3, List.of("Main", "Short", "Footer")).sentence(),
                "3 items in Main, Short and Footer lead there and show to nobody until it is restored.");
    }
}
