package app.brightkeel.core.review.transducer;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.transducer.LiveChanges;
import app.brightkeel.core.rig.Figure;
import app.brightkeel.core.rig.Look;
import app.brightkeel.core.rig.Transducer;
import java.util.stream.Stream;

/** A pole in down view stands upright: leaning, it shows the bottom beside the lure (h · tan of the lean, geometry). */
final class PoleLeans implements Rule {

    /** A pole leans so far by itself; common practice, no source [°]. */
    private static final double LEANS_DEG = 5;

    @Override
    public Identity identity() {
        return new Identity("transducer.pole-leans", Link.TRANSDUCER, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        Figure typical = line.rig().outing().water().typicalM();
        WorstOf worst = new WorstOf();
        for (Transducer transducer : line.rig().transducers()) {
            if (transducer.live()
                    && transducer.look() == Look.DOWN
                    && transducer.mount().kind().pole()
                    && transducer.leanDeg().isSet()
                    && typical.isSet()) {
                double lean = transducer.leanDeg().value();
                worst.add(
                        WorstOf.within(lean, LEANS_DEG),
                        "The pole of the {} leans {}: at {} it looks at the bottom {} off the spot under it, and misses the lure there.",
                        transducer.name(),
                        new Amount(lean, Unit.DEGREE),
                        new Amount(typical.value(), Unit.DEPTH),
                        new Amount(typical.value() * Math.tan(Math.toRadians(lean)), Unit.METRE));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return LiveChanges.upright(line);
    }
}
