package app.brightkeel.core.review.carry;

import app.brightkeel.core.fastening.Fastened;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.quantity.Worded;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.carry.FastenerChanges;
import app.brightkeel.core.rig.Fastener;
import java.util.stream.Stream;

/** A fastener ends in what it holds in, or in free space: not in a battery, a cable, or the bottom of an insert. */
final class FastenerTooLong implements Rule {

    @Override
    public Identity identity() {
        return new Identity("carry.fastener-too-long", Link.CARRY, Force.PHYSICS);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        line.rig()
                .fitOut()
                .fasteners()
                .forEach(fastener -> Fastened.of(fastener).ifPresent(ends -> judge(worst, fastener, ends)));
        return worst.judgement();
    }

    private static void judge(WorstOf worst, Fastener fastener, Fastened ends) {
        Amount out = new Amount(ends.outM(), Unit.FINE_MILLIMETRE);
        if (ends.bottoms()) {
            worst.add(
                    -1,
                    "{}: {} longer than the insert is deep: it meets the bottom before it clamps.",
                    Worded.capital(Worded.capital(fastener.name())),
                    out);
        } else if (ends.meets()) {
            worst.add(
                    -1,
                    "{}: {} come out behind, and {} are free there: into what lies behind.",
                    Worded.capital(Worded.capital(fastener.name())),
                    out,
                    new Amount(ends.freeM().orElse(0), Unit.FINE_MILLIMETRE));
        } else {
            worst.add(
                    ends.unseen() ? 0 : 1,
                    "{}: {} come out behind: look first what lies there, a battery or a cable.",
                    Worded.capital(Worded.capital(fastener.name())),
                    out);
        }
    }

    @Override
    public Stream<Change> cures(Line line) {
        return FastenerChanges.fitting(line);
    }

    @Override
    public Text byHand() {
        return Text.of(
                "Say what is free behind it, cut it and cap its end, or put a washer or a spacer under its head.");
    }
}
