package app.brightkeel.core.review.carry;

import app.brightkeel.core.enclosure.Boarded;
import app.brightkeel.core.enclosure.FitStage;
import app.brightkeel.core.layout.CarryStage;
import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import java.util.List;

/** The rules of the Carry link. */
public final class CarryRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("carry.incomplete", Link.CARRY, CarryStage.STAGE),
            new StageKnown("carry.fit.incomplete", Link.CARRY, FitStage.STAGE),
            new StageKnown("carry.boards.incomplete", Link.CARRY, Boarded.STAGE),
            new TooLittleRoom(),
            new LiesOnSide(),
            new GasShutIn(),
            new HeatShutIn(),
            new PartTooLarge(),
            new MakesNoBox(),
            new NoLevel(),
            new DeckUnder(),
            new WetStation(),
            new NoSideToReEnter(),
            new TipsOver(),
            new HangsOver(),
            new TooTender(),
            new GoesOver(),
            new Heels(),
            new Trims(),
            new HeldBadly(),
            new NotTried(),
            new PocketUnknown(),
            new PocketTooSmall(),
            new PocketsTooMany(),
            new LidMeets(),
            new NoLongerTight(),
            new BoxInTheWay(),
            new BeyondWell(),
            new NoDrain(),
            new BoxUntethered(),
            new FastenerShort(),
            new FastenerTooLong(),
            new FastenerBack(),
            new FastenerUnbacked(),
            new StationFar(),
            new ScreenSchool());

    private CarryRules() {}
}
