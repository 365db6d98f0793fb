package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.route.Laid;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** What may be drilled is drilled, and no more. */
final class DrillingSchool implements Rule {

    @Override
    public String id() {
        return "cable.school-drilling";
    }

    @Override
    public Link link() {
        return Link.CABLE;
    }

    @Override
    public Force force() {
        return Force.SCHOOL;
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Routes> routes = line.get(RouteStage.STAGE);
        if (!routes.isKnown()) {
            return SILENT;
        }
        Worst worst = new Worst();
        for (Laid laid : routes.value().all()) {
            for (Passage leg : laid.drilled()) {
                worst.add(
                        line.rig().schools().drilling() == Schools.Drilling.NO_DRILL ? 0 : 1,
                        "The {} wants a hole, {}; you would rather not drill.",
                        laid.name(),
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
