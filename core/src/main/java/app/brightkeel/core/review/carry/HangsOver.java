package app.brightkeel.core.review.carry;

import app.brightkeel.core.layout.Hang;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Effort;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.change.carry.CarryChanges;
import app.brightkeel.core.rig.Bail;
import app.brightkeel.core.rig.Craft;
import java.util.Optional;
import java.util.stream.Stream;

/** Lifted by its bail a bucket hangs straight enough to be carried: the bail runs along the line of the heavy parts. */
final class HangsOver implements Rule {

    /** Hanging over that passes, and from which things fall out; common practice, no source [°]. */
    private static final double EASY_DEG = 10;

    private static final double MOST_DEG = 30;

    @Override
    public Identity identity() {
        return new Identity("carry.hangs-over", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        Optional<Hang> hang = Hang.of(line);
        if (hang.isEmpty()) {
            return SILENT;
        }
        double over = Math.toDegrees(hang.get().overRad());
        return hang.get().belowM() <= 0
                ? Rule.measured(-1, "Lifted by its bail it turns over: its weight lies above the ends of the bail.")
                : Rule.measured(
                        Math.min(1, COMFORTABLE * (MOST_DEG - over) / (MOST_DEG - EASY_DEG)),
                        "Lifted by its bail, {}, it hangs {} over: its weight lies {} beside the bail. Run it along the heavy "
                                + "parts, or fold them in first.",
                        line.rig().craft().bail().words(),
                        new Amount(over, Unit.DEGREE),
                        new Amount(hang.get().besideM(), Unit.MILLIMETRE));
    }

    @Override
    public Stream<Change> cures(Line line) {
        Craft craft = line.entered().craft();
        Bail other = craft.bail() == Bail.ALONG ? Bail.ACROSS : Bail.ALONG;
        Change turned = new Change(
                "carry.bail." + (other == Bail.ALONG ? "along" : "across"),
                Text.of("Set things up a quarter round: the bail then runs {}", other.words()),
                Effort.MOVE,
                line.entered().withCraft(craft.withBail(other)));
        return Stream.concat(Stream.of(turned), CarryChanges.steadier(line));
    }

    @Override
    public Text byHand() {
        return Text.of("Take off what hangs out, or carry it by its rim.");
    }
}
