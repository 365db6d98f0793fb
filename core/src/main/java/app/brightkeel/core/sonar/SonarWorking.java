package app.brightkeel.core.sonar;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Transducer;
import app.brightkeel.core.water.WaterStage;
import app.brightkeel.core.water.WaterState;
import java.util.List;

/** Tells what the transducers see. */
final class SonarWorking {

    private SonarWorking() {}

    static Working of(Line line) {
        Outcome<SonarState> outcome = line.get(SonarStage.STAGE);
        if (!outcome.isKnown()) {
            return Working.missing("What it sees", outcome.missing());
        }
        WaterState water = line.get(WaterStage.STAGE).value();
        Working.Builder told = Working.of(
                        "What it sees",
                        "d = 2·h·tan(θ/2)",
                        Source.derived("a cone on a flat bottom; h is counted from the face"))
                .opened(
                        "c",
                        "speed of sound, and the depths",
                        water.soundMs(),
                        Unit.METRE_PER_SECOND,
                        WaterStage.STAGE.working(line));
        if (line.get(FaceStage.STAGE).isKnown()) {
            told.opened(
                    "",
                    "face below the surface",
                    outcome.value().first().face().underM(),
                    Unit.MILLIMETRE,
                    FaceStage.STAGE.working(line));
        } else {
            told.remark("Counted from the surface: where the face hangs is not known yet.");
        }
        told.figure(
                "",
                "fish above the bottom that matter",
                line.rig().outing().water().fishM(),
                Unit.METRE,
                "/outing/water/fishM");
        told.figure(
                "β",
                "steepest bottom that is fished",
                line.rig().outing().water().slopeDeg(),
                Unit.DEGREE,
                "/outing/water/slopeDeg");
        List<Sight> sights = outcome.value().sights();
        for (int t = 0; t < sights.size(); t++) {
            sight(told, line.rig().transducers().get(t), t, sights.get(t));
        }
        return told.done();
    }

    private static void sight(Working.Builder told, Transducer transducer, int index, Sight sight) {
        told.remark("{}", transducer.name());
        for (int b = 0; b < transducer.beams().size(); b++) {
            View view = sight.views().get(b);
            told.opened(
                    "θ",
                    view.name() + ", full angle at −3 dB",
                    Math.toDegrees(view.cone().fullRad()),
                    Unit.DEGREE,
                    BeamWorking.of(transducer, index, b, sight));
        }
        told.remark(
                sight.inUse().isEmpty() && sight.views().size() > 1
                        ? "Wide down to 15 m, narrow below, as is common practice."
                        : "One beam for every depth.");
        told.step("", "blind zone under the transducer: its face still rings", sight.blindTopM(), Unit.METRE);
        sight.live().ifPresent(fan -> live(told, transducer, index, sight, fan));
        double[] depths = {
            sight.water().leastM(), sight.water().mostM(), sight.water().typicalM()
        };
        for (double depth : depths) {
            told.step("h", "bottom below the face", sight.belowFaceM(depth), Unit.DEPTH)
                    .step("", "what is seen lies off the point below by", sight.offsetM(depth), Unit.METRE)
                    .step("", "hidden above the bottom, where most is", sight.hiddenM(depth), Unit.METRE)
                    .result(
                            "d",
                            (sight.slopeRad() > 0 ? "seen along the slope, with the " : "seen of the bottom, with the ")
                                    + sight.at(depth).name(),
                            sight.footprintM(depth),
                            Unit.METRE);
        }
    }

    private static void live(Working.Builder told, Transducer transducer, int index, Sight sight, Fan fan) {
        double typical = sight.belowFaceM(sight.water().typicalM());
        told.remark("Its live fan looks {}.", transducer.look().words())
                .figure(
                        "",
                        "built-in tilt of the head",
                        transducer.tiltDeg(),
                        Unit.DEGREE,
                        Pointer.transducer(index, "tiltDeg"))
                .figure("", "lean of its pole", transducer.leanDeg(), Unit.DEGREE, Pointer.transducer(index, "leanDeg"))
                .step("R", "range it is looked at", fan.rangeM(typical), Unit.METRE)
                .step(
                        fan.look() == Look.ON_SIDE ? "2·R·sin(θ/2)" : "2·R·tan(θ/2)",
                        fan.look() == Look.ON_SIDE ? "from one edge of its arc to the other" : "wide across there",
                        fan.acrossM(fan.rangeM(typical)),
                        Unit.METRE);
        if (fan.look() == Look.DOWN) {
            CrossedFans crossed = new CrossedFans(fan.acrossRad(), Math.PI / 2);
            told.step(
                    "", "a second one crossed over it shares a square that wide", crossed.widthM(typical), Unit.METRE);
            if (fan.tiltRad() > 0) {
                told.step("", "its middle lies ahead of the hole by", fan.aheadM(typical), Unit.METRE)
                        .remark("Fish on the side the head is tilted to.");
            }
        }
        switch (transducer.handle()) {
            case ALONG -> told.remark("Point the handle at the fish.");
            case OPPOSITE -> told.remark("Point the handle away from the fish.");
            case UNMARKED -> told.remark("Nothing says yet how its handle points.");
        }
    }
}
