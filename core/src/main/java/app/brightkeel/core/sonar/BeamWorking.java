package app.brightkeel.core.sonar;

import app.brightkeel.core.line.Source;
import app.brightkeel.core.line.Working;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.rig.Beam;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Pointer;
import app.brightkeel.core.rig.Transducer;

/** Tells how one beam is planned with: its angle, its pulse, its reach in this water. */
final class BeamWorking {

    private static final Source ABSORPTION =
            Source.published("R. E. Francois and G. R. Garrison, J. Acoust. Soc. Am. 72 (1982) 1879");

    private BeamWorking() {}

    static Working of(Transducer transducer, int index, int b, Sight sight) {
        Beam beam = transducer.beams().get(b);
        View view = sight.views().get(b);
        String at = Pointer.transducer(index, "beams/" + b + "/");
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
                        at + "fullDeg");
        if (beam.shape() != BeamShape.CONE) {
            told.figure("", "the other way", beam.alongDeg(), Unit.DEGREE, at + "alongDeg");
        }
        if (beam.bandwidthKhz().isSet()) {
            told.figure("B", "width of its sweep", beam.bandwidthKhz(), Unit.KILOHERTZ, at + "bandwidthKhz");
        } else {
            told.remark("Sweep or length of the pulse is not known: what it adds to the hidden height is left out.");
        }
        told.step("c/(2·B)", "two marks so far apart are two", view.pulseM(), Unit.MILLIMETRE);
        view.reach()
                .ifPresentOrElse(
                        reach -> told.opened(
                                "r",
                                "reaches in this water",
                                reach.leastM(),
                                Unit.DEPTH,
                                reach(beam, at, sight, reach)),
                        () -> told.remark(
                                "Its rated depth or its frequency is not known: how deep it reaches is not said."));
        return told.result(
                        "θ", "full angle at −3 dB", Math.toDegrees(view.cone().fullRad()), Unit.DEGREE)
                .done();
    }

    private static Working reach(Beam beam, String at, Sight sight, Reach reach) {
        double kiloHertz = beam.kiloHertz().value();
        Working.Builder told = Working.of(
                        Text.of("How deep the {} reaches", beam.name()),
                        "40·log r + 2·α·r (fish), 20·log r + 2·α·r (bottom): as much as at the rated depth in fresh water of 15 °C",
                        ABSORPTION)
                .figure("", "rated depth", beam.ratedM(), Unit.DEPTH, at + "ratedM")
                .figure("f", "middle of its band", beam.kiloHertz(), Unit.KILOHERTZ, at + "kiloHertz")
                .step("α", "swallowed where it is rated", Reach.RATED_IN.decibelPerKm(kiloHertz), Unit.DECIBEL_PER_KM)
                .step(
                        "α",
                        "swallowed in this water",
                        SonarStage.absorption(sight.water()).decibelPerKm(kiloHertz),
                        Unit.DECIBEL_PER_KM);
        if (sight.face().throughHull()) {
            told.remark("Through the hull it keeps 0.6 of its rated depth; common practice, 0.5 to 0.7.");
        }
        return told.step("r", "for a fish", reach.fishM(), Unit.DEPTH)
                .step("r", "for keeping the bottom", reach.bottomM(), Unit.DEPTH)
                .step("0.8·r", "planned with", reach.plannedM(), Unit.DEPTH)
                .result("r", "the smaller of both", reach.leastM(), Unit.DEPTH)
                .done();
    }
}
