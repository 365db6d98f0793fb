package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.rig.Enclosure;
import app.brightkeel.core.rig.Exit;
import app.brightkeel.core.rig.Schools;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import java.util.List;
import java.util.stream.Stream;

/** What may be drilled is drilled, and no more. */
final class DrillingSchool implements Rule {

    @Override
    public Identity identity() {
        return new Identity("cable.school-drilling", Link.CABLE, Force.SCHOOL);
    }

    @Override
    public Judgement judge(Line line) {
        boolean mayNot = line.rig().schools().drilling() == Schools.Drilling.NO_DRILL;
        WorstOf worst = new WorstOf();
        line.get(RouteStage.STAGE)
                .map(Routes::all)
                .orElse(List.of())
                .forEach(laid -> laid.drilled()
                        .forEach(leg -> worst.add(
                                mayNot ? 0 : 1,
                                "The {} wants a hole, {}; you would rather not drill.",
                                laid.name(),
                                leg.name())));
        for (Enclosure box : line.rig().fitOut().boxes()) {
            for (Exit exit : box.exits()) {
                if (exit.cut()) {
                    worst.add(
                            mayNot ? 0 : 1,
                            "{} is drilled into the {}; you would rather not drill.",
                            exit.name(),
                            box.name());
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }

    @Override
    public Text byHand() {
        return Text.of("A box that comes with its openings, or cables over its rim.");
    }
}
