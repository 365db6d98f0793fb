package app.brightkeel.core.sonar;

import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Handle;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.water.WaterState;
import java.util.List;
import java.util.Optional;

/**
 * What one transducer sees in the water that is fished.
 *
 * @param transducer id
 * @param views      its beams, in their order
 * @param inUse      id of the beam that is used; "" where it is switched by the depth
 * @param look       of its live fan
 * @param handle     of its pole
 * @param headRad    built-in tilt of its head
 * @param leanRad    of its pole
 * @param slopeRad   of the steepest bottom that is fished
 * @param face       where it looks from
 */
public record Sight(
        String transducer,
        String name,
        TransducerType type,
        List<View> views,
        String inUse,
        Look look,
        Handle handle,
        double headRad,
        double leanRad,
        WaterState water,
        double slopeRad,
        FaceAt face) {

    /** Depth at which one changes from the wide to the narrow beam [m]; common practice, no source: 12 to 18. */
    public static final double SWITCH_M = 15;

    /** Nothing is seen so close under the face while it still rings [m]; common practice, no source: 0.3 to 1. */
    public static final double RING_DOWN_M = 0.65;

    public Sight {
        views = List.copyOf(views);
    }

    /**
     * The beam that is used at a depth [m]: the chosen one, or of the cones the wide one in the shallows and the narrow
     * one in the deep, as far as it reaches there. Fans are taken where there is no cone.
     */
    public View at(double depthM) {
        View best = views.get(0);
        for (View view : views) {
            if (view.beam().equals(inUse)) {
                return view;
            }
            boolean rounder = view.shape() == BeamShape.CONE && best.shape() != BeamShape.CONE;
            boolean better = view.shape() == best.shape() && better(view, best, depthM);
            if (inUse.isEmpty() && (rounder || better)) {
                best = view;
            }
        }
        return best;
    }

    private static boolean better(View view, View than, double depthM) {
        double its = view.cone().fullRad();
        double other = than.cone().fullRad();
        if (depthM <= SWITCH_M) {
            return its > other;
        }
        double reach = Math.min(depthM, view.reachM());
        double otherReach = Math.min(depthM, than.reachM());
        return reach > otherReach || reach == otherReach && its < other;
    }

    /** Whether it is used to look down to the bottom: a live fan may be aimed where one casts. */
    public boolean looksDeep() {
        return at(water.mostM()).shape() != BeamShape.LIVE || look == Look.DOWN;
    }

    /** Whether a beam reaches so deep in a water, as far as that is known. */
    public static boolean reaches(Beam beam, WaterState water, double depthM) {
        return SonarStage.reach(beam, water, false)
                .map(reach -> reach.leastM() >= depthM)
                .orElse(true);
    }

    /** Half of the widest angle round straight down that is ever used: all that is in its way matters [rad]. */
    public double halfRad() {
        return Math.max(at(water.leastM()).halfRad(), at(water.mostM()).halfRad());
    }

    /** Bottom below the face at a depth [m]; never less than nothing. */
    public double belowFaceM(double depthM) {
        return Math.max(0, depthM - face.underM());
    }

    /** How much of the bottom is seen at a depth, along the steepest slope; of a live fan across it [m]. */
    public double footprintM(double depthM) {
        View view = at(depthM);
        return view.shape() == BeamShape.CONE || view.shape() == BeamShape.LINE
                ? view.cone().footprintM(belowFaceM(depthM), slopeRad)
                : widthM(depthM);
    }

    /** How wide the beam is at a depth, on the level; of a live fan across it [m]. */
    public double widthM(double depthM) {
        View view = at(depthM);
        double below = belowFaceM(depthM);
        if (view.shape() == BeamShape.LIVE) {
            Fan fan = fan(view);
            return fan.acrossM(fan.rangeM(below));
        }
        return view.cone().footprintM(below);
    }

    /** Height above the bottom that is hidden at a depth, on the steepest slope that is fished [m]. */
    public double hiddenM(double depthM) {
        return at(depthM).hiddenM(belowFaceM(depthM), slopeRad);
    }

    /** Depth down to which nothing is seen at all [m]. */
    public double blindTopM() {
        return face.underM() + RING_DOWN_M;
    }

    /** How far off the point below what is seen lies at a depth, because the face or the pole is off level [m]. */
    public double offsetM(double depthM) {
        return belowFaceM(depthM) * Math.tan(Math.min(1.4, face.tiltRad() + leanRad));
    }

    /** Its live fan, if it has one. */
    public Optional<Fan> live() {
        return views.stream()
                .filter(view -> view.shape() == BeamShape.LIVE)
                .findFirst()
                .map(this::fan);
    }

    private Fan fan(View view) {
        return new Fan(view.cone().fullRad(), view.acrossRad(), look, headRad);
    }

    /** Whether it has a beam of a shape. */
    public boolean has(BeamShape shape) {
        return views.stream().anyMatch(view -> view.shape() == shape);
    }
}
