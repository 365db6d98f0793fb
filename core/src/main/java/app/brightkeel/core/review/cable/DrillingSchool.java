package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.rig.Passage;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.stream.Stream;

/** What may be drilled is drilled, and no more. */
final class DrillingSchool implements Rule {

    @Override
    public Head head() {
        return new Head("cable.school-drilling", Link.CABLE, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        return Worst.of(line.get(RouteStage.STAGE).map(Routes::all), (worst, laid) -> {
            for (Passage leg : laid.drilled()) {
                worst.add(
                        line.rig().schools().drilling() == Schools.Drilling.NO_DRILL ? 0 : 1,
                        "The {} wants a hole, {}; you would rather not drill.",
                        laid.name(),
                        leg.name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }
}
