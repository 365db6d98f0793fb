package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.TransducerChanges;
import app.brightkeel.core.rig.BeamShape;
import app.brightkeel.core.rig.Motion;
import app.brightkeel.core.sonar.Sight;
import app.brightkeel.core.sonar.SonarStage;
import app.brightkeel.core.sonar.SonarState;
import app.brightkeel.core.sonar.Suitability;
import java.util.stream.Stream;

/** A wide cone in deep water smears fish and bottom together. */
final class WideTooDeep implements Rule {

    @Override
    public Identity identity() {
        return new Identity("transducer.wide-too-deep", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<SonarState> sonar = line.get(SonarStage.STAGE);
        if (!sonar.isKnown() || underWay(line)) {
            return SILENT;
        }
        WorstOf worst = new WorstOf();
        for (Sight sight : sonar.value().sights()) {
            double depth = sight.water().mostM();
            double degrees = Math.toDegrees(sight.at(depth).cone().fullRad());
            worst.add(
                    sight.at(depth).shape() == BeamShape.CONE && degrees > Suitability.NARROW_TO_DEG
                            ? headroom(depth)
                            : 1,
                    "The {} sees {} of the bottom at {}: fish and bottom smear together. Take a narrow one from {} on.",
                    sight.at(depth).name(),
                    new Amount(sight.footprintM(depth), Unit.METRE),
                    new Amount(depth, Unit.DEPTH),
                    new Amount(Suitability.DEEP_M, Unit.DEPTH));
        }
        return worst.judgement();
    }

    private static double headroom(double depthM) {
        if (depthM <= Sight.SWITCH_M) {
            return COMFORTABLE + (1 - COMFORTABLE) * (1 - depthM / Sight.SWITCH_M);
        }
        return COMFORTABLE * (Suitability.DEEP_M - depthM) / (Suitability.DEEP_M - Sight.SWITCH_M);
    }

    /** Under way one searches, and a wide beam finds more. */
    private static boolean underWay(Line line) {
        Motion motion = line.rig().outing().water().motion();
        return motion == Motion.PADDLING || motion == Motion.TROLLING;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return TransducerChanges.all(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Read the bottom as a mean over that width, or fish shallower.");
    }
}
