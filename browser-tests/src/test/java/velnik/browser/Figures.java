package velnik.browser;

import java.util.Locale;
import java.util.function.DoubleSupplier;
import java.util.stream.IntStream;

/** Takes figures, and prints each with its bound. */
final class Figures {
    private Figures() {}

    static double median(int times, DoubleSupplier measure) {
        return percentile(50, times, measure);
    }

    static double percentile(int percent, int times, DoubleSupplier measure) {
        double[] sorted = IntStream.range(0, times)
                .mapToDouble(time -> measure.getAsDouble())
                .sorted()
                .toArray();
        return sorted[(sorted.length - 1) * percent / 100];
    }

    static void line(String what, double bound, double value) {
        line(what, bound, value, "ms");
    }

    static void line(String what, double bound, double value, String unit) {
        System.out.printf(
                Locale.ROOT,
                "%-62s %10.2f %-6s %s (≤ %,.0f)%n",
                what,
                value,
                unit,
                value <= bound ? "within" : "OVER",
                bound);
    }
}
