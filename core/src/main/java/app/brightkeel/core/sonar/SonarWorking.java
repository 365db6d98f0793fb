package app.brightkeel.core.sonar;

import app.brightkeel.core.craft.FaceStage;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Beam;
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
                    outcome.value().first().underM(),
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
                    beam(transducer, index, b, view));
        }
        told.remark(
                sight.inUse().isEmpty() && sight.views().size() > 1
                        ? "Wide down to 15 m, narrow below, as is common practice."
                        : "One beam for every depth.");
        double[] depths = {
            sight.water().leastM(), sight.water().mostM(), sight.water().typicalM()
        };
        for (double depth : depths) {
            told.step("h", "bottom below the face", sight.belowFaceM(depth), Unit.DEPTH)
                    .step("", "hidden above a flat bottom, at the beam's edge", sight.hiddenM(depth), Unit.METRE)
                    .result(
                            "d",
                            "seen of the bottom, with the " + sight.at(depth).name(),
                            sight.footprintM(depth),
                            Unit.METRE);
        }
    }

    private static Working beam(Transducer transducer, int index, int b, View view) {
        Beam beam = transducer.beams().get(b);
        boolean tenth = beam.quoted() == Beam.Quoted.TENTH_POWER;
        Working.Builder told = Working.of(
                        Text.of("{} of {}", beam.name(), transducer.name()),
                        tenth ? "sin(θ3/2) = 0.5918·sin(θ10/2)" : "θ as quoted at −3 dB",
                        tenth
                                ? Source.derived("pattern of a circular piston")
                                : Source.derived("the data sheet's own figure"))
                .figure(
                        "θ",
                        "angle as quoted, at " + beam.quoted().words(),
                        beam.fullDeg(),
                        Unit.DEGREE,
                        Pointer.transducer(index, "beams/" + b + "/fullDeg"));
        if (beam.bandwidthKhz().isSet()) {
            told.figure(
                    "B",
                    "width of its sweep",
                    beam.bandwidthKhz(),
                    Unit.KILOHERTZ,
                    Pointer.transducer(index, "beams/" + b + "/bandwidthKhz"));
        } else {
            told.remark("Sweep or length of the pulse is not known: what it adds to the hidden height is left out.");
        }
        return told.step("c/(2·B)", "two marks so far apart are two", view.pulseM(), Unit.MILLIMETRE)
                .result("θ", "full angle at −3 dB", Math.toDegrees(view.cone().fullRad()), Unit.DEGREE)
                .done();
    }
}
