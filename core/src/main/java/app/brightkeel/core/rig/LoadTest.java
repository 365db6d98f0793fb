package app.brightkeel.core.rig;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A timed load test of a pack: rested, drained by a known current, rested again.
 *
 * @param beforeV rest volts before, 1 to 120 [V]
 * @param amps    drawn, 0.01 to 500 [A]
 * @param hours   for how long, 0.01 to 200 [h]
 * @param afterV  rest volts an hour after, 1 to 120 [V]; not wanted where it ran out
 * @param ranOut  whether it was drained until it stopped
 */
@RecordBuilder
public record LoadTest(Figure beforeV, Figure amps, Figure hours, Figure afterV, boolean ranOut)
        implements LoadTestBuilder.With {

    public static final LoadTest NONE = new LoadTest(Figure.UNSET, Figure.UNSET, Figure.UNSET, Figure.UNSET, false);

    public LoadTest {
        Figure.within("beforeV", beforeV, 1, 120, "V");
        Figure.within("amps", amps, 0.01, 500, "A");
        Figure.within("hours", hours, 0.01, 200, "h");
        Figure.within("afterV", afterV, 1, 120, "V");
    }

    /** Whether enough was written down to say something. */
    public boolean done() {
        return beforeV.isSet() && amps.isSet() && hours.isSet() && (ranOut || afterV.isSet());
    }
}
