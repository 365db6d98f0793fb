package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import java.util.stream.Stream;

/** Every fuse breaks at the volts of its battery: over higher ones the arc in it goes on burning. */
final class BreakingVolts implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.breaking-volts", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            worst.add(
                    WorstOf.within(duty.sourceV(), duty.breakingV()),
                    "The {} breaks at up to {}; full, what feeds it has {}: an arc in it would go on burning.",
                    duty.name(),
                    new Amount(duty.breakingV(), Unit.VOLT),
                    new Amount(duty.sourceV(), Unit.VOLT));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.form(line).stream();
    }
}
