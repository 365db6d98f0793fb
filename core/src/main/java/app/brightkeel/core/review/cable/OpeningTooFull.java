package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.Worst;
import app.brightkeel.core.route.RouteStage;
import app.brightkeel.core.route.Routes;
import app.brightkeel.core.route.Shared;
import java.util.stream.Stream;

/** All cables go through an opening together, not only each by itself. */
final class OpeningTooFull implements Rule {

    @Override
    public Head head() {
        return new Head("cable.opening-too-full", Link.CABLE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Routes> routes = line.get(RouteStage.STAGE);
        if (!routes.isKnown()) {
            return SILENT;
        }
        Worst worst = new Worst();
        for (Shared shared : Shared.of(routes.value())) {
            double clear = shared.passage().openingM().value();
            worst.add(
                    Worst.within(shared.circleM(), clear),
                    "{} cables through the {} fill a circle of {}; it is {} wide.",
                    shared.cables(),
                    shared.passage().name(),
                    new Amount(shared.circleM(), Unit.MILLIMETRE),
                    new Amount(clear, Unit.MILLIMETRE));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CableChanges.soundWays(line);
    }
}
