package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Boarded;
import app.brightkeel.core.enclosure.CutList;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoardChanges;
import app.brightkeel.core.rig.BoardPart;
import app.brightkeel.core.rig.Boards;
import java.util.stream.Stream;

/** Every part comes out of a board. */
final class PartTooLarge implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.part-too-large", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Boards> known = line.get(Boarded.STAGE);
        WorstOf worst = new WorstOf();
        if (known.isKnown()) {
            known.value().parts().forEach(part -> measure(known.value(), part, worst));
        }
        return worst.judgement();
    }

    private static void measure(Boards boards, BoardPart part, WorstOf worst) {
        double length = part.lengthM().value();
        double wide = part.wideM().value();
        boolean fits = CutList.comesOut(boards, part);
        double over = Math.max(
                length - boards.stockLengthM().value(),
                wide - boards.stockWideM().value());
        worst.add(
                fits ? 1 : -Math.max(over, 0.001) / length,
                "The {} is {} × {}, and comes out of no board of {} × {}.",
                part.name(),
                new Amount(length, Unit.MILLIMETRE),
                new Amount(wide, Unit.MILLIMETRE),
                new Amount(boards.stockLengthM().value(), Unit.METRE),
                new Amount(boards.stockWideM().value(), Unit.MILLIMETRE));
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BoardChanges.fitting(line);
    }
}
