package app.brightkeel.core.review.carry;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.HoldingChanges;
import app.brightkeel.core.rig.Held;
import app.brightkeel.core.rig.Pack;
import app.brightkeel.core.rig.Placement;
import app.brightkeel.core.rig.Rig;
import app.brightkeel.core.rig.Size;
import java.util.stream.Stream;

/** A slot, bracket or pouch holds the battery that was tried in it; another one is tried before it is counted on. */
final class NotTried implements Rule {

    /** By so much batteries of one size differ [m]; common practice, no source. */
    private static final double SAME_M = 0.002;

    @Override
    public Identity identity() {
        return new Identity("carry.not-tried", Link.CARRY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Rig rig = line.rig();
        WorstOf worst = new WorstOf();
        for (Pack pack : rig.harness().packs()) {
            Held held = rig.placeOf(pack.id()).map(Placement::held).orElse(Held.UNKNOWN);
            if (held.how().walls() && held.tried().known() && pack.size().known()) {
                worst.add(
                        alike(held.tried(), pack.size()) ? 1 : 0,
                        "What holds the {} is known to hold one of {} × {} × {}: this one was not tried in it.",
                        pack.name(),
                        millimetres(held.tried().deepM().value()),
                        millimetres(held.tried().wideM().value()),
                        millimetres(held.tried().tallM().value()));
            }
        }
        return worst.judgement();
    }

    private static Amount millimetres(double metres) {
        return new Amount(metres, Unit.MILLIMETRE);
    }

    private static boolean alike(Size one, Size other) {
        return Math.abs(one.deepM().value() - other.deepM().value()) <= SAME_M
                && Math.abs(one.wideM().value() - other.wideM().value()) <= SAME_M
                && Math.abs(one.tallM().value() - other.tallM().value()) <= SAME_M;
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(HoldingChanges.tried(line), HoldingChanges.held(line));
    }
}
