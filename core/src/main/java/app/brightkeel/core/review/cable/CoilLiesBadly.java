package app.brightkeel.core.review.cable;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.cable.CableChanges;
import app.brightkeel.core.review.change.cable.LooseEnds;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.route.Coil;
import java.util.stream.Stream;

/** What is left over of a lead is coiled at a dry place, away from the supply. */
final class CoilLiesBadly implements Rule {

    private static final double BAD = 0.1;

    @Override
    public Identity identity() {
        return new Identity("cable.coil", Link.CABLE, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        if (line.rig().craft().kind().onIce()) {
            return SILENT;
        }
        return WorstOf.of(Coil.of(line), (worst, coil) -> {
            Amount length = new Amount(coil.lengthM(), Unit.METRE);
            if (coil.at().isEmpty()) {
                worst.add(
                        BAD,
                        "{} of the {} are left over, and no dry place on its way takes the coil.",
                        length,
                        coil.laid().name());
            } else {
                worst.add(
                        coil.well() ? 1 : BAD,
                        coil.dry()
                                ? "{} of the {} are coiled at the {}, where a supply wire passes."
                                : "{} of the {} are coiled at the {}, where it gets wet.",
                        length,
                        coil.laid().name(),
                        coil.at().get().name());
            }
        });
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.of(
                        LooseEnds.coiled(line),
                        LooseEnds.bagged(line),
                        CableChanges.shorter(line),
                        CableChanges.soundWays(line),
                        CarryChanges.displays(line))
                .flatMap(each -> each);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "Coil it in a dry bag or a box of its own at the driest place it passes, in a figure of eight, and say so on the craft.");
    }
}
