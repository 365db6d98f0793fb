package app.brightkeel.core.review.mount;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.mount.Clearance;
import app.brightkeel.core.mount.Clearances;
import app.brightkeel.core.mount.MountStage;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.mount.MountChanges;
import java.util.stream.Stream;

/** It survives the beach: it comes up, or hardly stands proud. */
final class ProudOnBeach implements Rule {

    @Override
    public Identity identity() {
        return new Identity("mount.proud-on-beach", Link.MOUNT, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(MountStage.STAGE).map(Clearances::all), (worst, each) -> {
            if (!each.held().face().mount().retracts() && each.held().proudM() > 0) {
                worst.add(
                        WorstOf.within(each.held().proudM(), Clearance.PROUD_M),
                        "The {} stands {} proud of the hull and does not come up: mind the beach.",
                        each.held().name(),
                        new Amount(each.held().proudM(), Unit.MILLIMETRE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return MountChanges.raised(line);
    }
}
