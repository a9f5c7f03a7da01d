package velnik.core.looks;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class ShadeTest {
    @DataProvider
    public Object[][] contrasts() {
        // By the definition in WCAG 2.2, worked out by hand.
        return new Object[][] {
            {"#000000", "#ffffff", 21.0},
            {"#777777", "#ffffff", 4.48},
            {"#767676", "#ffffff", 4.54},
            {"#ff0000", "#ffffff", 4.00},
            {"#0000ff", "#ffffff", 8.59},
            {"#12607f", "#12607f", 1.0},
        };
    }

    @Test(dataProvider = "contrasts")
    public void contrast_isAsDefined_whicheverIsFirst(String one, String two, double ratio) {
        assertEquals(Shade.of(one).contrast(Shade.of(two)), ratio, 0.006);
        assertEquals(Shade.of(two).contrast(Shade.of(one)), ratio, 0.006);
    }

    @Test
    public void mixedWithNothing_isItself_andWithAll_theOther() {
        Random random = new Random(1);
        for (int turn = 0; turn < 2_000; turn++) {
            Shade one = any(random);
            Shade two = any(random);
            assertEquals(one.mixed(two, 0), one);
            assertEquals(one.mixed(two, 1), two);
            assertEquals(Shade.of(one.written()), one);
        }
    }

    @Test
    public void standingOut_suffices_isNearest_andKeepsWhatSuffices() {
        Random random = new Random(2);
        int moved = 0;
        for (int turn = 0; turn < 3_000; turn++) {
            Shade ground = any(random);
            List<Shade> grounds = List.of(ground, ground.mixed(Shade.WHITE, 0.1), ground.mixed(Shade.BLACK, 0.05));
            Shade asked = any(random);
            double ratio = random.nextBoolean() ? 4.5 : 3;
            Shade found = asked.standingOut(grounds, ratio);
            boolean possible =
                    Math.max(Shade.BLACK.leastContrast(grounds), Shade.WHITE.leastContrast(grounds)) >= ratio;
            assertEquals(found.leastContrast(grounds) >= ratio, possible, asked + " on " + ground);
            assertEquals(found.standingOut(grounds, ratio), found, "again");
            if (asked.leastContrast(grounds) >= ratio) {
                assertEquals(found, asked);
            } else if (possible && asked.contrast(found) > 1.05) { // less than that is rounding
                moved++;
                Shade nearer = asked.mixed(found, 0.5);
                assertTrue(nearer.leastContrast(grounds) < ratio, asked + " need not become " + found);
            }
        }
        assertTrue(moved > 300, "found " + moved);
    }

    private static Shade any(Random random) {
        return new Shade(random.nextInt(0x1000000));
    }
}
