package velnik.core.map;

import static java.util.Objects.requireNonNull;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.stream.Stream;

/**
 * The outlines of the file beside this class: rings around land, and lines where states meet. Points are degrees, east of
 * Greenwich before north of the equator, good to about 300 m.
 */
final class Land {
    /** @param points each east, then north */
    record Outline(float[] points, float west, float south, float east, float north) {
        static Outline of(float[] points) {
            float west = 180;
            float east = -180;
            float south = 90;
            float north = -90;
            for (int i = 0; i < points.length; i += 2) {
                west = Math.min(west, points[i]);
                east = Math.max(east, points[i]);
                south = Math.min(south, points[i + 1]);
                north = Math.max(north, points[i + 1]);
            }
            return new Outline(points, west, south, east, north);
        }
    }

    /** Read when a map is first drawn; 4 MB. */
    private static final class Read {
        static final Land LAND = new Land();
    }

    private final List<Outline> rings;
    private final List<Outline> borders;

    private Land() {
        ResourceBundle bundle = ResourceBundle.getBundle(
                Land.class.getName(), Locale.ROOT, requireNonNull(Land.class.getClassLoader()));
        double[] grid = Stream.of(bundle.getString("grid").split(" "))
                .mapToDouble(Double::parseDouble)
                .toArray();
        ByteBuffer file = ByteBuffer.wrap(Base64.getDecoder().decode(bundle.getString("outlines")));
        rings = outlines(file, grid);
        borders = outlines(file, grid);
    }

    static List<Outline> rings() {
        return Read.LAND.rings;
    }

    static List<Outline> borders() {
        return Read.LAND.borders;
    }

    private static List<Outline> outlines(ByteBuffer file, double[] grid) {
        int count = number(file);
        List<Outline> outlines = new ArrayList<>(count);
        for (int each = 0; each < count; each++) {
            float[] points = new float[2 * number(file)];
            int x = 0;
            int y = 0;
            for (int i = 0; i < points.length; i += 2) {
                x += signed(file);
                y += signed(file);
                points[i] = (float) (x * grid[0] + grid[1]);
                points[i + 1] = (float) (y * grid[2] + grid[3]);
            }
            outlines.add(Outline.of(points));
        }
        return List.copyOf(outlines);
    }

    /** Seven bits a byte, the lowest first; the eighth says that more follow. */
    private static int number(ByteBuffer file) {
        int number = 0;
        for (int shift = 0; ; shift += 7) {
            byte next = file.get();
            number |= (next & 127) << shift;
            if (next >= 0) {
                return number;
            }
        }
    }

    private static int signed(ByteBuffer file) {
        int number = number(file);
        return (number >>> 1) ^ -(number & 1);
    }
}
