package velnik.core.map;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import velnik.core.map.Land.Outline;
import velnik.core.site.Position;

/**
 * A position in the middle of what is around it: land, water and where states meet, as near as something of that can be
 * told apart.
 *
 * @param land SVG path data of the land on a field of {@link #WIDTH} by {@link #HEIGHT}
 * @param borders SVG path data of lines between states
 * @param kilometres that the bar stands for
 * @param bar its length on the field
 */
public record PositionMap(String land, String borders, int kilometres, int bar) {
    public static final int WIDTH = 640;
    public static final int HEIGHT = 400;

    /** From the middle to either side, in kilometres, the nearest first. */
    private static final int[] REACHES = {20, 40, 80, 160, 320, 640, 1280};

    /** What has to be drawn, in widths of the field, for people to know where they are. */
    private static final double ENOUGH = 0.9;

    private static final double KILOMETRES_A_DEGREE = 111.2;
    /** Drawn beyond the field, so that where land is cut off no line is seen. */
    private static final int BEYOND = 8;

    private static final int[] BARS = {500, 200, 100, 50, 20, 10, 5};

    /** Costs O(points of what is around), once the outlines are read. */
    public static PositionMap of(Position position) {
        for (int reach : REACHES) {
            Drawing drawing = new Drawing(position, reach);
            boolean last = reach == REACHES[REACHES.length - 1];
            if (last || drawing.drawn() >= ENOUGH * WIDTH) {
                return drawing.map();
            }
        }
        throw new IllegalStateException("no reach");
    }

    private static final class Drawing {
        private final Position position;
        private final int reach;
        /** Of the field, a degree. */
        private final double across;

        private final double up;
        private final List<List<double[]>> rings = new ArrayList<>();
        private final List<List<double[]>> borders = new ArrayList<>();

        Drawing(Position position, int reach) {
            this.position = position;
            this.reach = reach;
            up = KILOMETRES_A_DEGREE * WIDTH / (2 * reach);
            // Towards the poles degrees become nothing; that far nobody asks how wide a thing is.
            across = up * Math.max(0.15, Math.cos(Math.toRadians(position.latitude())));
            for (int round = -360; round <= 360; round += 360) {
                for (Outline ring : Land.rings()) {
                    if (isNear(ring, round)) {
                        List<double[]> clipped = clipped(onField(ring, round));
                        if (clipped.size() > 2) {
                            rings.add(clipped);
                        }
                    }
                }
                for (Outline border : Land.borders()) {
                    if (isNear(border, round)) {
                        borders.addAll(runs(onField(border, round)));
                    }
                }
            }
        }

        private boolean isNear(Outline outline, int round) {
            double sides = (WIDTH / 2.0 + BEYOND) / across;
            double ends = (HEIGHT / 2.0 + BEYOND) / up;
            return outline.west() + round <= position.longitude() + sides
                    && outline.east() + round >= position.longitude() - sides
                    && outline.south() <= position.latitude() + ends
                    && outline.north() >= position.latitude() - ends;
        }

        /** The points of an outline, without those that are off a side of the field with those before and behind them. */
        private List<double[]> onField(Outline outline, int round) {
            float[] points = outline.points();
            List<double[]> field = new ArrayList<>();
            double[] before = point(points, 0, round);
            int beforeOff = off(before);
            int keptOff = beforeOff;
            field.add(before);
            for (int i = 2; i < points.length; i += 2) {
                double[] next = point(points, i, round);
                int nextOff = off(next);
                if (i > 2 && (keptOff & beforeOff & nextOff) == 0) {
                    field.add(before);
                    keptOff = beforeOff;
                }
                before = next;
                beforeOff = nextOff;
            }
            field.add(before);
            return field;
        }

        private double[] point(float[] points, int i, int round) {
            return new double[] {
                WIDTH / 2.0 + (points[i] + round - position.longitude()) * across,
                HEIGHT / 2.0 - (points[i + 1] - position.latitude()) * up
            };
        }

        /** Off which sides of the field and a little beyond it a point is, a bit each. */
        private static int off(double[] point) {
            return (point[0] < -BEYOND ? 1 : 0)
                    | (point[0] > WIDTH + BEYOND ? 2 : 0)
                    | (point[1] < -BEYOND ? 4 : 0)
                    | (point[1] > HEIGHT + BEYOND ? 8 : 0);
        }

