package app.brightkeel.e2e;

import java.util.List;
import java.util.Locale;

/** How long things took, as it is printed. */
final class Times {

    private Times() {}

    /** @param ms one for each time; at least one */
    static void print(String what, List<Double> ms) {
        List<Double> sorted = ms.stream().sorted().toList();
        System.out.printf(
                Locale.ROOT,
                "%-12s p50 %.1f ms, p95 %.1f ms, worst %.1f ms, of %d%n",
                what,
                sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100),
                sorted.get(sorted.size() - 1),
                sorted.size());
    }
}
