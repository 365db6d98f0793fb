package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.BoxOfParts;
import app.brightkeel.core.enclosure.BoxOfParts.Misfit;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.BoardChanges;
import app.brightkeel.core.rig.Boards;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Floor, sides, ends and lid of a box go together at the thickness of the boards, and its hook over the wall. */
final class MakesNoBox implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.makes-no-box", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Boards boards = line.rig().fitOut().boards();
        WorstOf worst = new WorstOf();
        for (Misfit misfit : misfits(boards)) {
            worst.add(
                    COMFORTABLE - misfit.offM(),
                    "The {} is {} × {}: to make a box with the other parts, of boards of {}, it wants {} × {}.",
                    misfit.part().name(),
                    new Amount(misfit.part().lengthM().value(), Unit.MILLIMETRE),
                    new Amount(misfit.part().wideM().value(), Unit.MILLIMETRE),
                    new Amount(boards.thickM().value(), Unit.FINE_MILLIMETRE),
                    new Amount(misfit.lengthM(), Unit.MILLIMETRE),
                    new Amount(misfit.wideM(), Unit.MILLIMETRE));
        }
        BoxOfParts.spacer(boards)
                .ifPresent(spacer -> worst.add(
                        COMFORTABLE - spacer.offM(),
                        "The {} is {} wide: to hang over a wall of {} it wants {}.",
                        spacer.part().name(),
                        new Amount(spacer.part().wideM().value(), Unit.FINE_MILLIMETRE),
                        new Amount(boards.hangsOverM().value(), Unit.FINE_MILLIMETRE),
                        new Amount(spacer.wideM(), Unit.FINE_MILLIMETRE)));
        return worst.judgement();
    }

    private static List<Misfit> misfits(Boards boards) {
        return BoxOfParts.of(boards).map(BoxOfParts::misfits).orElse(List.of());
    }

    @Override
    public Stream<Change> cures(Line line) {
        Boards boards = line.rig().fitOut().boards();
        List<Misfit> all = new ArrayList<>(misfits(boards));
        BoxOfParts.spacer(boards).ifPresent(all::add);
        return BoardChanges.matching(line, all);
    }
}
