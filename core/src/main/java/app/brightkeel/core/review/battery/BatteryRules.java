package app.brightkeel.core.review.battery;

import app.brightkeel.core.review.Rule;
import java.util.List;

/** The rules of the Battery link. */
public final class BatteryRules {

    public static final List<Rule> ALL = List.of(
            new Incomplete(),
            new HoursShort(),
            new DischargeLimit(),
            new StartsEngine(),
            new TooFewVolts(),
            new TooCold(),
            new MassImplausible(),
            new MixedParallel(),
            new SeriesMixed(),
            new JoinedApart(),
            new VoltsImplausible(),
            new CellsDoNotAdd(),
            new Worn(),
            new AlternativeShort(),
            new ChargerOther(),
            new ChargedTooFast(),
            new ChargedInTheCold(),
            new ChargedThroughFuse(),
            new StandsEmpty(),
            new UnlikeAge(),
            new SecondHand(),
            new StoredBadly(),
            new OverBudget(),
            new StaysAboard());

    private BatteryRules() {}
}
