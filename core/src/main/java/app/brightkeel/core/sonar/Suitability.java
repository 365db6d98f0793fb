package app.brightkeel.core.sonar;

import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.FishingStyle;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.rig.TransducerType;
import app.brightkeel.core.rig.Water;
import java.util.List;

/**
 * How well a transducer suits the water, the style and the motion: a product of parts, so that what cannot be had at
 * all cannot be made up for.
 *
 * @param serves  the style and the motion
 * @param reaches as deep as is fished
 * @param width   of what it sees at the typical depth
 * @param bottom  how much of it stays hidden
 * @param power   what it costs in watts
 */
public record Suitability(Part serves, Part reaches, Part width, Part bottom, Part power) {

    /** From here on a part counts as met; common practice, no source. */
    public static final double MET = 0.7;

    /** Beams up to here count as narrow; common practice, no source [°]. */
    public static final double NARROW_TO_DEG = 16;

    /** Down to here wide beams are taken, and from {@link #DEEP_M} on narrow ones; common practice, no source [m]. */
    public static final double SHALLOW_M = 12;

    public static final double DEEP_M = 18;

    /** What is left of a beam that swings; common practice, no source. */
    private static final double SWINGS = 0.1;

    /** Watts that count half against a transducer; common practice, no source. */
    private static final double HALF_W = 25;

    /** What the box of a live fan usually draws [W]; value from memory, 8 to 25. */
    private static final double LIVE_W = 16.5;

    /** @param value 0 to 1 */
    public record Part(double value, Text why) {

        public boolean met() {
            return value >= MET;
        }
    }

    /** Of one transducer in one water. */
    public static Suitability of(Sight sight, Water water) {
        return new Suitability(
                serves(sight, water.style(), water.motion()),
                reaches(sight),
                width(sight, water.motion()),
                bottom(sight, water.fishM().value()),
                power(sight));
    }

    public List<Part> parts() {
        return List.of(serves, reaches, width, bottom, power);
    }

    /** 0 to 1. */
    public double score() {
        return serves.value() * reaches.value() * width.value() * bottom.value() * power.value();
    }

    /** Whether every part is met but what it costs in watts. */
    public boolean meetsTheGoal() {
        return serves.met() && reaches.met() && width.met() && bottom.met();
    }

    /** What speaks against it; where nothing does, what speaks for it. */
    public List<Text> reasons() {
        List<Text> against =
                parts().stream().filter(part -> !part.met()).map(Part::why).toList();
        return against.isEmpty() ? List.of(serves.why(), reaches.why()) : against;
    }

    private static Part serves(Sight sight, FishingStyle style, Motion motion) {
        if (sight.type() == TransducerType.ICE_CONE && motion != Motion.STILL && motion != Motion.UNDECIDED) {
            return new Part(SWINGS, Text.of("is made to hang still: under a moving craft it swings"));
        }
        View best = sight.views().get(0);
        double value = -1;
        for (View view : sight.views()) {
            double its = Styles.serves(style, view.shape(), motion);
            if (its > value) {
                value = its;
                best = view;
            }
        }
        if (motion == Motion.STILL && best.shape().paintsByMoving()) {
            return new Part(0, Text.of("a {} paints the same line again while you are still", best.name()));
        }
        String words = style == FishingStyle.UNDECIDED ? "any style" : style.words();
        return new Part(
                value,
                Text.of(
                        value >= MET
                                ? "a {} is right for {}"
                                : value > 0.3 ? "a {} is of some use for {}" : "a {} is of little use for {}",
                        best.shape().words(),
                        words));
    }

    private static Part reaches(Sight sight) {
        double most = sight.water().mostM();
        View view = sight.at(most);
        if (view.reach().isEmpty()) {
            return new Part(MET, Text.of("how deep it reaches is not known"));
        }
        Reach reach = view.reach().get();
        double value = most <= reach.plannedM() ? 1 : most <= reach.leastM() ? 0.5 : 0.1 * reach.leastM() / most;
        return new Part(
                value,
                Text.of(
                        "the {} reaches {} here, {} planned with",
                        view.name(),
                        new Amount(reach.leastM(), Unit.DEPTH),
                        new Amount(reach.plannedM(), Unit.DEPTH)));
    }

    private static Part width(Sight sight, Motion motion) {
        double typical = sight.water().typicalM();
        View view = sight.at(typical);
        if (view.shape() != BeamShape.CONE) {
            return new Part(1, Text.of("a fan needs no choice of width"));
        }
        double degrees = Math.toDegrees(view.cone().fullRad());
        Amount seen = new Amount(sight.footprintM(typical), Unit.METRE);
        boolean underWay = motion == Motion.PADDLING || motion == Motion.TROLLING;
        if (degrees < NARROW_TO_DEG && typical < SHALLOW_M) {
            return new Part(0.5, Text.of("sees only {} of the bottom in these shallows", seen));
        }
        if (degrees > NARROW_TO_DEG && typical > DEEP_M && !underWay) {
            return new Part(0.6, Text.of("smears fish and bottom over {} at this depth", seen));
        }
        return new Part(1, Text.of("sees {} of the bottom", seen));
    }

    private static Part bottom(Sight sight, double fishM) {
        double hidden = sight.hiddenM(sight.water().typicalM());
        return new Part(
                Math.min(1, fishM / Math.max(hidden, 1e-6)),
                Text.of("hides fish up to {} above the bottom", new Amount(hidden, Unit.METRE)));
    }

    private static Part power(Sight sight) {
        double watts = sight.type().extraW() + (sight.has(BeamShape.LIVE) ? LIVE_W : 0);
        return new Part(
                HALF_W / (HALF_W + watts),
                watts == 0
                        ? Text.of("draws nothing extra")
                        : Text.of("draws about {} more", new Amount(watts, Unit.WATT)));
    }
}
