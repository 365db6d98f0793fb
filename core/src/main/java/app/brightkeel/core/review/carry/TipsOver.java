package app.brightkeel.core.review.carry;

import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.layout.Tip;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.Optional;
import java.util.stream.Stream;

/** A box on the ice stands with its screen hanging out. */
final class TipsOver implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.tips-over", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Optional<Tip> known = CarryStage.tip(line);
        if (known.isEmpty()) {
            return SILENT;
        }
        Tip tip = known.get();
        return Rule.measured(
                Math.min(1, COMFORTABLE * (tip.margin() - 1) / (Tip.WANTED - 1)),
                "About its {} edge what holds it down is {} times what tips it; {} of ballast at the far edge make it {}.",
                tip.side(),
                new Amount(tip.margin(), Unit.TIMES),
                new Amount(tip.ballastKg(Tip.WANTED), Unit.KILOGRAM),
                new Amount(Tip.WANTED, Unit.TIMES));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.steadier(line);
    }
}
