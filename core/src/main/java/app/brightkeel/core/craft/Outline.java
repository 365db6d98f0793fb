package app.brightkeel.core.craft;

import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.rig.Craft;
import app.brightkeel.core.rig.CraftKind;
import app.brightkeel.core.rig.HullSection;
import java.util.ArrayList;
import java.util.List;

/** The form of a craft, to be drawn: a hull, or on the ice a box on its base. */
public final class Outline {

    private final Hull hull;
    private final double lengthM;
    private final double halfM;
    private final double depthM;
    private final boolean box;
    private final Form craft;

    private record Form(CraftKind kind, double lengthM, double halfM, double depthM, List<HullSection> sections) {}

    private Outline(Craft craft) {
        lengthM = craft.lengthM().value();
        halfM = craft.beamM().value() / 2;
        depthM = craft.depthM().value();
        box = craft.kind().onIce() && craft.sections().isEmpty();
        this.craft = new Form(craft.kind(), lengthM, halfM, depthM, craft.sections());
        hull = new Hull(lengthM, 2 * halfM, depthM, HullShape.of(craft.kind(), craft.sections()));
    }

    /** Of a craft whose kind and measures are known, or what is missing. */
    public static Outcome<Outline> of(Craft craft) {
        List<String> missing = new ArrayList<>();
        if (craft.kind() == CraftKind.UNDECIDED) {
            missing.add("/craft/kind");
        }
        if (!craft.lengthM().isSet()) {
            missing.add("/craft/lengthM");
        }
        if (!craft.beamM().isSet()) {
            missing.add("/craft/beamM");
        }
        if (!craft.depthM().isSet()) {
            missing.add("/craft/depthM");
        }
        return Outcome.unless(missing, () -> new Outline(craft));
    }

    public double lengthM() {
        return lengthM;
    }

    public double depthM() {
        return depthM;
    }

    /** Half of the greatest width [m]. */
    public double halfM() {
        return halfM;
    }

    /** Half width at a place and height [m]. */
    public double halfWidthM(double xM, double zM) {
        return box ? halfM : hull.halfWidthM(xM, zM);
    }

    /** Bottom at a place off the centre line [m]. */
    public double bottomM(double xM, double yM) {
        return box ? 0 : hull.bottomM(xM, yM);
    }

    /** Whether a place lies under it. */
    public boolean over(double xM, double yM) {
        return xM >= 0 && xM <= lengthM && Math.abs(yM) <= halfWidthM(xM, depthM);
    }

    /** The same measures and form are the same outline. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Outline that && craft.equals(that.craft);
    }

    @Override
    public int hashCode() {
        return craft.hashCode();
    }

    /** Lowest line at a place [m]. */
    public double keelM(double xM) {
        return box ? 0 : hull.keelM(xM);
    }
}
