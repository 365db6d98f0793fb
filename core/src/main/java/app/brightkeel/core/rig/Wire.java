package app.brightkeel.core.rig;

import app.brightkeel.core.reference.Packing;
import app.brightkeel.core.refusal.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * The conductor of a segment.
 *
 * @param lengthM    one way, 0 to 60 [m]; never assumed
 * @param tinned     tinned strands, as marine wire is
 * @param insulation class of the insulation
 * @param sheathed   inside a sheath or enclosure over its whole length
 * @param bundled    current-carrying conductors in the bundle, a pair counts two; 1 to 60
 * @param twisted    plus and minus about each other
 * @param colours    of plus and minus, "" for red and black
 * @param unused     further conductors in the same jacket that carry nothing, 0 to 20
 */
@RecordBuilder
public record Wire(
        Gauge gauge,
        Figure lengthM,
        boolean tinned,
        Insulation insulation,
        boolean sheathed,
        int bundled,
        boolean twisted,
        String colours,
        int unused)
        implements WireBuilder.With {

    /** Wall of the jacket of a sheathed pair [m]; common practice, no source. */
    private static final double JACKET_M = 0.0009;

    /** Longest wire, one way [m]. */
    public static final double LONGEST_M = 60;

    public Wire {
        Figure.within("lengthM", lengthM, 0, LONGEST_M, "m");
        Checks.within("bundled", bundled, 1, 60, "conductors");
        Checks.text("colours", colours);
        Checks.within("unused", unused, 0, 20, "conductors");
    }

    /**
     * Room that the pair takes in a hole [m], by its gauge and what it is sheathed in: two cores side by side, as a flat
     * jacket holds them; more of them in a circle.
     *
     * @throws IllegalStateException where the gauge is undecided
     */
    public double acrossM() {
        double jackets = sheathed ? 2 * JACKET_M : 0;
        return Packing.factor(2 + unused) * gauge.size().outerM() + jackets;
    }

    /** Whether its resistance can be told: gauge and length are both given. */
    public boolean measured() {
        return gauge.decided() && lengthM.isSet();
    }

    /** A plain pair of which only the gauge and the length are stated. */
    public static Wire pair(Gauge gauge, Figure lengthM) {
        return new Wire(gauge, lengthM, false, Insulation.C105, true, 2, false, "", 0);
    }
}
