package velnik.core.map;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.awt.geom.Path2D;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import velnik.core.site.Position;

public class PositionMapTest {
    private static final Pattern STEP = Pattern.compile("M(-?\\d+) ?(-?\\d+)|l?(-?\\d+) ?(-?\\d+)|z");

    @DataProvider
    public Object[][] positions() {
        return new Object[][] {
            // where it is, whether the middle is land, kilometres of the bar, whether states meet on it
            {"51.732 N, 0.684 E", true, 10, false}, // an estuary
            {"48.21 N, 16.37 E", true, 50, true}, // inland, near three borders
            {"46.2 N, 6.15 E", true, 10, true}, // a city that a border goes around
            {"39.5 N, 98.35 W", true, 500, true}, // the middle of a continent
            {"16.55 S, 179.4 E", true, 20, false}, // where east becomes west
            {"78 S, 0 E", true, 500, false},
            {"30 N, 40 W", false, 500, false}, // an ocean
            {"0 N, 160 W", false, 500, false}
        };
    }

    /** As near as something can be told apart, with land where there is land. */
    @Test(dataProvider = "positions")
    public void whatIsAround_isDrawn(String position, boolean land, int kilometres, boolean borders) {
        PositionMap map = PositionMap.of(Position.read(position).orElseThrow());
        assertEquals(path(map.land()).contains(PositionMap.WIDTH / 2.0, PositionMap.HEIGHT / 2.0), land);
        assertEquals(map.kilometres(), kilometres);
        assertEquals(!map.borders().isEmpty(), borders);
    }

    /** Wherever one is: light, on the field, with a bar that fits. */
    @Test
    public void everyMap_staysOnItsField() {
        Random random = new Random(20261130);
        for (int i = 0; i < 150; i++) {
            // Nearer the poles than anybody does business, outlines crowd.
            Position position = new Position(random.nextDouble() * 150 - 75, random.nextDouble() * 360 - 180);
            PositionMap map = PositionMap.of(position);
            assertTrue(map.land().length() + map.borders().length() < 20_000, "too much to load at " + position);
            assertTrue(map.bar() > 30 && map.bar() <= PositionMap.WIDTH / 3, position + ": " + map.bar());
            var land = path(map.land()).getBounds();
            assertTrue(
                    map.land().isEmpty()
                            || land.x >= -10
                                    && land.y >= -10
                                    && land.getMaxX() <= PositionMap.WIDTH + 10
                                    && land.getMaxY() <= PositionMap.HEIGHT + 10,
                    position + ": " + land);
        }
    }

    /** As a browser reads it; other characters than it should have fail. */
    private static Path2D path(String data) {
        Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        Matcher step = STEP.matcher(data);
        int at = 0;
        while (step.find()) {
            assertEquals(data.substring(at, step.start()).strip(), "", "not understood");
            at = step.end();
            if (step.group(1) != null) {
                path.moveTo(Integer.parseInt(step.group(1)), Integer.parseInt(step.group(2)));
            } else if (step.group(3) != null) {
                var from = path.getCurrentPoint();
                path.lineTo(
                        from.getX() + Integer.parseInt(step.group(3)), from.getY() + Integer.parseInt(step.group(4)));
            } else {
                path.closePath();
            }
        }
        assertEquals(data.substring(at).strip(), "", "not understood");
        return path;
    }
}
