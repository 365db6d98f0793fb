package app.brightkeel.core.water;

import java.util.Map;
import java.util.TreeMap;

/** Stretches of a clock that are done with; those that meet are one. */
final class Covered {

    /** A spoilt log jumps about; so many stretches are known. */
    private static final int MOST = 10_000;

    private final TreeMap<Double, Double> ends = new TreeMap<>();

    /** @param toS not before {@code fromS} [s] */
    void add(double fromS, double toS) {
        double from = fromS;
        double to = toS;
        Map.Entry<Double, Double> before = ends.floorEntry(from);
        if (before != null && before.getValue() >= from) {
            from = before.getKey();
            to = Math.max(to, before.getValue());
        }
        for (Map.Entry<Double, Double> next = ends.ceilingEntry(from);
                next != null && next.getKey() <= to;
                next = ends.ceilingEntry(from)) {
            to = Math.max(to, next.getValue());
            ends.remove(next.getKey());
        }
        if (ends.size() < MOST) {
            ends.put(from, to);
        }
    }

    boolean contains(double atS) {
        Map.Entry<Double, Double> before = ends.floorEntry(atS);
        return before != null && atS <= before.getValue();
    }
}
