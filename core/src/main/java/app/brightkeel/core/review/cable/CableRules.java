package app.brightkeel.core.review.cable;

import app.brightkeel.core.review.Link;
import app.brightkeel.core.review.Rule;
import app.brightkeel.core.review.StageKnown;
import app.brightkeel.core.route.RouteStage;
import java.util.List;

/** The rules of the Cable link. */
public final class CableRules {

    public static final List<Rule> ALL = List.of(
            new StageKnown("cable.incomplete", Link.CABLE, RouteStage.STAGE),
            new WayBroken(),
            new TooShort(),
            new ShorterThanWay(),
            new PlugDoesNotPass(),
            new OpeningTooFull(),
            new HoleBelowWaterline(),
            new CrossesMovingParts(),
            new NoServiceLoop(),
            new StrainRelief(),
            new SharpRim(),
            new BoughtTooLong(),
            new NoDripLoop(),
            new CoilLiesBadly(),
            new HoleTooSmall(),
            new HoleTooWide(),
            new HoleLargerThanPart(),
            new BackNotReached(),
            new TooManyForFitting(),
            new HoleLeftOpen(),
            new PassThroughsShort(),
            new PinNotTaken(),
            new OpeningOrder(),
            new DrillingSchool());

    private CableRules() {}
}
