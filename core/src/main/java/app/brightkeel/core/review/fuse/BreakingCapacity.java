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

/** The first fuse can break the most the battery gives into a dead short. */
final class BreakingCapacity implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.breaking-capacity", Link.FUSE, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            if (duty.place().first()) {
                worst.add(
                        1 - duty.breaksA() / duty.breakingA(),
                        "A dead short draws {}; the {} breaks {}.",
                        new Amount(duty.breaksA(), Unit.AMPERE),
                        duty.name(),
                        new Amount(duty.breakingA(), Unit.AMPERE));
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.form(line).stream();
    }
}
