package app.brightkeel.core.rig;

import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.refusal.Refusal;
import app.brightkeel.core.refusal.RefusalCode;
import java.util.List;
import java.util.stream.Collectors;

/** Size of a wire: a choice from a table, never a free number. */
public sealed interface Gauge {

    Gauge UNDECIDED = new Undecided();

    /** What AWG numbers there are. */
    List<Double> AWG_SIZES =
            WireTables.awg().stream().map(s -> (double) s.awg()).toList();

    /** What metric areas there are [mm²]. */
    List<Double> METRIC_SIZES =
            WireTables.metric().stream().map(WireTables.Size::areaMm2).toList();

    /** The row of the table. */
    WireTables.Size size();

    default boolean decided() {
        return !(this instanceof Undecided);
    }

    record Undecided() implements Gauge {
        @Override
        public WireTables.Size size() {
            throw new IllegalStateException("an undecided gauge has no size");
        }
    }

    /** @param awg 24, 22 ... 6 */
    record Awg(int awg) implements Gauge {
        public Awg {
            refuseUnlessListed("awg", awg, AWG_SIZES);
        }

        @Override
        public WireTables.Size size() {
            return WireTables.awg(awg);
        }
    }

    /** @param areaMm2 0.75, 1, 1.5 ... 16 [mm²], class 5 */
    record Metric(double areaMm2) implements Gauge {
        public Metric {
            refuseUnlessListed("areaMm2", areaMm2, METRIC_SIZES);
        }

        @Override
        public WireTables.Size size() {
            return WireTables.metric(areaMm2);
        }
    }

    private static void refuseUnlessListed(String field, double value, List<Double> listed) {
        if (!listed.contains(value)) {
            String all = listed.stream().map(Gauge::trimmed).collect(Collectors.joining(", "));
            throw new Refusal(RefusalCode.NOT_OFFERED, field, trimmed(value), "one of " + all);
        }
    }

    private static String trimmed(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? String.valueOf((long) value)
                : String.valueOf(value);
    }
}
