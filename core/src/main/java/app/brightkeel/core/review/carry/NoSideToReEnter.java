package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.reach.SeatStage;
import app.brightkeel.core.reach.Seated;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import java.util.stream.Stream;

/** One side beside the seat stays free, to climb in again after a capsize. */
final class NoSideToReEnter implements Rule {

    /** Room to each end of the seat that is climbed over; common practice, no source [m]. */
    private static final double NEAR_M = 0.6;

    @Override
    public Identity identity() {
        return new Identity("carry.no-side-to-re-enter", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Seated> outcome = line.get(SeatStage.STAGE);
        if (!outcome.isKnown() || outcome.value().things().isEmpty()) {
            return SILENT;
        }
        Seated seated = outcome.value();
        String left = beside(seated, -1);
        String right = beside(seated, 1);
        return left.isEmpty() || right.isEmpty()
                ? Rule.measured(1, "One side of the seat is free to climb in again.")
                : Rule.measured(
                        0,
                        "The {} stands left of the seat and the {} right of it: no side is free to climb in again.",
                        left,
                        right);
    }

    private static String beside(Seated seated, int side) {
        return seated.things().stream()
                .filter(each -> each.side() == side && Math.abs(each.thing().xM() - seated.seatM()) < NEAR_M)
                .map(each -> each.thing().name())
                .findFirst()
                .orElse("");
    }

    @Override
    public Stream<Change> cures(Line line) {
        return CarryChanges.places(line);
    }
}
