package app.brightkeel.core.mount;

import app.brightkeel.core.craft.Face;
import app.brightkeel.core.rig.MountKind;
import app.brightkeel.core.rig.Obstruction;
import app.brightkeel.core.rig.ObstructionKind;
import java.util.Optional;

/**
 * How free one transducer is.
 *
 * <p>Everything is fixed to the hull, so trim and heel turn beam and obstructions together and change nothing here. An
 * obstruction is an upright post: where it reaches below the face it stands in the beam unless its edge lies outside
 * the cone at the depth it reaches to.
 *
 * @param clearRad half angle that is free of everything, π/2 where nothing stands in the way
 * @param by       what limits it, "" where nothing does
 * @param gapM     by how much its opening is wider than its body; empty where it sits in none, or sizes are unknown
 * @param behindM  how far it sits behind the nearest drive or open scupper in line with it; empty where there is none
 */
public record Clearance(HeldFace held, double clearRad, String by, Optional<Double> gapM, Optional<Double> behindM) {

    /** What a knob under the hull may stand proud on a beach; common practice, no source [m]. */
    public static final double PROUD_M = 0.030;

    /** How far to the side something still counts as in line [m]; common practice, no source. */
    static final double IN_LINE_M = 0.15;

    /** What it sees all round; worked out anew, since few faces look aside. */
    public Sector sector() {
        return Sector.of(held, rimRad(held));
    }

    static Clearance of(HeldFace held) {
        double clear = Math.PI / 2;
        String by = "";
        for (Obstruction obstruction : held.obstructions()) {
            double angle = clearOf(held.face(), obstruction);
            if (angle < clear) {
                clear = angle;
                by = obstruction.name();
            }
        }
        double rim = rimRad(held);
        if (rim < clear) {
            clear = rim;
            by = held.face().mount().throughIce() ? "edge of the ice" : "edge of the pocket";
        }
        return new Clearance(held, clear, by, gap(held), behind(held));
    }

    private static double clearOf(Face face, Obstruction obstruction) {
        double reach = face.zM() + obstruction.belowM().value();
        if (reach <= 0) {
            return Math.PI / 2;
        }
        double away = Math.hypot(
                        obstruction.fromBowM().value() - face.xM(),
                        obstruction.sideM().value() - face.yM())
                - obstruction.halfWidthM().value();
        return away <= 0 ? 0 : Math.atan2(away, reach);
    }

    /** What the rim of a pocket or hole leaves of the view where the face lies inside it. */
    private static double rimRad(HeldFace held) {
        double inside = held.face().mount().throughIce()
                ? held.iceM().orElse(0.0) - held.face().underM()
                : held.face().mount().encloses() ? -held.proudM() : 0;
        return inside <= 0 || held.openingM().isEmpty()
                ? Math.PI / 2
                : Math.atan2(held.openingM().get() / 2, inside);
    }

    private static Optional<Double> gap(HeldFace held) {
        Optional<Double> plate = held.plateM();
        if (plate.isPresent() && held.bodyM().isPresent()) {
            return Optional.of(plate.get() - held.bodyM().get());
        }
        boolean within = held.face().mount().encloses() || held.face().mount() == MountKind.SCUPPER;
        return within && held.openingM().isPresent() && held.bodyM().isPresent()
                ? Optional.of(held.openingM().get() - held.bodyM().get())
                : Optional.empty();
    }

    private static Optional<Double> behind(HeldFace held) {
        double nearest = Double.POSITIVE_INFINITY;
        for (Obstruction obstruction : held.obstructions()) {
            double aft = held.face().xM() - obstruction.fromBowM().value();
            double side = Math.abs(held.face().yM() - obstruction.sideM().value());
            if (obstruction.sort() == ObstructionKind.DRIVE && aft > 0 && side < IN_LINE_M) {
                nearest = Math.min(nearest, aft);
            }
        }
        for (double aft : held.scuppersM()) {
            nearest = Math.min(nearest, aft);
        }
        return nearest == Double.POSITIVE_INFINITY ? Optional.empty() : Optional.of(nearest);
    }
}
