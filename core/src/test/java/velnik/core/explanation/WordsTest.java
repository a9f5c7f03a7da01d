package velnik.core.explanation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.entry.PastedItems;
import velnik.core.site.Appearance;
import velnik.core.site.Device;
import velnik.core.site.ItemKind;
import velnik.core.site.Joining;
import velnik.core.site.ListOrder;
import velnik.core.site.ListSource;
import velnik.core.site.PageKind;
import velnik.core.site.Reach;
import velnik.core.site.Visitor;
import velnik.core.site.WhenClosed;
import velnik.core.site.Zone;
import velnik.core.text.Messages;

/** Whatever there is several kinds of has a word for each kind. */
public class WordsTest {
    private static final List<Class<? extends Enum<?>>> SEVERAL = List.of(
            Zone.class,
            Visitor.class,
            Device.class,
            PageKind.class,
            Reach.class,
            WhenClosed.class,
            Appearance.Weight.class,
            Appearance.Relation.class,
            Appearance.Arrangement.class,
            Appearance.Panel.class,
            ListOrder.class,
            Joining.Spot.class,
            ItemKind.Way.class,
            ItemKind.Block.Side.class);

    private final Messages words = Messages.of(Words.class);

    @Test
    public void everyOneOfSeveral_hasAWord_andNoWordIsLeftOver() {
        Set<String> wanted = new TreeSet<>();
        for (Class<? extends Enum<?>> several : SEVERAL) {
            for (Enum<?> one : several.getEnumConstants()) {
                assertTrue(words.say(one).matches("[a-z][a-z -]+"), words.say(one));
                wanted.add(several.getSimpleName() + "." + one.name());
            }
        }
        Set<String> there = new TreeSet<>(words.keys());
        there.removeIf(key -> !key.matches("[A-Z]\\w*\\.[A-Z_]+"));
        assertEquals(there, wanted);
    }

    @DataProvider
    public Object[][] kinds() {
        List<Object[]> kinds = new ArrayList<>();
        add(kinds, words, "source.", ListSource.class);
        add(kinds, words, "from.", Joining.From.class);
        add(kinds, Messages.of(PastedItems.class), "", ItemKind.class);
        return kinds.toArray(Object[][]::new);
    }

    private static void add(List<Object[]> kinds, Messages words, String prefix, Class<?> sealed) {
        for (Class<?> kind : sealed.getPermittedSubclasses()) {
            if (kind.isSealed()) {
                add(kinds, words, prefix, kind);
            } else {
                kinds.add(new Object[] {words, prefix + kind.getSimpleName()});
            }
        }
    }

    @Test(dataProvider = "kinds")
    public void everyKind_hasWords(Messages room, String key) {
        assertTrue(room.keys().contains(key), key);
    }
}
