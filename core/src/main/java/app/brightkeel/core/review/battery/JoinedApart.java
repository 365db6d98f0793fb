package app.brightkeel.core.review.battery;

import app.brightkeel.core.harness.Parallel;
import app.brightkeel.core.line.Line;
import app.brightkeel.core.line.Outcome;
import app.brightkeel.core.pack.PackModel;
import app.brightkeel.core.pack.Packs;
import app.brightkeel.core.quantity.Amount;
import app.brightkeel.core.quantity.Unit;
import app.brightkeel.core.review.Change;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.WorstOf;
import app.brightkeel.core.review.change.battery.BankChanges;
import app.brightkeel.core.rig.Pack;
import java.util.List;
import java.util.stream.Stream;

/** Packs are joined only when their rest volts are alike: 0.1 V for lead, 0.05 V for lithium; common practice, no source. */
final class JoinedApart implements Rule {

    /** Packs that are said to have no resistance at all still have some. */
    private static final double LEAST_OHM = 1e-6;

    private static final double LEAD_V = 0.1;
    private static final double LITHIUM_V = 0.05;

    @Override
    public Identity identity() {
        return new Identity("battery.joined-apart", Link.BATTERY, Force.SAFETY);
    }

    @Override
    public Judgement judge(Line line) {
        Outcome<Packs.Bank> bank = line.get(Packs.STAGE);
        List<Pack> joined = Parallel.joined(line.rig());
        WorstOf worst = new WorstOf();
        for (int i = 1; i < joined.size() && bank.isKnown(); i++) {
            PackModel first = bank.value().model(joined.get(0).id());
            PackModel other = bank.value().model(joined.get(i).id());
            double apart = Math.abs(first.restVolts(first.startCharge()) - other.restVolts(other.startCharge()));
            double limit = first.chemistry().lead() && other.chemistry().lead() ? LEAD_V : LITHIUM_V;
            double inner = Math.max(LEAST_OHM, first.ohm(first.startCharge()) + other.ohm(other.startCharge()));
            worst.add(
                    WorstOf.within(apart, limit),
                    "{} and {} rest {} apart: {} would flow from one to the other when they are joined.",
                    joined.get(0).name(),
                    joined.get(i).name(),
                    new Amount(apart, Unit.VOLT),
                    new Amount(apart / inner, Unit.AMPERE));
        }
        return worst.judgement();
    }

    @Override
    public Stream<Change> cures(Line line) {
        return BankChanges.chargedAlike(line);
    }
}
