package velnik.core;

import static org.testng.Assert.assertEquals;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.testng.annotations.Test;
import velnik.core.change.Change;
import velnik.core.sample.Brackwater;
import velnik.core.site.Site;

public class RandomEditsTest {
    /** A law that holds for random edits holds for every kind of change there is. */
    @Test
    public void everyKindOfChange_isDrawn() {
        Site site = Brackwater.site();
        RandomEdits edits = new RandomEdits(1);
        Set<String> drawn = new TreeSet<>();
        for (int i = 0; i < 2_000; i++) {
            drawn.add(edits.next(site).getClass().getSimpleName());
        }
        assertEquals(
                drawn, kinds(Change.class).map(Class::getSimpleName).collect(Collectors.toCollection(TreeSet::new)));
    }

    private static Stream<Class<?>> kinds(Class<?> kind) {
        return kind.isSealed()
                ? Stream.of(kind.getPermittedSubclasses()).flatMap(RandomEditsTest::kinds)
                : Stream.of(kind);
    }
}
