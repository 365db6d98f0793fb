package app.brightkeel.core.review.fuse;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.protection.Protection;
import app.brightkeel.core.protection.ProtectionState;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.FuseTables;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.fuse.FuseChanges;
import java.util.stream.Stream;

/** The fuse carries everything behind it at the lowest permitted volts, loaded to at most 80 % of its rating. */
final class OpensInUse implements Rule {

    @Override
    public Identity identity() {
        return new Identity("fuse.opens-in-use", Link.FUSE, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        return WorstOf.of(line.get(Protection.STAGE).map(ProtectionState::fuses), (worst, duty) -> {
            worst.add(
                    COMFORTABLE * (1 - duty.loadA() / duty.ratingA()) / (1 - FuseTables.LOAD_SHARE),
                    "The {} is {}; all on at the lowest volts is {}, so it may open in use.",
                    duty.name(),
                    new Amount(duty.ratingA(), Unit.RATING),
                    new Amount(duty.loadA(), Unit.AMPERE));
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FuseChanges.rate(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "No rating carries that and is allowed by wire and maker: a thicker wire, a lead of its own, or look up again what it draws.");
    }
}
