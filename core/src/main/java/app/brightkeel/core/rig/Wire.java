package app.brightkeel.core.rig;

import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The conductor of a segment.
 *
 * @param lengthM    one way, 0 to 60 [m]; never assumed
 * @param tinned     tinned strands, as marine wire is
 * @param insulation class of the insulation
 * @param sheathed   inside a sheath or enclosure over its whole length
 * @param plugPins   of the plug at the device's end, 1 to 40; open where there is none or nobody counted
 * @param bundled    current-carrying conductors in the bundle, a pair counts two; 1 to 60
 */
@RecordBuilder
public record Wire(
        Gauge gauge,
        Figure lengthM,
        boolean tinned,
        Insulation insulation,
        boolean sheathed,
        Figure plugPins,
        int bundled)
        implements WireBuilder.With {

    public Wire {
        Figure.within("lengthM", lengthM, 0, 60, "m");
        Figure.within("plugPins", plugPins, 1, 40, "pins");
        Checks.within("bundled", bundled, 1, 60, "conductors");
    }

    /** A plain pair of which only the gauge and the length are stated. */
    public static Wire pair(Gauge gauge, Figure lengthM) {
        return new Wire(gauge, lengthM, false, Insulation.C105, true, Figure.UNSET, 2);
    }
}
