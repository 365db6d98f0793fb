package app.brightkeel.core.review.battery;

import app.brightkeel.core.line.Line;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Text;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.reference.Chemistry;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.PackChanges;
import app.brightkeel.core.rig.Pack;
import java.util.stream.Stream;

/** The volts on a label fit its chemistry and its blocks. */
final class VoltsImplausible implements Rule {

    /** 12 or 12.8, 11.1 or 12: how far labels of one thing differ; common practice, no source. */
    private static final double TOLERATED = 1.2;

    @Override
    public Identity identity() {
        return new Identity("battery.volts-implausible", Link.BATTERY, Force.PRACTICE);
    }

    @Override
    public Judgement judge(Line line) {
        WorstOf worst = new WorstOf();
        for (Pack pack : line.rig().harness().packs()) {
            if (pack.chemistry() != Chemistry.UNDECIDED
                    && pack.label().nominalV().isSet()) {
                double usual = pack.chemistry().labelV() * pack.blocks();
                double labelled = pack.label().nominalV().value();
                worst.add(
                        WorstOf.within(Math.max(labelled / usual, usual / labelled), TOLERATED),
                        "{} is labelled {}; {} as entered stands at about {}.",
                        pack.name(),
                        new Amount(labelled, Unit.VOLT),
                        pack.chemistry().words(),
                        new Amount(usual, Unit.VOLT));
            }
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return PackChanges.byLabel(line);
    }

    @Override
    public Text byHand() {
        return Text.of("Read its label again, or measure it at rest.");
    }

    @Override
    public boolean doubts() {
        return true;
    }
}
