package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.route.LaidCable;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** No hole below the waterline unless the person has chosen so. */
final class HoleBelowWaterline implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.hole-below-waterline", Link.CABLE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Routes> routes = line.get(RouteStage.STAGE);
        if (!routes.isKnown()) {
            return SILENT;
        }
        boolean chosen = line.rig().schools().drilling() == Schools.Drilling.BELOW_WATERLINE;
        WorstOf worst = new WorstOf();
        for (LaidCable laid : routes.value().all()) {
            for (Passage leg : laid.drilled()) {
                worst.add(
                        leg.belowWaterline() && !chosen ? -1 : 1,
                        "{} is a hole below the waterline that nobody asked for.",
                        leg.name());
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }
}
