package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.ChargerChanges;
import app.brightkeel.core.rig.Charger;
import app.brightkeel.core.rig.Fitting;
import app.brightkeel.core.rig.Segment;
import java.util.stream.Stream;

/** A charger joined behind a fuse sends its current through it. */
final class ChargedThroughFuse implements Rule {

    /** Share of its rating that a fuse carries for hours; common practice, no source. */
    private static final double CONTINUOUS = 0.8;

    @Override
    public Identity identity() {
        return new Identity("battery.charged-through-fuse", Link.BATTERY, Force.MAKER);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Charger charger : line.rig().chargers()) {
            if (charger.via().isEmpty() || !charger.amps().isSet()) {
                continue;
            }
            Segment lead = line.rig().harness().segment(charger.via());
            for (Fitting fitting : lead.fittings()) {
                if (fitting instanceof Fitting.Fuse fuse && fuse.ratingA().isSet()) {
                    worst.add(
                            WorstOf.within(
                                    charger.amps().value(),
                                    CONTINUOUS * fuse.ratingA().value()),
                            "The {} sends {} through the {} of {}.",
                            charger.name(),
                            new Amount(charger.amps().value(), Unit.AMPERE),
                            fuse.name(),
                            new Amount(fuse.ratingA().value(), Unit.RATING));
                }
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return Stream.concat(ChargerChanges.slower(line), ChargerChanges.atTerminals(line));
    }
}
