package app.brightkeel.core.circuit;

import app.brightkeel.core.reference.WireTables;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import app.brightkeel.core.rig.Wire;

/**
 * Resistance of a segment's loop, there and back.
 *
 * <p>AWG: area after ASTM B258, copper of IEC 60028, 2 % for stranding, 4-6 % for tin. Metric: IEC 60228 class 5 as
 * printed, since class 5 lies 11-16 % above ρ/A.
 *
 * @param segment its wire with gauge and length, its fittings with ohms
 * @param airC    temperature of the conductor [°C]
 */
public record WireResistance(Segment segment, double airC) {

    /** Conductor temperature of the worst case shown beside [°C]; the NEC table's own. */
    public static final double WARMEST_C = 75;

    /** Ohms of one metre of one conductor at its temperature. */
    public double ohmPerM() {
        Wire wire = segment.wire();
        WireTables.Size size = wire.gauge().size();
        return (wire.tinned() ? size.tinnedOhmPerM() : size.plainOhmPerM()) * WireTables.warmth(airC);
    }

    /** Both conductors over the whole length [Ω]. */
    public double wireOhm() {
        return 2 * segment.wire().lengthM().value() * ohmPerM();
    }

    /** Fuses, joints and switches in it [Ω]. */
    public double fittingsOhm() {
        return segment.fittings().stream()
                .map(Fitting::ohm)
                .mapToDouble(f -> f.value())
                .sum();
    }

    /** All of it [Ω]. */
    public double loopOhm() {
        return wireOhm() + fittingsOhm();
    }
}
