package app.brightkeel.core.picture;

import app.brightkeel.core.rig.Gauge;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Segment;

/** A rig with one thing changed. */
final class RigWith {

    private RigWith() {}

    /** Every wire in this AWG. */
    static Rig gauge(Rig rig, int awg) {
        Rig after = rig;
        for (Segment segment : rig.harness().segments()) {
            after = after.with(segment.withWire(segment.wire().withGauge(new Gauge.Awg(awg))));
        }
        return after;
    }
}