        /** How long all lines on the field are together, without those along its edge. */
        double drawn() {
            return length(rings, true) + length(borders, false);
        }

        private static double length(List<List<double[]>> lines, boolean closed) {
            double length = 0;
            for (List<double[]> line : lines) {
                for (int i = closed ? 0 : 1; i < line.size(); i++) {
                    double[] from = line.get(i == 0 ? line.size() - 1 : i - 1);
                    double[] to = line.get(i);
                    if (isOnField(from) || isOnField(to)) {
                        length += Math.hypot(to[0] - from[0], to[1] - from[1]);
                    }
                }
            }
            return length;
        }

        private static boolean isOnField(double[] point) {
            return point[0] > 0 && point[0] < WIDTH && point[1] > 0 && point[1] < HEIGHT;
        }

        PositionMap map() {
            for (int kilometres : BARS) {
                int bar = (int) Math.round(kilometres * WIDTH / (2.0 * reach));
                if (bar <= WIDTH / 3) {
                    return new PositionMap(path(rings, "z"), path(borders, ""), kilometres, bar);
                }
            }
            throw new IllegalStateException("no bar for " + reach);
        }

        private static String path(List<List<double[]>> lines, String end) {
            StringBuilder path = new StringBuilder();
            for (List<double[]> line : lines) {
                StringBuilder points = new StringBuilder();
                long x = 0;
                long y = 0;
                for (double[] point : line) {
                    long nextX = Math.round(point[0]);
                    long nextY = Math.round(point[1]);
                    if (points.isEmpty()) {
                        points.append('M')
                                .append(nextX)
                                .append(' ')
                                .append(nextY)
                                .append('l');
                    } else if (Math.abs(nextX - x) + Math.abs(nextY - y) > 1) {
                        points.append(nextX - x).append(' ').append(nextY - y).append(' ');
                    } else {
                        continue; // nobody sees so small a step
                    }
                    x = nextX;
                    y = nextY;
                }
                if (points.charAt(points.length() - 1) == ' ') {
                    path.append(points, 0, points.length() - 1).append(end);
                }
            }
            return path.toString().replace(" -", "-");
        }

        /** The part of a ring on the field and a little beyond it, one edge after another (Sutherland and Hodgman). */
        private static List<double[]> clipped(List<double[]> ring) {
            List<double[]> left = cut(ring, 0, -BEYOND, point -> point[0] >= -BEYOND);
            List<double[]> right = cut(left, 0, WIDTH + BEYOND, point -> point[0] <= WIDTH + BEYOND);
            List<double[]> top = cut(right, 1, -BEYOND, point -> point[1] >= -BEYOND);
            return cut(top, 1, HEIGHT + BEYOND, point -> point[1] <= HEIGHT + BEYOND);
        }

        private static List<double[]> cut(List<double[]> ring, int axis, double edge, Predicate<double[]> inside) {
            List<double[]> kept = new ArrayList<>();
            for (int i = 0; i < ring.size(); i++) {
                double[] from = ring.get(i == 0 ? ring.size() - 1 : i - 1);
                double[] to = ring.get(i);
                if (inside.test(from) != inside.test(to)) {
                    double part = (edge - from[axis]) / (to[axis] - from[axis]);
                    double[] crossing = {from[0] + part * (to[0] - from[0]), from[1] + part * (to[1] - from[1])};
                    crossing[axis] = edge;
                    kept.add(crossing);
                }
                if (inside.test(to)) {
                    kept.add(to);
                }
            }
            return kept;
        }

        /** The parts of a line that may be seen. */
        private static List<List<double[]>> runs(List<double[]> line) {
            List<List<double[]>> runs = new ArrayList<>();
            List<double[]> run = new ArrayList<>();
            for (int i = 1; i < line.size(); i++) {
                double[] from = line.get(i - 1);
                double[] to = line.get(i);
                boolean seen = Math.max(from[0], to[0]) > 0
                        && Math.min(from[0], to[0]) < WIDTH
                        && Math.max(from[1], to[1]) > 0
                        && Math.min(from[1], to[1]) < HEIGHT;
                if (seen && run.isEmpty()) {
                    run.add(from);
                }
                if (seen) {
                    run.add(to);
                }
                if (!run.isEmpty() && (!seen || i == line.size() - 1)) {
                    runs.add(run);
                    run = new ArrayList<>();
                }
            }
            return runs;
        }
    }
}
